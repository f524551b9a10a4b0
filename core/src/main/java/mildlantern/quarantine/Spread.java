package mildlantern.quarantine;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.Quarantine.Meeting;
import mildlantern.quarantine.Quarantine.Nearness;
import mildlantern.quarantine.Quarantine.Spot;
import mildlantern.quarantine.Quarantine.Stay;

/** How pests and diseases go from plant to plant: by leaves that touch, the shelf, the air of a room, draining water, and tools. */
final class Spread {
    private static final double MONTH = 30;

    private final Map<Nearness, Double> risks;
    private final Map<DisorderId, Double> roomRisks = new LinkedHashMap<>();
    private final double settlesDays;
    private final Set<DisorderId> byWater;
    private final Set<DisorderId> byTools;
    private final double carriers;

    Spread(Entry file) {
        risks = Map.of(
                Nearness.TOUCHING, file.number("touching-risk", 0, 1),
                Nearness.SHELF, file.number("shelf-risk", 0, 1),
                Nearness.TOOLS, file.number("tools-risk", 0, 1),
                Nearness.ROOM, file.number("room-risk", 0, 1));
        file.at("room-risk-of").children().forEach((id, risk) -> roomRisks.put(new DisorderId(id), risk.number(0, 1)));
        settlesDays = file.number("settles-days", 1, 365);
        byWater = Set.copyOf(file.disorders("by-water"));
        byTools = Set.copyOf(file.disorders("by-tools"));
        carriers = file.number("carriers", 0, 1);
    }

    boolean byWater(DisorderId disorder) {
        return byWater.contains(disorder);
    }

    boolean byTools(DisorderId disorder) {
        return byTools.contains(disorder);
    }

    Set<DisorderId> disorders() {
        Set<DisorderId> named = new LinkedHashSet<>(roomRisks.keySet());
        named.addAll(byWater);
        named.addAll(byTools);
        return named;
    }

    List<Contact> contacts(Meeting meeting) {
        Map<PlantId, Contact> found = new LinkedHashMap<>();
        List<Stay> own = meeting.stays().stream()
                .filter(stay -> stay.plant().equals(meeting.source()))
                .toList();
        for (Stay mine : own) {
            for (Stay theirs : meeting.stays()) {
                if (!theirs.plant().equals(meeting.source())) {
                    together(mine, theirs, meeting)
                            .flatMap(time -> contact(mine, theirs, time, meeting))
                            .ifPresent(one -> found.merge(one.plant(), one, Spread::joined));
                }
            }
        }
        if (byTools.contains(meeting.disorder())) {
            meeting.cut().stream()
                    .filter(plant -> !plant.equals(meeting.source()))
                    .map(plant -> new Contact(
                            plant,
                            Nearness.TOOLS,
                            1,
                            meeting.today(),
                            host(plant, meeting) * risks.getOrDefault(Nearness.TOOLS, 0.0)))
                    .forEach(one -> found.merge(one.plant(), one, Spread::joined));
        }
        List<Contact> ranked = new ArrayList<>(found.values());
        ranked.removeIf(one -> one.risk() < 0.001);
        ranked.sort(Comparator.comparingDouble(Contact::risk).reversed());
        return List.copyOf(ranked);
    }

    private record Together(int days, LocalDate last) {}

    private static Optional<Together> together(Stay mine, Stay theirs, Meeting meeting) {
        LocalDate from = latest(latest(mine.from(), theirs.from()), meeting.since());
        LocalDate until = earliest(earliest(mine.until(), theirs.until()), meeting.today());
        return until.isBefore(from)
                ? Optional.empty()
                : Optional.of(new Together((int) ChronoUnit.DAYS.between(from, until) + 1, until));
    }

    private Optional<Contact> contact(Stay mine, Stay theirs, Together time, Meeting meeting) {
        Nearness nearness = nearness(mine, theirs, meeting);
        boolean sameRoom = !mine.outdoors() && !theirs.outdoors() && !byWater.contains(meeting.disorder());
        if (nearness == Nearness.ROOM && !sameRoom) {
            return Optional.empty();
        }
        double month = nearness == Nearness.ROOM
                ? roomRisks.getOrDefault(meeting.disorder(), risks.getOrDefault(nearness, 0.0))
                : risks.getOrDefault(nearness, 0.0);
        double grown = -Math.expm1(-time.days() / settlesDays) / -Math.expm1(-MONTH / settlesDays);
        double risk = Math.min(0.99, month * grown) * host(theirs.plant(), meeting);
        return Optional.of(new Contact(theirs.plant(), nearness, time.days(), time.last(), risk));
    }

    private double host(PlantId plant, Meeting meeting) {
        return meeting.hosts().contains(plant) ? 1 : carriers;
    }

    /** The plan shows where pots stand now: of a stay that is over, touching is known only where it was noted. */
    private Nearness nearness(Stay mine, Stay theirs, Meeting meeting) {
        if (!mine.stop().equals(theirs.stop())) {
            return Nearness.ROOM;
        }
        Spot here = meeting.spots().get(mine.plant());
        Spot there = meeting.spots().get(theirs.plant());
        boolean still =
                !mine.until().isBefore(meeting.today()) && !theirs.until().isBefore(meeting.today());
        boolean near = meeting.touched().contains(theirs.plant())
                || (still && here != null && there != null && here.touches(there));
        return near && !byWater.contains(meeting.disorder()) ? Nearness.TOUCHING : Nearness.SHELF;
    }

    private static Contact joined(Contact one, Contact other) {
        Contact nearer = one.nearness().compareTo(other.nearness()) <= 0 ? one : other;
        return new Contact(
                one.plant(),
                nearer.nearness(),
                one.days() + other.days(),
                latest(one.last(), other.last()),
                1 - (1 - one.risk()) * (1 - other.risk()));
    }

    private static LocalDate latest(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }

    private static LocalDate earliest(LocalDate one, LocalDate other) {
        return one.isBefore(other) ? one : other;
    }
}
