package mildlantern.cases;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.Words;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.Dryness;
import mildlantern.plant.EventKind;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Near;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.plant.SprayKind;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.season.YearKnowledge;

/** What a written-up case says of its plant's record. */
final class ContextReader {
    private static final double MANY_DAYS = 100_000;
    private static final double FULL_SUN_HOURS = 4;
    private static final double SOME_SUN_HOURS = 1;

    /** mS/cm; up to the first a water is as pure as rain, up to the second soft. */
    private static final double PURE = 0.1;

    private static final double SOFT = 0.3;

    private static final Set<String> UNHEARD =
            Set.of("pruned", "defoliated", "lamp-added", "humidifier-added", "released-predators");

    private static final String ROOTS_PRUNED = "root-pruned";

    private final PlantKnowledge plants;
    private final YearKnowledge years;

    ContextReader(PlantKnowledge plants, YearKnowledge years) {
        this.plants = plants;
        this.years = years;
    }

    /** The record of a plant of a kind; what is not said stays unknown. */
    PlantRecord read(Profile profile, Entry context) {
        context.allowOnly(Set.of("stage", "season", "place", "water", "pot", "feed", "events", "bloom-days", "phase"));
        return new PlantRecord(
                profile,
                constant(context, Stage.class, "stage"),
                constant(context, Season.class, "season"),
                constant(context, Phase.class, "phase").map(phase -> years.wants(profile, phase, false)),
                context.find("place").map(ContextReader::place).orElse(PlantRecord.Place.UNKNOWN),
                context.find("water").map(water -> watering(profile, water)).orElse(PlantRecord.Watering.UNKNOWN),
                context.find("pot").map(this::pot).orElse(PlantRecord.Pot.UNKNOWN),
                context.find("feed").map(ContextReader::feeding).orElse(PlantRecord.Feeding.UNKNOWN),
                context.find("events").map(Entry::members).orElse(List.of()).stream()
                        .flatMap(event -> event(event).stream())
                        .toList(),
                context.optionalNumber("bloom-days", 0, MANY_DAYS));
    }

    private static PlantRecord.Place place(Entry place) {
        place.allowOnly(
                Set.of("light", "rh", "day", "night", "wet-hours", "near", "crowded", "air", "outdoors", "sun-hours"));
        return new PlantRecord.Place(
                constant(place, Brightness.class, "light").or(() -> bySun(place.optionalNumber("sun-hours", 0, 24))),
                number(place, "rh", 0, 100).map(RelativeHumidity::new),
                number(place, "day", -60, 70).map(Temperature::new),
                number(place, "night", -60, 70).map(Temperature::new),
                place.optionalNumber("wet-hours", 0, 24),
                place.find("near").map(ContextReader::near),
                flag(place, "crowded"),
                constant(place, AirMovement.class, "air")
                        .or(() -> flag(place, "outdoors").filter(out -> out).map(out -> AirMovement.MOVING)),
                OptionalDouble.empty());
    }

    /** How bright a place is called by its hours of direct sun. */
    private static Optional<Brightness> bySun(OptionalDouble hours) {
        return hours.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        hours.getAsDouble() >= FULL_SUN_HOURS
                                ? Brightness.DIRECT
                                : hours.getAsDouble() >= SOME_SUN_HOURS ? Brightness.BRIGHT : Brightness.MEDIUM);
    }

    private static Set<Near> near(Entry near) {
        EnumSet<Near> things = EnumSet.noneOf(Near.class);
        for (Entry thing : near.members()) {
            things.add(Words.find(Near.class, thing.text())
                    .orElseThrow(() ->
                            thing.failure("'" + thing.text() + "' is unknown; known are " + Words.ids(Near.class))));
        }
        return things;
    }

    private static PlantRecord.Watering watering(Profile profile, Entry water) {
        water.allowOnly(Set.of(
                "last-days",
                "interval-days",
                "source",
                "misted",
                "over-top",
                "outer-pot",
                "drain-holes",
                "cup-filled",
                "tray-cm",
                "ec"));
        flag(water, "cup-filled");
        // A bog plant belongs in its tray; any other stands in water there.
        boolean stands = profile.dryness() != Dryness.BOG
                && water.optionalNumber("tray-cm", 0, 50).orElse(0) > 0;
        return new PlantRecord.Watering(
                water.optionalNumber("last-days", 0, MANY_DAYS),
                water.optionalNumber("interval-days", 0.1, MANY_DAYS),
                constant(water, WaterSource.class, "source").or(() -> bySalts(water.optionalNumber("ec", 0, 20))),
                flag(water, "misted"),
                flag(water, "over-top"),
                flag(water, "outer-pot").or(() -> stands ? Optional.of(true) : Optional.empty()),
                flag(water, "drain-holes"),
                Optional.empty());
    }

    private static Optional<WaterSource> bySalts(OptionalDouble conductivity) {
        return conductivity.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        conductivity.getAsDouble() <= PURE
                                ? WaterSource.RAIN
                                : conductivity.getAsDouble() <= SOFT ? WaterSource.SOFT_TAP : WaterSource.HARD_TAP);
    }

    private PlantRecord.Pot pot(Entry pot) {
        pot.allowOnly(Set.of("months", "medium"));
        return new PlantRecord.Pot(
                pot.optionalNumber("months", 0, 1200),
                pot.find("medium")
                        .map(medium -> plants.medium(medium.text())
                                .orElseThrow(() -> medium.failure("'" + medium.text() + "' is no medium"))));
    }

    private static PlantRecord.Feeding feeding(Entry feed) {
        feed.allowOnly(Set.of("last-days", "strength", "kind", "route"));
        requireOneOf(feed, "kind", Set.of("mineral", "organic", "granules"));
        requireOneOf(feed, "route", Set.of("roots", "leaf", "trap"));
        // What goes into a trap is no feed at the roots.
        boolean trap = feed.optionalText("route").filter("trap"::equals).isPresent();
        return new PlantRecord.Feeding(
                feed.optionalNumber("last-days", 0, MANY_DAYS),
                constant(feed, FeedStrength.class, "strength").filter(strength -> !trap),
                Optional.empty());
    }

    private static void requireOneOf(Entry entry, String key, Set<String> known) {
        entry.optionalText(key).filter(text -> !known.contains(text)).ifPresent(text -> {
            throw entry.at(key).failure("'" + text + "' is unknown; known are " + known);
        });
    }

    /** An event that the diagnosis hears of; of others that can be written down it makes nothing. */
    private static Optional<PlantRecord.Event> event(Entry event) {
        event.allowOnly(Set.of("what", "days-ago", "temp-step", "light-ratio", "with"));
        String what = event.text("what");
        if (UNHEARD.contains(what)) {
            return Optional.empty();
        }
        return Optional.of(new PlantRecord.Event(
                ROOTS_PRUNED.equals(what) ? EventKind.REPOTTED : event.constant(EventKind.class, "what"),
                event.number("days-ago", 0, MANY_DAYS),
                event.optionalNumber("temp-step", -80, 80),
                event.optionalNumber("light-ratio", 0.0001, 10_000),
                constant(event, SprayKind.class, "with")));
    }

    private static <E extends Enum<E>> Optional<E> constant(Entry entry, Class<E> type, String key) {
        return entry.has(key) ? Optional.of(entry.constant(type, key)) : Optional.empty();
    }

    private static Optional<Boolean> flag(Entry entry, String key) {
        return entry.find(key).map(Entry::flag);
    }

    private static Optional<Double> number(Entry entry, String key, double low, double high) {
        OptionalDouble value = entry.optionalNumber(key, low, high);
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }
}
