package mildlantern.pest;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mildlantern.quantity.Range;

/**
 * Reckons a pest's numbers forward, with and without applications, for many collections that the uncertain figures allow (a fixed set of
 * them, so that the same question always has the same answer).
 */
public final class PestClock {
    /** Collections reckoned with; the risk of survivors changes by less than two points with four times as many. */
    static final int SAMPLES = 48;

    /** Enough of them to tell a promising plan from a poor one. */
    private static final int ROUGH = 6;

    /** A course longer than this is none: other steps would be due first. */
    static final int MOST_DAYS = 200;

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

    /** A clock that reckons with few collections: to sort out what is not worth a closer look. */
    public PestClock rough() {
        return new PestClock(table, conditions, ROUGH);
    }

    /** The same where so large a share of the surface is missed every time. */
    public PestClock withRefuge(double share) {
        return new PestClock(table, conditions.withRefuge(share), samples.size());
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
     * @param applications what is done, in any order
     * @param days how far, 1 or more
     * @return the beginning of each day before its application, {@code days + 1} of them
     */
    public List<PestDay> run(List<Application> applications, int days) {
        Drawn middling = middling();
        Colony colony = begin(middling);
        List<PestDay> run = new ArrayList<>();
        for (int day = 0; day <= days; day++) {
            run.add(new PestDay(together(colony.byStage())));
            colony.treat(applications, day, middling);
            colony.day();
        }
        return run;
    }

    /** How many are expected to be noticed, day by day, with middling figures, before that day's application. */
    public double[] noticed(List<Application> applications, int days) {
        Drawn middling = middling();
        Colony colony = begin(middling);
        double[] noticed = new double[days + 1];
        for (int day = 0; day <= days; day++) {
            noticed[day] = colony.noticed();
            colony.treat(applications, day, middling);
            colony.day();
        }
        return noticed;
    }

    private static double[] together(double[] stages) {
        double[] joined = Arrays.copyOf(stages, stages.length - 1);
        joined[joined.length - 1] += stages[stages.length - 1];
        return joined;
    }

    /**
     * How many will be noticed, day by day, before that day's application.
     *
     * @param applications what is done, in any order
     * @param days how far, 1 or more
     */
    public Outlook outlook(List<Application> applications, int days) {
        double[][] noticed = new double[days + 1][samples.size()];
        for (int i = 0; i < samples.size(); i++) {
            Colony colony = begin(samples.get(i));
            for (int day = 0; day <= days; day++) {
                noticed[day][i] = colony.noticed();
                colony.treat(applications, day, samples.get(i));
                colony.day();
            }
        }
        return new Outlook(noticed);
    }

    /**
     * Chance that any is alive after the last application has done its work.
     *
     * @param applications what is done; nothing leaves them all alive
     * @return 0 to 1: mean over the collections of 1 − exp(−expected number alive)
     */
    public double riskAfter(List<Application> applications) {
        return after(applications, Colony::chanceOfAny);
    }

    /** Moving animals that are expected after the last application has done its work: the mean over the collections. */
    public double movingAfter(List<Application> applications) {
        return after(applications, Colony::moving);
    }

    private double after(List<Application> applications, ToDoubleFunction<Colony> measure) {
        int end = lastEffect(applications);
        double sum = 0;
        for (Drawn sample : samples) {
            Colony colony = begin(sample);
            for (int day = 0; day < end; day++) {
                colony.treat(applications, day, sample);
                colony.day();
            }
            colony.treat(applications, end, sample);
            sum += measure.applyAsDouble(colony);
        }
        return sum / samples.size();
    }

    /**
     * Tries every interval and finds how many applications reach the aim.
     *
     * @param effects what each application does, one after the other
     * @param shortest least days between two, 1 or more
     * @param longest most days between two
     * @param most most applications allowed
     */
    public Search search(List<Effect> effects, int shortest, int longest, int most, Aim aim) {
        return new Search(IntStream.rangeClosed(shortest, longest)
                .mapToObj(days -> {
                    List<Application> toCome = IntStream.range(0, Math.max(1, Math.min(most, 1 + MOST_DAYS / days)))
                            .mapToObj(i -> new Application(i * days, effects))
                            .toList();
                    return new Search.At(days, fewest(List.of(), toCome, List.of(), aim));
                })
                .toList());
    }

    /**
     * The fewest of further applications that reach the aim.
     *
     * @param done applications already made, all before the first to come
     * @param toCome those to come, in order of their days; as many as are allowed
     * @param beside what is given beside them, on days of its own; it ends with them
     * @param aim what is to be reached
     * @return none at all if what was done was enough; where nothing reaches the aim, as many as leave least
     */
    public Plan fewest(List<Application> done, List<Application> toCome, List<Application> beside, Aim aim) {
        List<Application> used =
                toCome.stream().filter(one -> one.day() <= MOST_DAYS).toList();
        List<Effect> all = Stream.of(done, used, beside)
                .flatMap(List::stream)
                .flatMap(one -> one.effects().stream())
                .distinct()
                .toList();
        int shown = table.emergence(all, conditions.celsius());
        if (!done.isEmpty() || used.isEmpty()) {
            Plan already = plan(0, movingAfter(done), riskAfter(done), lastEffect(done), shown, aim);
            if (already.reached() || used.isEmpty()) {
                return already;
            }
        }
        List<Trial> courses = samples.stream()
                .map(sample -> new Trial(sample, begin(sample), done, beside))
                .toList();
        Plan least = null;
        for (int i = 0; i < used.size(); i++) {
            Application use = used.get(i);
            courses.forEach(course -> course.add(use));
            int works = use.day() + use.works();
            // Before all has come out that was hidden, control is not reached, whatever is left.
            if (aim == Aim.CONTROL && works < shown && i < used.size() - 1) {
                continue;
            }
            double moving = 0;
            double risk = 0;
            for (Trial course : courses) {
                Colony left = course.left();
                moving += left.moving();
                risk += left.chanceOfAny();
            }
            Plan found = plan(i + 1, moving / samples.size(), risk / samples.size(), works, shown, aim);
            Plan here = new Plan(found.applications(), found.moving(), found.risk(), found.reached(), use.day());
            if (here.reached()) {
                return here;
            }
            least = least == null || here.left(aim) < least.left(aim) ? here : least;
        }
        return Objects.requireNonNull(least);
    }

    private static Plan plan(int uses, double moving, double risk, int day, int shown, Aim aim) {
        boolean reached = aim == Aim.CONTROL ? moving < Aim.MOVING && day >= shown : risk < Aim.RISK;
        return new Plan(uses, moving, risk, reached, day);
    }

    static int lastEffect(List<Application> given) {
        return given.stream().mapToInt(one -> one.day() + one.works()).max().orElse(0);
    }

    /**
     * The day on which a grower who looks will first notice it, counted from the first laying female, and so how long it may have been
     * there when it is found.
     *
     * @return earliest and latest day for nine of ten collections; nothing where it does not grow that far within 200 days
     */
    public Optional<Range> firstNoticed() {
        return onset().firstNoticed();
    }

    /**
     * How many days ago the first female must have come, for as many as were seen to be there now.
     *
     * @param noticed how many of the noticed stages were seen, above 0
     * @return earliest and latest number of days ago, at most 200
     */
    public Range thereSince(double noticed) {
        return onset().thereSince(noticed);
    }

    /**
     * Days until an egg that was missed shows itself: until it has grown up, as slowly as one in twenty, and its kin are so many that a careful
     * look finds one.
     *
     * @return so many for nineteen of twenty collections; nothing where it takes more than 200 days
     */
    public OptionalInt rebound() {
        return onset().rebound();
    }

    private Onset onset() {
        return new Onset(table, conditions.celsius(), samples);
    }

    /** Days that a stage takes here; 0 where it is too cold for it to go on. */
    public double daysOf(Stage stage) {
        return table.daysOf(stage, conditions.celsius()).orElse(0);
    }

    /** Days in which numbers double without treatment. */
    public OptionalDouble doublingDays() {
        return table.in(conditions.humidity()).doublingDays(conditions.celsius());
    }

    private Drawn middling() {
        return new Drawn(table.in(conditions.humidity()), conditions.coverage(), 0.5, conditions.start());
    }

    private Colony begin(Drawn sample) {
        Population all = new Population(settled.computeIfAbsent(
                sample, one -> Population.settled(one.table(), conditions.celsius(), one.start())));
        return new Colony(all, conditions.refuge(), table.wander());
    }
}
