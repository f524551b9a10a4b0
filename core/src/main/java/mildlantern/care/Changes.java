package mildlantern.care;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mildlantern.air.Air;
import mildlantern.care.Need.Standing;
import mildlantern.light.Photons;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.nutrition.Waters;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;

/** Weighs what could be changed for a plant, by what it would gain, what it costs, and what it does to its neighbours. */
public final class Changes {
    private static final double HOURS = 24;

    private final CareKnowledge knowledge;
    private final Needs needs;
    private final Waters waters;
    private final FeedPlan feeds;
    private final Moves moves;
    private final Range feedDays;

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
    }

    /**
     * A stop and who stands there.
     *
     * @param gives what it gives
     * @param standing the plants that stand there
     * @param full whether another pot finds no room
     * @param alone whether it is for plants that must stand alone; nothing is proposed there
     * @param glassCase whether it is a small glass case
     */
    public record Spot(
            StopId id,
            String name,
            Gives gives,
            List<Resident> standing,
            boolean full,
            boolean alone,
            boolean glassCase) {}

    /** A plant at a stop. */
    public record Resident(PlantId id, String name, Profile profile) {}

    /**
     * The plant in question.
     *
     * @param here where it stands
     * @param pot what its pot gives
     * @param water what its water holds, by the grower's own analysis where there is one
     * @param feedHeld whether it must not be fed now
     * @param moveHeld whether it must not be moved now
     */
    public record Subject(
            Resident plant,
            Spot here,
            PotGives pot,
            Optional<WaterAnalysis> water,
            boolean feedHeld,
            boolean moveHeld) {}

    /** A stop for a plant: what it would miss there. */
    public record Suits(Spot spot, List<Need> needs, double missed, Optional<String> displaces) {}

    /** All needs of the plant where it stands. */
    public List<Need> needs(Subject subject, Season season) {
        return needs.of(subject.plant().profile(), season, subject.here().gives(), subject.pot());
    }

    /** Stops for a plant, the best first; its own is among them. */
    public List<Suits> places(Subject subject, Season season, List<Spot> spots) {
        return spots.stream()
                .filter(spot -> !spot.alone() || spot.id().equals(subject.here().id()))
                .map(spot -> suits(subject, season, spot))
                .filter(suits -> suits.needs().size() >= 2)
                .sorted(Comparator.comparingDouble(Suits::missed))
                .toList();
    }

    private Suits suits(Subject subject, Season season, Spot spot) {
        List<Need> there = needs.ofStop(subject.plant().profile(), season, spot.gives());
        boolean moving = !spot.id().equals(subject.here().id());
        return new Suits(
                spot,
                there,
                Needs.missed(there),
                moving && spot.full()
                        ? spot.standing().stream()
                                .max(Comparator.comparingDouble(
                                        other -> Needs.missed(needs.ofStop(other.profile(), season, spot.gives()))))
                                .map(Resident::name)
                        : Optional.empty());
    }

    /**
     * What would help, the most worth first.
     *
     * @param outside temperature and humidity outdoors, for a humidifier's work
     * @param lightHours hours of daylight now
     */
    public List<Change> weigh(Subject subject, Season season, List<Spot> spots, Outside outside, double lightHours) {
        List<Need> now = needs(subject, season);
        List<Change> changes = new ArrayList<>();
        if (!subject.moveHeld()) {
            changes.addAll(moves(subject, season, spots, now));
        }
        for (Need need : now) {
            if (need.standing() == Standing.FITS) {
                continue;
            }
            switch (need.kind()) {
                case LIGHT -> lamp(subject, season, need, lightHours).ifPresent(changes::add);
                case HUMIDITY -> humidifier(subject, season, need, outside).ifPresent(changes::add);
                case WATER -> water(subject, need).ifPresent(changes::add);
                case FOOD -> feed(subject, season, need).ifPresent(changes::add);
                case SALTS -> changes.add(flush(need));
                case WATERING -> changes.add(rhythm(subject, need));
                default -> {
                    // Warmth is answered by another stop.
                }
            }
        }
        return changes.stream()
                .filter(change -> change.gain() >= knowledge.worth && change.worth() > 0)
                .sorted(Comparator.comparingDouble(Change::worth).reversed())
                .toList();
    }

    /** Weather outdoors. */
    public record Outside(double celsius, double humidity) {}

    private List<Change> moves(Subject subject, Season season, List<Spot> spots, List<Need> now) {
        List<Need> here = now.stream().filter(need -> need.kind().ofStop()).toList();
        List<Change> changes = new ArrayList<>();
        for (Suits there : places(subject, season, spots)) {
            Spot spot = there.spot();
            // A stop of which less is known only seems better.
            if (spot.id().equals(subject.here().id()) || there.needs().size() < here.size()) {
                continue;
            }
            double gain = Needs.missed(here) - there.missed();
            boolean steps = bySteps(subject.here().gives(), spot.gives());
            double effort = knowledge.effortOfMove(steps, there.displaces().isPresent());
            changes.add(new Change(
                    Change.Kind.MOVE,
                    "Move it to the " + spot.name() + (steps ? ", by steps." : "."),
                    compared(here, there.needs()),
                    there.displaces()
                            .map(name -> "a full stop: " + name + " would have to make room")
                            .orElse(steps ? "some weeks of steps" : "one carrying"),
                    gain,
                    0,
                    gain - effort,
                    "",
                    Optional.of(spot.id())));
        }
        return changes;
    }

    private boolean bySteps(Gives from, Gives to) {
        boolean brighter = from.light().isPresent()
                && to.light().isPresent()
                && to.light().get().value()
                        > moves.lightUp() * from.light().get().value();
        boolean warmth = from.byDay().isPresent()
                && to.byDay().isPresent()
                && Math.abs(to.byDay().get().value() - from.byDay().get().value()) > moves.temperatureStep();
        return brighter || warmth;
    }

    private static String compared(List<Need> here, List<Need> there) {
        List<String> parts = new ArrayList<>();
        for (Need now : here) {
            there.stream()
                    .filter(other -> other.kind() == now.kind() && Math.abs(other.miss() - now.miss()) > 0.05)
                    .findFirst()
                    .ifPresent(other -> parts.add("%s %s instead of %s %s"
                            .formatted(
                                    now.kind().words(),
                                    Limits.tenths(other.gets().value()),
                                    Limits.tenths(now.gets().value()),
                                    now.kind().unit())));
        }
        return parts.isEmpty() ? "much the same there" : capital(String.join(", ", parts)) + ".";
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private Optional<Change> lamp(Subject subject, Season season, Need need, double lightHours) {
        if (need.standing() != Standing.SHORT
                || subject.here().glassCase() && need.gets().value() <= 0) {
            return Optional.empty();
        }
        Profile profile = subject.plant().profile();
        double shortfall =
                need.wanted().low() * knowledge.lampMargin - need.gets().value();
        double most = knowledge.lightHours(profile.nearest());
        double hours = Math.min(most, Photons.hoursFor(Math.min(80, shortfall), knowledge.lampPpfd));
        double added = Photons.daily(knowledge.lampPpfd, hours);
        Figure light = need.gets().shifted(added, 0, 80, "with a lamp");
        double gain = gain(subject, season, subject.here().gives().withLight(light));
        double others = others(subject, season, subject.here().gives().withLight(light));
        String dark = knowledge.needsLongNights(profile.nearest())
                ? " Let it shine by day only: it flowers after long nights."
                : hours + lightHours > most
                        ? " Begin before dusk, so that the day is no longer than %s hours."
                                .formatted(Limits.plain(most))
                        : "";
        return Optional.of(change(
                Change.Kind.LAMP,
                "Hang a lamp of %s µmol/m²s at the leaf, %s hours a day.%s"
                        .formatted(Limits.plain(knowledge.lampPpfd), Limits.tenths(hours), dark),
                "It gets %s mol/m² a day and wants %s; the lamp adds %s."
                        .formatted(
                                Limits.tenths(need.gets().value()),
                                Limits.tenths(need.wanted().low()),
                                Limits.tenths(added)),
                "about %s kWh a day".formatted(Limits.plain(Math.round(knowledge.lampWatts * hours / 10) / 100.0)),
                gain,
                others));
    }

    private Optional<Change> humidifier(Subject subject, Season season, Need need, Outside outside) {
        Optional<Figure> warmth = subject.here().gives().byDay();
        if (need.standing() != Standing.SHORT || warmth.isEmpty()) {
            return Optional.empty();
        }
        double target = Math.min(knowledge.mostHumidity, need.wanted().low() + knowledge.aboveLow);
        Range room = subject.here().glassCase() ? knowledge.cabinet : knowledge.room;
        double volume = subject.here().glassCase() ? room.low() : room.high();
        double air = subject.here().glassCase() ? room.high() : room.low();
        double litres = Air.humidifierGramsPerHour(
                        volume,
                        air,
                        new Temperature(warmth.get().value()),
                        new RelativeHumidity(target),
                        new Temperature(outside.celsius()),
                        new RelativeHumidity(outside.humidity()))
                * HOURS
                / 1000;
        Gives after = subject.here()
                .gives()
                .withHumidity(need.gets().shifted(target - need.gets().value(), 0, 100, "with a humidifier"));
        return Optional.of(change(
                Change.Kind.HUMIDIFIER,
                "Run a humidifier that holds %s %%.".formatted(Limits.plain(target)),
                "The air is at %s %% and it wants %s %%."
                        .formatted(
                                Limits.plain(Math.rint(need.gets().value())),
                                Limits.plain(need.wanted().low())),
                "about %s litres a day for %s"
                        .formatted(
                                Limits.tenths(litres),
                                subject.here().glassCase()
                                        ? "the case"
                                        : "a room of %s m³".formatted(Limits.plain(volume))),
                gain(subject, season, after),
                others(subject, season, after)));
    }

    private Optional<Change> water(Subject subject, Need need) {
        double share = subject.water()
                .map(it -> waters.shareBorne(subject.plant().profile(), it, waters.typical(WaterSource.RAIN)))
                .orElse(0.0);
        int percent = (int) Math.floor(share * 20) * 5;
        return Optional.of(change(
                Change.Kind.WATER,
                percent >= 10
                        ? "Give rain or pure water with at most %d %% of the present water in it.".formatted(percent)
                        : "Give rain or pure water only.",
                need.words(),
                "rain water to be caught, or pure water",
                need.miss(),
                0));
    }

    private Optional<Change> feed(Subject subject, Season season, Need need) {
        if (subject.feedHeld()) {
            return Optional.empty();
        }
        return feeds.next(subject.plant().profile(), season, FeedPlan.Known.NOTHING, feedDays)
                .map(next -> change(
                        Change.Kind.FEED,
                        next.words(),
                        need.words(),
                        "a feed every %s to %s days"
                                .formatted(
                                        Limits.plain(next.days().low()),
                                        Limits.plain(next.days().high())),
                        need.miss(),
                        0));
    }

    private Change flush(Need need) {
        return change(
                Change.Kind.FLUSH,
                "Flush the pot with two to three times its volume of plain soft water, then feed weaker.",
                need.words(),
                "half an hour at the sink",
                need.miss(),
                0);
    }

    private Change rhythm(Subject subject, Need need) {
        double cycle = subject.pot().cycleDays().orElse(need.wanted().middle());
        return change(
                Change.Kind.RHYTHM,
                "Look into its pot every %s days and water when it is as dry as its kind likes."
                        .formatted(Limits.tenths(cycle)),
                need.words(),
                need.standing() == Standing.SHORT ? "less water" : "a look more often",
                need.miss(),
                0);
    }

    private Change change(Change.Kind kind, String words, String reason, String cost, double gain, double others) {
        return new Change(
                kind,
                words,
                reason,
                cost,
                gain,
                others,
                gain + knowledge.others * others - knowledge.effort(kind),
                Math.abs(others) < 0.05
                        ? ""
                        : others > 0
                                ? "It helps others at this stop as well."
                                : "Others at this stop would like it less.",
                Optional.empty());
    }

    private double gain(Subject subject, Season season, Gives after) {
        Profile profile = subject.plant().profile();
        return Needs.missed(needs.ofStop(profile, season, subject.here().gives()))
                - Needs.missed(needs.ofStop(profile, season, after));
    }

    private double others(Subject subject, Season season, Gives after) {
        return subject.here().standing().stream()
                .filter(other -> !other.id().equals(subject.plant().id()))
                .mapToDouble(other -> Needs.missed(needs.ofStop(
                                other.profile(), season, subject.here().gives()))
                        - Needs.missed(needs.ofStop(other.profile(), season, after)))
                .sum();
    }
}
