package mildlantern.plant;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.quantity.Range;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;

/**
 * What is known of one plant today. Anything but the profile may be missing; missing is not the same as "no".
 *
 * @param profile its kind
 * @param stage how far it has grown
 * @param season season where it stands
 * @param wants what it wants at its time of the year; what its kind wants in growth where that is not known
 * @param place its place
 * @param watering how it is watered
 * @param pot its pot and medium
 * @param feeding how it is fed
 * @param events what happened to it, in any order
 * @param bloomDays days since the first flower opened
 */
public record PlantRecord(
        Profile profile,
        Optional<Stage> stage,
        Optional<Season> season,
        Optional<Wants> wants,
        Place place,
        Watering watering,
        Pot pot,
        Feeding feeding,
        List<Event> events,
        OptionalDouble bloomDays) {
    /** Plants that do not grow drink more slowly: usual days between waterings are this much longer then (practice). */
    private static final double WINTER_SLOWS = 1.35;

    /** A record of which nothing but the kind of plant is known. */
    public static PlantRecord of(Profile profile) {
        return new PlantRecord(
                profile,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Place.UNKNOWN,
                Watering.UNKNOWN,
                Pot.UNKNOWN,
                Feeding.UNKNOWN,
                List.of(),
                OptionalDouble.empty());
    }

    /** The light that it wants, mol/m² and day. */
    public Range lightWanted() {
        return wants.map(Wants::light).orElse(profile.dailyLight());
    }

    /** The humidity that it wants, percent. */
    public Range humidityWanted() {
        return wants.map(Wants::humidity).orElse(profile.humidity());
    }

    /** The temperature that it wants by day, °C. */
    public Range dayWanted() {
        return wants.map(Wants::day).orElse(profile.day());
    }

    /** The coldest night that it wants, °C. */
    public double coldestNight() {
        return wants.map(it -> it.night().low()).orElse(profile.night().celsius());
    }

    /** Days between waterings that are usual for it now: as it is kept at rest, as its pot was seen to dry, or as its kind does. */
    public Range usualDaysBetween() {
        boolean slow = wants.map(it -> !it.phase().grows()).orElse(season.equals(Optional.of(Season.WINTER)));
        double times = slow ? WINTER_SLOWS : 1;
        return wants.flatMap(Wants::daysBetween)
                .or(() ->
                        watering.drying().map(drying -> new Range(drying.cycleDays() * 0.8, drying.cycleDays() * 1.2)))
                .orElseGet(() -> new Range(
                        profile.wateringDays().low() * times,
                        profile.wateringDays().high() * times));
    }

    /** Whether it is known to rest. */
    public boolean atRest() {
        return wants.filter(it -> it.phase().rests()).isPresent();
    }

    /**
     * Where a plant stands.
     *
     * @param light brightness
     * @param humidity mean of recent days
     * @param day temperature by day
     * @param night lowest temperature by night
     * @param wetHours hours a day that leaves stay wet, 0 to 24
     * @param near what stands close by; present and empty when it is known that nothing does
     * @param crowded whether plants touch one another
     * @param air whether air moves
     * @param dailyLight the light of a day as it was measured, mol/m²
     */
    public record Place(
            Optional<Brightness> light,
            Optional<RelativeHumidity> humidity,
            Optional<Temperature> day,
            Optional<Temperature> night,
            OptionalDouble wetHours,
            Optional<Set<Near>> near,
            Optional<Boolean> crowded,
            Optional<AirMovement> air,
            OptionalDouble dailyLight) {
        public static final Place UNKNOWN = new Place(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty());
    }

    /**
     * How a plant is watered.
     *
     * @param lastDays days since it was last watered
     * @param intervalDays usual days between waterings
     * @param source where the water comes from
     * @param misted whether leaves are misted
     * @param overTop whether water is poured over crown and leaves
     * @param outerPot whether it stands in an outer pot
     * @param drainHoles whether the pot has holes
     * @param drying how the pot dries, where its water was reckoned and observed
     */
    public record Watering(
            OptionalDouble lastDays,
            OptionalDouble intervalDays,
            Optional<WaterSource> source,
            Optional<Boolean> misted,
            Optional<Boolean> overTop,
            Optional<Boolean> outerPot,
            Optional<Boolean> drainHoles,
            Optional<Drying> drying) {
        public static final Watering UNKNOWN = new Watering(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /**
     * How a pot dries, as its water balance tells.
     *
     * @param cycleDays days from wet through to wanting water, as learned from this plant
     * @param expectedDays the same for a usual plant of its kind in this pot and place
     * @param observed from how many probes, weights and the like it was learned
     * @param spread doubt of the former days, as standard deviation of their natural logarithm
     * @param measured whether one of the readings was a probe or a weight
     * @param earlyShare share of the latest waterings that came well before they were wanted, 0 to 1, where there were enough
     */
    public record Drying(
            double cycleDays,
            double expectedDays,
            int observed,
            double spread,
            boolean measured,
            OptionalDouble earlyShare) {}

    /**
     * Pot and medium.
     *
     * @param months months in this pot and medium
     * @param medium what it is potted in
     */
    public record Pot(OptionalDouble months, Optional<Medium> medium) {
        public static final Pot UNKNOWN = new Pot(OptionalDouble.empty(), Optional.empty());
    }

    /**
     * Feeding.
     *
     * @param lastDays days since it was last fed
     * @param strength strength of the usual feed
     * @param pot what the account of its pot says, where one is kept
     */
    public record Feeding(OptionalDouble lastDays, Optional<FeedStrength> strength, Optional<PotFood> pot) {
        public static final Feeding UNKNOWN = new Feeding(OptionalDouble.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * What a pot holds by its account.
     *
     * @param nitrogen in its water, mg/L
     * @param hungryBelow nitrogen below which a growing plant goes short, mg/L
     * @param conductivity of its water, mS/cm
     * @param saltyAbove conductivity above which it wants a flush, mS/cm
     */
    public record PotFood(double nitrogen, double hungryBelow, double conductivity, double saltyAbove) {}

    /**
     * Something that happened.
     *
     * @param kind what
     * @param daysAgo days since it began, 0 or more
     * @param temperatureStep change in °C, signed
     * @param lightRatio new light over old, above 0
     * @param with what it was sprayed with
     */
    public record Event(
            EventKind kind,
            double daysAgo,
            OptionalDouble temperatureStep,
            OptionalDouble lightRatio,
            Optional<SprayKind> with) {
        /** An event of which only the day is known. */
        public static Event of(EventKind kind, double daysAgo) {
            return new Event(kind, daysAgo, OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());
        }
    }
}
