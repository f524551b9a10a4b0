package mildlantern.quarantine;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.message.MessageKey;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.place.BenchPlan;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;

/** The rules of standing alone and of contacts, from {@code quarantine.yaml}. */
public final class Quarantine {
    private static final Set<String> KEYS = Set.of(
            "least-days",
            "most-days",
            "touching-risk",
            "shelf-risk",
            "room-risk",
            "flying-room-risk",
            "settles-days",
            "ask-from",
            "flying",
            "medium-only",
            "carriers",
            "unseen",
            "clean",
            "clean-medium",
            "care");

    private final int leastDays;
    private final int mostDays;
    private final Map<Nearness, Double> risks;
    private final double flyingRoomRisk;
    private final double settlesDays;
    private final double askFrom;
    private final Set<DisorderId> flying;
    private final Set<DisorderId> mediumOnly;
    private final double carriers;
    private final int unseenDays;
    private final List<String> clean;
    private final String cleanMedium;
    private final Map<String, String> care = new LinkedHashMap<>();
    private final Pests pests;

    private Quarantine(Entry file, Pests pests) {
        file.allowOnly(KEYS);
        this.pests = pests;
        leastDays = (int) file.number("least-days", 14, 365);
        mostDays = (int) file.number("most-days", leastDays, 365);
        risks = Map.of(
                Nearness.TOUCHING, file.number("touching-risk", 0, 1),
                Nearness.SHELF, file.number("shelf-risk", 0, 1),
                Nearness.ROOM, file.number("room-risk", 0, 1));
        flyingRoomRisk = file.number("flying-room-risk", 0, 1);
        settlesDays = file.number("settles-days", 1, 365);
        askFrom = file.number("ask-from", 0, 1);
        flying = Set.copyOf(file.disorders("flying"));
        mediumOnly = Set.copyOf(file.disorders("medium-only"));
        carriers = file.number("carriers", 0, 1);
        unseenDays = (int) file.number("unseen", 1, 120);
        clean = file.words("clean");
        cleanMedium = file.text("clean-medium");
        file.at("care").children().forEach((what, line) -> care.put(what, line.text()));
    }

    /**
     * @param pests whose life tables tell how long a pest stays unseen
     * @throws KnowledgeException if the file is wrong; the message names the key
     */
    public static Quarantine load(Pests pests) {
        return new Quarantine(KnowledgeFiles.open("quarantine.yaml"), pests);
    }

    /**
     * How long a plant stands alone: 14 days from the last new find, or as long as the pest needs to grow up where it stands, because an egg
     * that was missed shows itself only then.
     *
     * @param lastFind the last new find, or the arrival
     * @param disorder what was found, if anything
     * @param celsius mean temperature where it stands, °C
     */
    public IsolationClock clock(LocalDate lastFind, Optional<DisorderId> disorder, double celsius) {
        Optional<LifeTable> pest = disorder.flatMap(pests::find);
        OptionalDouble grows = pest.isPresent() ? pest.get().daysToAdult(celsius) : OptionalDouble.empty();
        if (pest.isPresent() && grows.isEmpty()) {
            return new IsolationClock(lastFind, mostDays, AloneReason.COLD.with());
        }
        int days = (int) Math.ceil(grows.orElse(0));
        if (days > leastDays) {
            boolean capped = days > mostDays;
            return new IsolationClock(
                    lastFind,
                    Math.min(days, mostDays),
                    capped ? AloneReason.CAPPED.with() : AloneReason.GROWS_UP.with(days));
        }
        return new IsolationClock(lastFind, leastDays, AloneReason.USUAL.with());
    }

    /**
     * A stay of a plant at a place.
     *
     * @param plant its id
     * @param stop the place's id
     * @param from its first day there
     * @param until its last day there
     */
    public record Stay(PlantId plant, StopId stop, LocalDate from, LocalDate until) {}

    /**
     * Where a pot stands on the plan of its place now.
     *
     * @param xCm from the left, cm; yCm from the front, cm
     * @param radiusCm of the pot, cm
     */
    public record Spot(double xCm, double yCm, double radiusCm) {
        /** Whether leaves of the two usually touch: as the bench plan has it. */
        public boolean touches(Spot other) {
            return Math.hypot(xCm - other.xCm, yCm - other.yCm) <= BenchPlan.LEAF_REACH * (radiusCm + other.radiusCm);
        }
    }

    /** How near two plants stood. */
    public enum Nearness implements MessageKey {
        TOUCHING,
        SHELF,
        ROOM
    }

    /**
     * Ranks the plants that may have caught something.
     *
     * @param source the plant that has it
     * @param disorder what it has
     * @param since the day since which it can have been there
     * @param today the last day that counts
     * @param stays all stays of all plants that reach into that time
     * @param spots where pots stand now
     * @param touched plants that are known to have touched it before it was moved
     * @param hosts how usual a host each plant is; a plant that is missing is no usual host
     * @return the likeliest first; nobody with less than a chance in a thousand
     */
    public List<Contact> contacts(
            PlantId source,
            DisorderId disorder,
            LocalDate since,
            LocalDate today,
            List<Stay> stays,
            Map<PlantId, Spot> spots,
            Set<PlantId> touched,
            Set<PlantId> hosts) {
        Map<PlantId, Contact> found = new LinkedHashMap<>();
        List<Stay> own =
                stays.stream().filter(stay -> stay.plant().equals(source)).toList();
        for (Stay mine : own) {
            for (Stay theirs : stays) {
                if (!theirs.plant().equals(source)) {
                    together(mine, theirs, since, today)
                            .map(days -> contact(disorder, mine, theirs, days, spots, touched, hosts, today))
                            .ifPresent(one -> found.merge(one.plant(), one, Quarantine::joined));
                }
            }
        }
        List<Contact> ranked = new ArrayList<>(found.values());
        ranked.removeIf(one -> one.risk() < 0.001);
        ranked.sort(Comparator.comparingDouble(Contact::risk).reversed());
        return List.copyOf(ranked);
    }

    /** Days that something may have been there before it was found, where no pest clock tells. */
    public int unseenDays() {
        return unseenDays;
    }

    /** What is cleaned where a plant with something catching stood, a sentence each. */
    public List<String> cleaning(String plant, DisorderId disorder) {
        List<String> all = new ArrayList<>(
                clean.stream().map(line -> line.replace("{plant}", plant)).toList());
        if (mediumOnly.contains(disorder)) {
            all.add(cleanMedium);
        }
        return List.copyOf(all);
    }

    /**
     * A line for a care sheet after a course.
     *
     * @param what "feed-again" or "treated" for the plant itself, "near" for one that stood near
     * @throws IllegalArgumentException if the knowledge base has no such line
     */
    public String care(String what) {
        if (!care.containsKey(what)) {
            throw new IllegalArgumentException("quarantine.yaml has no care line '" + what + "'");
        }
        return care.getOrDefault(what, "");
    }

    /** Days that anything new or infested stands alone at least. */
    public int leastDays() {
        return leastDays;
    }

    /** Whether a plant is so likely to have caught it that a look of its own is asked for; for others the usual round is enough. */
    public boolean worthALook(Contact contact) {
        return contact.risk() >= askFrom;
    }

    private record Together(int days, LocalDate last) {}

    private static Optional<Together> together(Stay mine, Stay theirs, LocalDate since, LocalDate today) {
        LocalDate from = latest(latest(mine.from(), theirs.from()), since);
        LocalDate until = earliest(earliest(mine.until(), theirs.until()), today);
        return until.isBefore(from)
                ? Optional.empty()
                : Optional.of(new Together((int) ChronoUnit.DAYS.between(from, until) + 1, until));
    }

    private Contact contact(
            DisorderId disorder,
            Stay mine,
            Stay theirs,
            Together time,
            Map<PlantId, Spot> spots,
            Set<PlantId> touched,
            Set<PlantId> hosts,
            LocalDate today) {
        Nearness nearness = nearness(disorder, mine, theirs, spots, touched, today);
        double month = nearness == Nearness.ROOM && flying.contains(disorder)
                ? flyingRoomRisk
                : risks.getOrDefault(nearness, 0.0);
        double grown = -Math.expm1(-time.days() / settlesDays) / -Math.expm1(-30 / settlesDays);
        double risk = Math.min(0.99, month * grown) * (hosts.contains(theirs.plant()) ? 1 : carriers);
        return new Contact(theirs.plant(), nearness, time.days(), time.last(), risk);
    }

    /** The plan shows where pots stand now: of a stay that is over, touching is known only where it was noted. */
    private Nearness nearness(
            DisorderId disorder,
            Stay mine,
            Stay theirs,
            Map<PlantId, Spot> spots,
            Set<PlantId> touched,
            LocalDate today) {
        if (!mine.stop().equals(theirs.stop())) {
            return Nearness.ROOM;
        }
        Spot here = spots.get(mine.plant());
        Spot there = spots.get(theirs.plant());
        boolean still = !mine.until().isBefore(today) && !theirs.until().isBefore(today);
        boolean near =
                touched.contains(theirs.plant()) || (still && here != null && there != null && here.touches(there));
        return near && !mediumOnly.contains(disorder) ? Nearness.TOUCHING : Nearness.SHELF;
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
