package mildlantern.pest;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.quantity.Range;

/**
 * The life of a pest as figures: stages by degree-days, what dies by itself, what is laid.
 *
 * @param id id of the pest, the same as of its disorder
 * @param base °C below which nothing develops
 * @param best °C at which it develops quickest
 * @param stops °C at which it is too hot to develop; between the two it slows evenly
 * @param stages in order, the laying adult last; the one before it is the adult that does not lay yet
 * @param laysPerDegreeDay eggs a female lays a degree-day
 * @param female share of the eggs that become females, 0 to 1
 * @param seenStages names of the stages that are noticed
 * @param seenFrom how many of them before they are noticed
 * @param findFrom how many of them there must be for a careful look to find one
 * @param start living of all stages to reckon with where nobody has counted: as many as there are when it is first noticed
 * @param unit what is counted, as in "tufts"
 * @param look how it is looked for
 * @param most living of all stages that one plant can feed; laying falls evenly towards it
 * @param wander share of those that move which leaves its spot for another in a day
 * @param alone whether keeping an infested plant apart helps the others
 * @param ants whether ants keep it
 * @param hopeless what is done where no treatment brings it under control
 * @param moist what moist air does to it, where it does
 * @param spread standard deviation over mean of the time from egg to adult
 * @param unsure factors between which a collection's true figures may lie
 */
public record LifeTable(
        DisorderId id,
        double base,
        double best,
        double stops,
        List<Stage> stages,
        double laysPerDegreeDay,
        double female,
        Set<String> seenStages,
        double seenFrom,
        double findFrom,
        double start,
        String unit,
        LookWith look,
        double most,
        double wander,
        boolean alone,
        boolean ants,
        Optional<Hopeless> hopeless,
        Optional<Moist> moist,
        double spread,
        Unsure unsure) {

    /** The word for both adult stages. */
    public static final String ADULTS = "adults";

    /** A stage is out of reach if no more than this share of it dies. */
    private static final double OUT_OF_REACH = 0.3;

    /** The slowest in twenty take so many standard deviations longer (normal distribution). */
    static final double SLOWEST = 1.645;

    /** Steps of the reckoning a day. With twelve the rate of growth is within 1 % of the closed form. */
    static final int STEPS = 12;

    /**
     * Factors on degree-days, laying and loss.
     *
     * @param development on the degree-days of every stage
     * @param laying on the eggs laid
     * @param loss on what dies by itself
     */
    public record Unsure(Range development, Range laying, Range loss) {}

    /**
     * What moist air does: laying falls evenly from this humidity on to a share of itself in saturated air.
     *
     * @param from percent
     * @param laying share of the eggs that is laid at 100 %
     */
    public record Moist(double from, double laying) {
        double at(double percent) {
            return percent <= from ? 1 : 1 - (1 - laying) * (percent - from) / (100 - from);
        }
    }

    /** Degree-days that a day at a temperature gives; none below the base, none from where it stops. */
    public double degreeDays(double celsius) {
        double full = best - base;
        return celsius <= best ? Math.max(0, celsius - base) : Math.max(0, full * (stops - celsius) / (stops - best));
    }

    /** Whether what dies of a thing differs so much by stage that this one is out of its reach. */
    static boolean outOfReach(double share) {
        return share < OUT_OF_REACH;
    }

    /**
     * Days until everything of the stages that these effects hardly reach has come out of them.
     *
     * @param effects what is used, all of them together
     * @return 0 where they reach every stage
     */
    public int emergence(List<Effect> effects, double celsius) {
        double perDay = degreeDays(celsius);
        double longest = 0;
        double run = 0;
        for (int i = 0; i < stages.size() && perDay > 0; i++) {
            int stage = i;
            double reached = effects.stream()
                    .mapToDouble(effect -> effect.on(stage))
                    .max()
                    .orElse(0);
            double slowest = 1 + SLOWEST / Math.sqrt(parts(stages.get(i)));
            run = outOfReach(reached) ? run + stages.get(i).degreeDays() / perDay * slowest : 0;
            longest = Math.max(longest, run);
        }
        return (int) Math.ceil(longest);
    }

    /**
     * Days from the laying of an egg (or a birth) to the adult: degree-days over temperature above the base.
     *
     * @param celsius constant temperature, °C
     * @return days; nothing where it is too cold to develop
     */
    public OptionalDouble daysToAdult(double celsius) {
        double perDay = degreeDays(celsius);
        return perDay > 0 ? OptionalDouble.of(degreeDaysToAdult() / perDay) : OptionalDouble.empty();
    }

    /** Days that one stage takes at a constant temperature; nothing where it is too cold. */
    public OptionalDouble daysOf(Stage stage, double celsius) {
        double perDay = degreeDays(celsius);
        return perDay > 0 ? OptionalDouble.of(stage.degreeDays() / perDay) : OptionalDouble.empty();
    }

    double degreeDaysToAdult() {
        return stages.stream()
                .filter(stage -> stage.kind() != StageKind.ADULT)
                .mapToDouble(Stage::degreeDays)
                .sum();
    }

    /** Into how many equal parts a stage's time is cut, so that single animals differ as much as the spread says (linear chain). */
    int parts(Stage stage) {
        double grain = spread * spread * degreeDaysToAdult();
        return (int) Math.max(1, Math.round(stage.degreeDays() / grain));
    }

    /**
     * Rate at which numbers grow without treatment once the stages stand in their lasting proportion, in closed form: the r at which a
     * female replaces herself once, discounted (Euler 1760, Lotka 1925), with each stage a chain of equal exponential parts, whose
     * discounted survival is (λ / (λ + μ + r))^k.
     *
     * @param celsius constant temperature, °C
     * @return per day, below 0 where numbers fall; nothing where it is too cold to develop
     */
    public OptionalDouble growthPerDay(double celsius) {
        if (degreeDays(celsius) <= 0) {
            return OptionalDouble.empty();
        }
        double low = -0.5;
        double high = 3;
        for (int i = 0; i < 80; i++) {
            double middle = (low + high) / 2;
            if (daughters(middle, celsius) > 1) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of((low + high) / 2);
    }

    private double daughters(double rate, double celsius) {
        double perDay = degreeDays(celsius);
        double reached = 1;
        for (int i = 0; i < stages.size() - 1; i++) {
            reached *= throughput(stages.get(i), rate, perDay);
        }
        Stage laying = stages.get(stages.size() - 1);
        double leaves = -Math.log1p(-laying.lossPerDay()) + rate;
        double part = parts(laying) * perDay / laying.degreeDays();
        if (part + leaves <= 0) {
            return Double.POSITIVE_INFINITY;
        }
        double share = part / (part + leaves);
        double daysLaying = 0;
        double still = 1;
        for (int k = 0; k < parts(laying); k++) {
            daysLaying += still / (part + leaves);
            still *= share;
        }
        return laysPerDegreeDay * perDay * female * reached * daysLaying;
    }

    private double throughput(Stage stage, double rate, double perDay) {
        double part = parts(stage) * perDay / stage.degreeDays();
        double leaves = -Math.log1p(-stage.lossPerDay()) + rate;
        return part + leaves <= 0 ? Double.POSITIVE_INFINITY : Math.pow(part / (part + leaves), parts(stage));
    }

    /** Days in which numbers double without treatment; nothing where they do not grow. */
    public OptionalDouble doublingDays(double celsius) {
        OptionalDouble rate = growthPerDay(celsius);
        return rate.isPresent() && rate.getAsDouble() > 1e-6
                ? OptionalDouble.of(Math.log(2) / rate.getAsDouble())
                : OptionalDouble.empty();
    }

    /** This table with its uncertain figures moved: the same pest in another collection. */
    LifeTable moved(double development, double laying, double loss) {
        List<Stage> moved = stages.stream()
                .map(stage -> new Stage(
                        stage.name(),
                        stage.kind(),
                        stage.degreeDays() * development,
                        Math.min(0.95, stage.lossPerDay() * loss),
                        stage.at()))
                .toList();
        return with(moved, laysPerDegreeDay * laying / development, start);
    }

    /** The same pest in air of a humidity. */
    LifeTable in(OptionalDouble humidity) {
        return moist.isPresent() && humidity.isPresent() ? moved(1, moist.get().at(humidity.getAsDouble()), 1) : this;
    }

    /** The same pest where it lays so many times as much. */
    public LifeTable laying(double times) {
        return times == 1 ? this : moved(1, times, 1);
    }

    /** The same with other numbers to reckon with where nobody has counted. */
    LifeTable startingWith(double number) {
        return with(stages, laysPerDegreeDay, number);
    }

    private LifeTable with(List<Stage> newStages, double lays, double newStart) {
        return new LifeTable(
                id,
                base,
                best,
                stops,
                newStages,
                lays,
                female,
                seenStages,
                seenFrom,
                findFrom,
                newStart,
                unit,
                look,
                most,
                wander,
                alone,
                ants,
                hopeless,
                moist,
                spread,
                unsure);
    }
}
