package mildlantern.pest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import mildlantern.quantity.Range;

/**
 * Reckons a pest's numbers forward, with and without applications, for many collections that the uncertain figures allow (a fixed set of
 * them, so that the same question always has the same answer).
 */
public final class PestClock {
    /** Collections reckoned with; the risk of survivors changes by less than two points with four times as many. */
    static final int SAMPLES = 48;

    /** A course longer than this is none: other steps would be due first. */
    private static final int MOST_DAYS = 200;

    private final LifeTable table;
    private final Conditions conditions;
    private final List<Drawn> samples;

    /** The beginning of each collection, reckoned once. */
    private final Map<Drawn, Population> settled = new ConcurrentHashMap<>();

    /**
     * @param table the pest
     * @param conditions temperature, coverage and numbers
     */
    public PestClock(LifeTable table, Conditions conditions) {
        this(table, conditions, SAMPLES);
    }

    PestClock(LifeTable table, Conditions conditions, int samples) {
        this.table = table;
        this.conditions = conditions;
        this.samples = Drawn.of(table, conditions, samples);
    }

    /**
     * How many there are of all stages where so many were noticed, with the stages in the proportion that lasts.
     *
     * @param noticed counted, above 0
     */
    public static double startFor(LifeTable table, double celsius, double noticed) {
        double share = Population.settled(table, celsius, 1).noticed();
        return share > 0 ? noticed / share : noticed;
    }

    /** Names of the stages as {@link PestDay} has them. */
    public List<String> stageNames() {
        return table.stages().stream().map(Stage::name).distinct().toList();
    }

    /**
     * Expected numbers day by day with middling figures.
     *
     * @param applications day of each application, counted from 0, and what it does
     * @param days how far, 1 or more
     * @return the beginning of each day before its application, {@code days + 1} of them
     */
    public List<PestDay> run(Map<Integer, Effect> applications, int days) {
        Drawn middling = new Drawn(table, conditions.coverage(), 0.5, conditions.start());
        Population population = begin(middling);
        TreeMap<Integer, List<Effect>> sorted = byDay(applications);
        List<PestDay> run = new ArrayList<>();
        for (int day = 0; day <= days; day++) {
            run.add(new PestDay(together(population.byStage())));
            treat(population, sorted, day, middling);
            population.day();
        }
        return run;
    }

    private double[] together(double[] stages) {
        double[] joined = Arrays.copyOf(stages, stages.length - 1);
        joined[joined.length - 1] += stages[stages.length - 1];
        return joined;
    }

    /**
     * Chance that any is alive after the last application has done its work.
     *
     * @param applications day of each application and what it does; none leaves them all alive
     * @return 0 to 1: mean over the collections of 1 − exp(−expected number alive)
     */
    public double riskAfter(Map<Integer, Effect> applications) {
        TreeMap<Integer, List<Effect>> sorted = byDay(applications);
        int end = lastEffect(sorted);
        double sum = 0;
        for (Drawn sample : samples) {
            Population population = begin(sample);
            for (int day = 0; day < end; day++) {
                treat(population, sorted, day, sample);
                population.day();
            }
            treat(population, sorted, end, sample);
            sum += chance(population.total());
        }
        return sum / samples.size();
    }

    /**
     * Tries every interval and finds how many applications end the pest.
     *
     * @param effect what each application does
     * @param shortest least days between two, 1 or more
     * @param longest most days between two
     * @param most most applications allowed
     * @param risk chance of survivors to come below, as in 0.05
     */
    public Search search(Effect effect, int shortest, int longest, int most, double risk) {
        List<Plan> plans = new ArrayList<>();
        for (int interval = shortest; interval <= longest; interval++) {
            plans.add(fewest(Map.of(), new Schedule(List.of(effect), 0, interval), most, risk));
        }
        return new Search(List.copyOf(plans));
    }

    /**
     * The fewest further applications that end it.
     *
     * @param done applications already made, by day, all before the schedule's first
     * @param schedule those to come
     * @param most most that are allowed still
     * @param risk chance of survivors to come below
     * @return none at all if what was done was enough
     */
    public Plan fewest(Map<Integer, Effect> done, Schedule schedule, int most, double risk) {
        if (!done.isEmpty()) {
            double already = riskAfter(done);
            if (already < risk) {
                return new Plan(0, schedule.interval(), already, true, new TreeMap<>(done).lastKey());
            }
        }
        int allowed = Math.max(1, Math.min(most, 1 + Math.max(0, MOST_DAYS - schedule.first()) / schedule.interval()));
        double[] sums = new double[allowed];
        for (Drawn sample : samples) {
            afterEach(done, schedule, sample, sums);
        }
        for (int i = 0; i < allowed; i++) {
            double found = sums[i] / samples.size();
            if (found < risk) {
                return new Plan(i + 1, schedule.interval(), found, true, schedule.day(i));
            }
        }
        return new Plan(
                allowed, schedule.interval(), sums[allowed - 1] / samples.size(), false, schedule.day(allowed - 1));
    }

    /** Adds the chance of survivors after one application, after two, and so on. What lasts is let do its work after the last. */
    private void afterEach(Map<Integer, Effect> done, Schedule schedule, Drawn sample, double[] sums) {
        Population population = begin(sample);
        TreeMap<Integer, List<Effect>> given = byDay(done);
        schedule.beside().forEach((day, effect) -> add(given, day, effect));
        int day = 0;
        for (int i = 0; i < sums.length; i++) {
            for (; day < schedule.day(i); day++) {
                treat(population, given, day, sample);
                population.day();
            }
            add(given, day, schedule.effect(i));
            TreeMap<Integer, List<Effect>> untilNow = new TreeMap<>(given.headMap(day, true));
            Population last = new Population(population);
            int end = lastEffect(untilNow);
            for (int after = day; after < end; after++) {
                treat(last, untilNow, after, sample);
                last.day();
            }
            treat(last, untilNow, Math.max(day, end), sample);
            sums[i] += chance(last.total());
        }
    }

    private static TreeMap<Integer, List<Effect>> byDay(Map<Integer, Effect> applications) {
        TreeMap<Integer, List<Effect>> byDay = new TreeMap<>();
        applications.forEach((day, effect) -> add(byDay, day, effect));
        return byDay;
    }

    private static void add(TreeMap<Integer, List<Effect>> byDay, int day, Effect effect) {
        byDay.computeIfAbsent(day, any -> new ArrayList<>()).add(effect);
    }

    private static int lastEffect(TreeMap<Integer, List<Effect>> given) {
        int end = 0;
        for (Map.Entry<Integer, List<Effect>> day : given.entrySet()) {
            for (Effect effect : day.getValue()) {
                end = Math.max(end, day.getKey() + ends(effect));
            }
        }
        return end;
    }

    /**
     * The day on which a grower who looks will first notice it, counted from the first laying female, and so how long it may have been
     * there when it is found.
     *
     * @return earliest and latest day for nine of ten collections; nothing where it does not grow that far within 200 days
     */
    public Optional<Range> firstNoticed() {
        int[] days = samples.stream()
                .mapToInt(
                        sample -> untilNoticed(sample.table(), table.seenFrom()).orElse(MOST_DAYS + 1))
                .sorted()
                .toArray();
        int early = days[(int) (0.05 * days.length)];
        int late = days[(int) (0.95 * days.length)];
        return late > MOST_DAYS ? Optional.empty() : Optional.of(new Range(early, late));
    }

    /**
     * How many days ago the first female must have come, for as many as were seen to be there now.
     *
     * @param noticed how many of the noticed stages were seen, above 0
     * @return earliest and latest number of days ago, at most 200
     */
    public Range thereSince(double noticed) {
        int[] days = samples.stream()
                .mapToInt(sample -> untilNoticed(sample.table(), noticed).orElse(MOST_DAYS))
                .sorted()
                .toArray();
        return new Range(days[(int) (0.05 * days.length)], days[(int) (0.95 * days.length)]);
    }

    private OptionalInt untilNoticed(LifeTable moved, double enough) {
        Population population = Population.founder(moved, conditions.celsius());
        for (int day = 0; day <= MOST_DAYS; day++) {
            if (population.noticed() >= enough) {
                return OptionalInt.of(day);
            }
            population.day();
        }
        return OptionalInt.empty();
    }

    /** Days that a stage takes here; 0 where it is too cold for it to go on. */
    public double daysOf(Stage stage) {
        return table.daysOf(stage, conditions.celsius()).orElse(0);
    }

    /** Days in which numbers double without treatment. */
    public OptionalDouble doublingDays() {
        return table.doublingDays(conditions.celsius());
    }

    private Population begin(Drawn sample) {
        return new Population(settled.computeIfAbsent(
                sample, one -> Population.settled(one.table(), conditions.celsius(), one.start())));
    }

    private static int ends(Effect effect) {
        return effect.lastsDays() == 0 ? 0 : effect.startsDays() + effect.lastsDays();
    }

    private static void treat(
            Population population, TreeMap<Integer, List<Effect>> applications, int day, Drawn sample) {
        for (Effect today : applications.getOrDefault(day, List.of())) {
            population.kill(shares(today.atOnce(), sample.kill(), sample.coverage()));
        }
        for (Map.Entry<Integer, List<Effect>> given :
                applications.headMap(day, true).entrySet()) {
            int since = day - given.getKey();
            for (Effect effect : given.getValue()) {
                if (since >= effect.startsDays() && since < ends(effect)) {
                    population.kill(shares(effect.daily(), sample.kill(), 1));
                }
            }
        }
    }

    private static double[] shares(List<Range> ranges, double where, double met) {
        double[] shares = new double[ranges.size()];
        for (int i = 0; i < shares.length; i++) {
            Range range = ranges.get(i);
            shares[i] = met * (range.low() + where * (range.high() - range.low()));
        }
        return shares;
    }

    private static double chance(double expected) {
        return -Math.expm1(-expected);
    }
}
