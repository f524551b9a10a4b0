package mildlantern.care;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import mildlantern.care.Need.Kind;
import mildlantern.care.Need.Standing;
import mildlantern.message.Message;
import mildlantern.nutrition.Waters;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;
import org.apache.commons.statistics.distribution.NormalDistribution;

/** Holds what a plant gets against what its kind needs. */
public final class Needs {
    /** A miss that grows or shrinks by less is not noticed on a plant. */
    private static final double NOTICED = 0.05;

    private final CareKnowledge knowledge;
    private final Waters waters;

    public Needs(CareKnowledge knowledge, Waters waters) {
        this.knowledge = knowledge;
        this.waters = waters;
    }

    /** The needs that the stop answers; those of which nothing is known are left out. */
    public List<Need> ofStop(Wants wants, Gives gives) {
        List<Need> needs = new ArrayList<>();
        gives.light().ifPresent(light -> needs.add(light(wants, light)));
        gives.humidity().ifPresent(humidity -> needs.add(humidity(wants.humidity(), humidity)));
        gives.byDay().ifPresent(day -> needs.add(day(wants, day)));
        gives.night().ifPresent(night -> needs.add(night(wants, night)));
        return needs;
    }

    /** All needs, those of the stop first. */
    public List<Need> of(Profile profile, Wants wants, Gives gives, PotGives pot) {
        List<Need> needs = new ArrayList<>(ofStop(wants, gives));
        watering(wants, pot).ifPresent(needs::add);
        pot.waterMg().ifPresent(water -> needs.add(water(profile, water, pot)));
        pot.nitrogen().ifPresent(nitrogen -> needs.add(food(profile, wants, nitrogen, pot)));
        pot.conductivity().ifPresent(salts -> needs.add(salts(salts, pot.saltyAbove())));
        return List.copyOf(needs);
    }

    /** All misses together. */
    public static double missed(List<Need> needs) {
        return needs.stream().mapToDouble(Need::miss).sum();
    }

    /** What is missed of one kind. */
    public static double missed(List<Need> needs, Kind kind) {
        return missed(needs.stream().filter(need -> need.kind() == kind).toList());
    }

    /** Whether so much less of a kind is missed that it is noticed. */
    public static boolean eased(List<Need> before, List<Need> after, Kind kind) {
        return noticed(missed(before, kind) - missed(after, kind));
    }

    /** Whether a miss that shrank by so much shrank so that it is noticed. */
    public static boolean noticed(double less) {
        return less > NOTICED;
    }

    /** The need that is missed most, if any is. */
    public static Optional<Need> worst(List<Need> needs) {
        return needs.stream()
                .filter(need -> need.standing() != Standing.FITS)
                .max((a, b) -> Double.compare(a.miss(), b.miss()));
    }

    private Need light(Wants wants, Figure light) {
        Range wanted = wants.light();
        double value = Math.max(0.05, light.value());
        double miss = value < wanted.low()
                ? Math.min(knowledge.most, knowledge.lightHalved * halvings(wanted.low() / value))
                : value > wanted.high() ? knowledge.lightDoubled * halvings(value / wanted.high()) : 0;
        return need(
                Kind.LIGHT,
                wanted,
                light,
                miss,
                () -> NeedMissed.TOO_DARK.with(round(light.value()), round(wanted.low())),
                () -> NeedMissed.TOO_BRIGHT.with(round(light.value()), round(wanted.high())));
    }

    private Need humidity(Range wanted, Figure humidity) {
        double value = humidity.value();
        double miss = Math.max(0, wanted.low() - value) / knowledge.humidityShort
                + Math.max(0, value - wanted.high()) / knowledge.humidityOver;
        return need(
                Kind.HUMIDITY,
                wanted,
                humidity,
                miss,
                () -> NeedMissed.DRY_AIR.with(Math.round(value), wanted.low()),
                () -> NeedMissed.MOIST_AIR.with(Math.round(value), wanted.high()));
    }

    private Need day(Wants wants, Figure day) {
        Range wanted = wants.day();
        double miss = Math.min(
                knowledge.most,
                (Math.max(0, wanted.low() - day.value()) + Math.max(0, day.value() - wanted.high() - wants.warmSlack()))
                        / knowledge.day);
        return need(
                Kind.DAY,
                wanted,
                day,
                miss,
                () -> NeedMissed.COOL_DAYS.with(degrees(day.value()), degrees(wanted.low())),
                () -> (wants.phase().rests() ? NeedMissed.WARM_DAYS_FOR_REST : NeedMissed.HOT_DAYS)
                        .with(degrees(day.value()), degrees(wanted.high())));
    }

    private Need night(Wants wants, Figure night) {
        Range wanted = wants.night();
        double miss = Math.max(0, wanted.low() - night.value()) / knowledge.night
                + Math.max(0, night.value() - wanted.high() - wants.warmSlack()) / knowledge.nightOver;
        return need(
                Kind.NIGHT,
                wanted,
                night,
                Math.min(knowledge.most, miss),
                () -> (night.atLeaf() ? NeedMissed.COLD_NIGHTS_AT_THE_LEAF : NeedMissed.COLD_NIGHTS)
                        .with(degrees(night.value()), degrees(wanted.low())),
                () -> (wants.phase().rests() ? NeedMissed.WARM_NIGHTS_FOR_REST : NeedMissed.WARM_NIGHTS)
                        .with(degrees(night.value()), degrees(wanted.high())));
    }

    /** The rhythm of watering, where enough was read to speak of it; of a plant that rests dry, the rhythm of its rest. */
    private Optional<Need> watering(Wants wants, PotGives pot) {
        if (pot.intervalDays().isEmpty()) {
            return Optional.empty();
        }
        double interval = pot.intervalDays().getAsDouble();
        if (wants.daysBetween().isPresent()) {
            // The waterings before its rest are none of its rest.
            return Optional.empty();
        }
        return pot.cycleDays().isPresent() && pot.surely()
                ? Optional.of(watering(
                        interval,
                        pot.cycleDays().getAsDouble(),
                        pot.cycleSpread(),
                        knowledge.wateringBorne(wants.dryness())))
                : Optional.empty();
    }

    /**
     * The chance that an interval lies outside what the pot wants: its days are lognormal.
     *
     * @param spread standard deviation of their natural logarithm
     */
    private static double outside(double interval, double cycle, double spread, Range borne) {
        NormalDistribution days = NormalDistribution.of(Math.log(cycle), Math.max(0.01, spread));
        double often = days.survivalProbability(Math.log(Math.max(0.2, interval) / borne.low()));
        double seldom = days.cumulativeProbability(Math.log(Math.max(0.2, interval) / borne.high()));
        return Math.max(often, seldom);
    }

    private Need watering(double interval, double cycle, double spread, Range borne) {
        Range wanted = new Range(round(cycle * borne.low()), round(cycle * borne.high()));
        if (outside(interval, cycle, spread, borne) < knowledge.wateringSure) {
            return new Need(
                    Kind.WATERING,
                    wanted,
                    Figure.of(round(interval), CareOrigin.LAST_WATERINGS),
                    Standing.FITS,
                    0,
                    Optional.empty());
        }
        double miss = interval < wanted.low()
                ? knowledge.wateringDoubled * halvings(wanted.low() / Math.max(0.2, interval))
                : interval > wanted.high() ? knowledge.wateringDoubled * halvings(interval / wanted.high()) : 0;
        return need(
                Kind.WATERING,
                wanted,
                Figure.of(round(interval), CareOrigin.LAST_WATERINGS),
                miss,
                () -> NeedMissed.WATERED_TOO_OFTEN.with(round(interval), round(cycle)),
                () -> NeedMissed.WATERED_TOO_SELDOM.with(round(interval), round(cycle)));
    }

    private Need water(Profile profile, Figure water, PotGives pot) {
        double allowed = waters.allowedMg(profile);
        double miss = water.value() > allowed ? knowledge.waterDoubled * halvings(water.value() / allowed) : 0;
        Optional<Waters.Harm> harm = pot.water().flatMap(it -> waters.harm(profile, it, pot.widthCm()));
        return need(
                Kind.WATER,
                new Range(0, allowed),
                water,
                Math.max(
                        miss,
                        harm.map(it -> knowledge.waterDoubled * (1 + halvings(it.times())))
                                .orElse(0.0)),
                () -> harm.map(Waters.Harm::reason)
                        .orElseGet(() -> NeedMissed.HARD_WATER.with(Math.round(water.value()), Math.round(allowed))));
    }

    private Need food(Profile profile, Wants wants, double nitrogen, PotGives pot) {
        boolean growing = wants.phase().grows() && wants.feed() > 0;
        double most = Math.max(pot.hungryBelow() * 2, profile.feedMgN().high() * 1.5);
        boolean hungry = growing && nitrogen < pot.hungryBelow();
        return need(
                Kind.FOOD,
                new Range(growing ? pot.hungryBelow() : 0, most),
                Figure.of(Math.round(nitrogen), CareOrigin.ACCOUNT_OF_POT),
                hungry ? knowledge.hungry : 0,
                () -> NeedMissed.HUNGRY.with(Math.round(nitrogen)));
    }

    private Need salts(double conductivity, double most) {
        double miss = conductivity > most ? knowledge.saltyDoubled * halvings(conductivity / most) : 0;
        return need(
                Kind.SALTS,
                new Range(0, most),
                Figure.of(round(conductivity), CareOrigin.ACCOUNT_OF_POT),
                miss,
                () -> NeedMissed.SALTY.with(round(conductivity), round(most)));
    }

    /** A need that can be missed in one way only. */
    private Need need(Kind kind, Range wanted, Figure gets, double miss, Supplier<Message> missed) {
        return need(kind, wanted, gets, miss, missed, missed);
    }

    private Need need(
            Kind kind, Range wanted, Figure gets, double miss, Supplier<Message> falling, Supplier<Message> over) {
        Standing standing =
                miss < knowledge.slack ? Standing.FITS : gets.value() < wanted.low() ? Standing.SHORT : Standing.OVER;
        return switch (standing) {
            case FITS -> new Need(kind, wanted, gets, standing, 0, Optional.empty());
            case SHORT -> new Need(kind, wanted, gets, standing, miss, Optional.of(falling.get()));
            case OVER -> new Need(kind, wanted, gets, standing, miss, Optional.of(over.get()));
        };
    }

    private static Temperature degrees(double celsius) {
        return new Temperature(round(celsius));
    }

    private static double halvings(double times) {
        return Math.log(times) / Math.log(2);
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
