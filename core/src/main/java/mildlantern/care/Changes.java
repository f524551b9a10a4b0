package mildlantern.care;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.Need.Standing;
import mildlantern.message.Message;
import mildlantern.nutrition.FedSoFar;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.Waters;
import mildlantern.place.Moves;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Range;

/** Weighs what could be changed for a plant, by what it would gain, what it costs, and what it does to its neighbours. */
public final class Changes {
    private final CareKnowledge knowledge;
    private final Needs needs;
    private final Waters waters;
    private final FeedPlan feeds;
    private final Moves moves;
    private final Range feedDays;
    private final Weighing weighing;
    private final Appliances appliances;

    /**
     * @param feedDays days from and by when after the last one a plant is fed at its roots
     */
    public Changes(CareKnowledge knowledge, Needs needs, Waters waters, FeedPlan feeds, Moves moves, Range feedDays) {
        this.knowledge = knowledge;
        this.needs = needs;
        this.waters = waters;
        this.feeds = feeds;
        this.moves = moves;
        this.feedDays = feedDays;
        this.weighing = new Weighing(knowledge, needs);
        this.appliances = new Appliances(knowledge, weighing);
    }

    /**
     * A plant at a stop.
     *
     * @param wants what it wants at its time of the year
     */
    public record Resident(PlantId id, String name, Profile profile, Wants wants) {}

    /** All needs of the plant where it stands. */
    public List<Need> needs(Subject subject) {
        return needs.of(
                subject.plant().profile(),
                subject.plant().wants(),
                subject.here().gives(),
                subject.pot());
    }

    /** Stops for a plant, the best first; its own is among them. */
    public List<SuitsAt> places(Subject subject, List<Spot> spots) {
        return spots.stream()
                .filter(spot ->
                        !spot.alone() && spot.dryEnoughFor(subject.plant().profile())
                                || spot.id().equals(subject.here().id()))
                .map(spot -> suits(subject, spot))
                .filter(suits -> suits.needs().size() >= 2)
                .sorted(Comparator.comparingDouble(SuitsAt::missed))
                .toList();
    }

    private SuitsAt suits(Subject subject, Spot spot) {
        List<Need> there = needs.ofStop(subject.plant().wants(), spot.gives());
        boolean moving = !spot.id().equals(subject.here().id());
        return new SuitsAt(
                spot,
                there,
                Needs.missed(there),
                moving && spot.full()
                        ? spot.standing().stream()
                                .max(Comparator.comparingDouble(
                                        other -> Needs.missed(needs.ofStop(other.wants(), spot.gives()))))
                                .map(Resident::name)
                        : Optional.empty());
    }

    /**
     * What would help, the most worth first.
     *
     * @param outside temperature and humidity outdoors, for a humidifier's work
     * @param lightHours hours of daylight now
     * @param experience what such changes did here
     */
    public List<Change> weigh(
            Subject subject, List<Spot> spots, Outside outside, double lightHours, Experience experience) {
        List<Need> now = needs(subject);
        List<Change> changes = new ArrayList<>();
        if (!subject.moveHeld()) {
            changes.addAll(moves(subject, spots, now));
        }
        for (Need need : now) {
            if (need.standing() == Standing.FITS) {
                continue;
            }
            switch (need.kind()) {
                case LIGHT -> appliances.lamp(subject, need, lightHours).ifPresent(changes::add);
                case HUMIDITY -> appliances.humidifier(subject, need, outside).ifPresent(changes::add);
                case WATER -> water(subject, need).ifPresent(changes::add);
                case FOOD -> feed(subject, need).ifPresent(changes::add);
                case SALTS -> changes.add(flush(need));
                case WATERING -> changes.add(rhythm(subject, need));
                default -> {
                    // Warmth is answered by another stop.
                }
            }
        }
        String kind = subject.plant().profile().id();
        return changes.stream()
                .map(change -> change.learned(experience.factor(
                        kind,
                        change.kind(),
                        change.stop().or(() -> Optional.of(subject.here().id())))))
                .filter(change -> change.gain() >= knowledge.worth && change.worth() > 0)
                .sorted(Comparator.comparingDouble(Change::worth).reversed())
                .toList();
    }

    /** Weather outdoors. */
    public record Outside(double celsius, double humidity) {}

    private List<Change> moves(Subject subject, List<Spot> spots, List<Need> now) {
        List<Need> here = now.stream().filter(need -> need.kind().ofStop()).toList();
        List<Change> changes = new ArrayList<>();
        for (SuitsAt there : places(subject, spots)) {
            Spot spot = there.spot();
            // A stop of which less is known only seems better.
            if (spot.id().equals(subject.here().id()) || there.needs().size() < here.size()) {
                continue;
            }
            double gain = Needs.missed(here) - there.missed();
            boolean steps = subject.here().gives().bySteps(spot.gives(), moves);
            double effort = knowledge.effortOfMove(steps, there.displaces().isPresent());
            changes.add(new Change(
                    Change.Kind.MOVE,
                    (steps ? ChangeSays.MOVE_BY_STEPS : ChangeSays.MOVE).with(spot.name()),
                    compared(here, there.needs()),
                    there.displaces()
                            .map(ChangeSays.FULL_STOP::with)
                            .orElse((steps ? ChangeSays.WEEKS_OF_STEPS : ChangeSays.ONE_CARRYING).with()),
                    gain,
                    0,
                    gain - effort,
                    bettered(here, there.needs()),
                    ChangeSays.NOTHING_FOR_OTHERS.with(),
                    Optional.of(spot.id())));
        }
        return changes;
    }

    private static Set<Need.Kind> bettered(List<Need> here, List<Need> there) {
        return here.stream()
                .filter(now ->
                        there.stream().anyMatch(other -> other.kind() == now.kind() && other.miss() < now.miss()))
                .map(Need::kind)
                .collect(Collectors.toUnmodifiableSet());
    }

    private static Message compared(List<Need> here, List<Need> there) {
        List<Message> parts = new ArrayList<>();
        for (Need now : here) {
            there.stream()
                    .filter(other -> other.kind() == now.kind() && Needs.noticed(Math.abs(other.miss() - now.miss())))
                    .findFirst()
                    .ifPresent(other -> parts.add(ChangeSays.INSTEAD.with(
                            now.kind(), figure(other), figure(now), now.kind().unit())));
        }
        return parts.isEmpty() ? ChangeSays.MUCH_THE_SAME.with() : ChangeSays.DIFFERS.with(parts);
    }

    private static double figure(Need need) {
        return Math.round(need.gets().value() * 10) / 10.0;
    }

    private Optional<Change> water(Subject subject, Need need) {
        double share = subject.water()
                .map(it -> waters.shareBorne(
                        subject.plant().profile(),
                        it,
                        waters.typical(WaterSource.RAIN),
                        subject.pot().widthCm()))
                .orElse(0.0);
        int percent = (int) Math.floor(share * 20) * 5;
        return Optional.of(weighing.change(
                Change.Kind.WATER,
                need,
                percent >= 10 ? ChangeSays.SOFTER_WATER_BLENDED.with(percent) : ChangeSays.SOFTER_WATER.with(),
                need.missed().orElseThrow(),
                ChangeSays.SOFTER_WATER_COSTS.with(),
                need.miss(),
                0));
    }

    private Optional<Change> feed(Subject subject, Need need) {
        if (subject.feedHeld()) {
            return Optional.empty();
        }
        return feeds.next(subject.plant().profile(), subject.plant().wants(), FedSoFar.NOTHING, feedDays)
                .map(next -> weighing.change(
                        Change.Kind.FEED,
                        need,
                        next.how(),
                        need.missed().orElseThrow(),
                        ChangeSays.FEED_EVERY.with(
                                next.days().low(), next.days().high()),
                        need.miss(),
                        0));
    }

    private Change flush(Need need) {
        return weighing.change(
                Change.Kind.FLUSH,
                need,
                ChangeSays.FLUSH.with(),
                need.missed().orElseThrow(),
                ChangeSays.FLUSH_COSTS.with(),
                need.miss(),
                0);
    }

    private Change rhythm(Subject subject, Need need) {
        double cycle = subject.pot().cycleDays().orElse(need.wanted().middle());
        return weighing.change(
                Change.Kind.RHYTHM,
                need,
                (subject.plant().profile().usualPot() == PotKind.MOUNT ? ChangeSays.RHYTHM_ON_WOOD : ChangeSays.RHYTHM)
                        .with(Math.round(cycle * 10) / 10.0),
                need.missed().orElseThrow(),
                (need.standing() == Standing.SHORT ? ChangeSays.LESS_WATER : ChangeSays.MORE_LOOKS).with(),
                need.miss(),
                0);
    }
}
