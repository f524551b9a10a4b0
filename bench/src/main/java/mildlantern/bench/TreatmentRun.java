package mildlantern.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Disorder;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.quarantine.Quarantine;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.Learning;
import mildlantern.treatment.Style;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.treatment.Trials;

/**
 * Follows courses to their end on made-up plants: does what is planned, looks, and goes on when something is found, until it is released. Prints how
 * often the pest was under control, at what price, and how often somebody was told that it is over when it was not.
 */
public final class TreatmentRun {
    private static final long SEED = 20_261_128L;
    private static final LocalDate START = LocalDate.of(2026, 3, 2);
    private static final int MOST_DAYS = 365;

    private final TreatmentKnowledge knowledge = TreatmentKnowledge.load(Pests.load());
    private final CourseKept.House house = new CourseKept.House(
            knowledge, new CourseComposer(knowledge, Quarantine.load(Pests.load())), new Learning(knowledge));
    private final PlantKnowledge plants = PlantKnowledge.load();
    private final DiagnosisKnowledge diagnosis = DiagnosisKnowledge.load(plants, Trials.load());

    private TreatmentRun() {}

    /** Which pest, how warm, and in which style it is treated. */
    private record Task(LifeTable pest, double celsius, Style style) {}

    /** @param arguments how many plants; 500 if nothing is said */
    public static void main(String[] arguments) {
        int plants = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 500;
        new TreatmentRun().run(plants);
    }

    private void run(int plants) {
        List<Task> tasks = knowledge.pests().all().stream()
                .filter(LifeTable::alone)
                .flatMap(pest -> Stream.of(18.0, 21.0, 25.0)
                        .filter(celsius -> pest.doublingDays(celsius).orElse(99) < 40)
                        .flatMap(celsius -> Arrays.stream(Style.values()).map(style -> new Task(pest, celsius, style))))
                .toList();
        List<CourseEnd> ends = IntStream.range(0, plants)
                .parallel()
                .mapToObj(i -> follow(
                        tasks.get((int) ((long) i * 7919 % tasks.size())),
                        RandomGeneratorFactory.of("L64X128MixRandom").create(SEED + i)))
                .flatMap(Optional::stream)
                .toList();
        Map<String, List<CourseEnd>> byPest = new TreeMap<>();
        ends.forEach(end ->
                byPest.computeIfAbsent(end.pest(), id -> new ArrayList<>()).add(end));
        byPest.forEach(CourseEnd::print);
        CourseEnd.print(
                "all that promised control",
                ends.stream().filter(CourseEnd::promised).toList());
        CourseEnd.print(
                "all that were treated",
                ends.stream()
                        .filter(end -> end.how() != CourseEnd.How.ADVISED_AGAINST)
                        .toList());
        System.out.printf(
                "%d plants of %d were given up at once, as the plan advised%n",
                ends.stream()
                        .filter(end -> end.how() == CourseEnd.How.ADVISED_AGAINST)
                        .count(),
                ends.size());
    }

    /** Nothing where it dies out before anybody finds it, or nothing may be used. */
    private Optional<CourseEnd> follow(Task task, RandomGenerator dice) {
        MadeUpColony colony = new MadeUpColony(task.pest(), task.celsius(), dice);
        double found = Math.max(1, task.pest().seenFrom()) * (1 + 3 * dice.nextDouble());
        int counted = 0;
        for (int day = 0; counted < found; day++) {
            if (day > MOST_DAYS || colony.all() == 0) {
                return Optional.empty();
            }
            colony.day();
            counted = colony.counted();
        }
        int seen = counted;
        CourseKept kept = new CourseKept(
                house,
                new CourseKept.Task(task.pest(), host(task, dice), task.celsius(), task.style()),
                START,
                counted);
        return kept.course().forecast().map(forecast -> to(task, colony, kept, forecast));
    }

    /** A kind that it befalls. */
    private Profile host(Task task, RandomGenerator dice) {
        Disorder disorder = diagnosis.disorder(task.pest().id()).orElseThrow();
        List<Profile> hosts =
                plants.profiles().stream().filter(disorder::mayBefall).toList();
        return hosts.get(dice.nextInt(hosts.size()));
    }

    private CourseEnd to(Task task, MadeUpColony colony, CourseKept kept, Course.Forecast forecast) {
        int moving = Math.max(1, colony.moving());
        double cleanTwice = 1;
        CourseEnd.How how = kept.givenUp() ? CourseEnd.How.ADVISED_AGAINST : CourseEnd.How.NOT_YET;
        for (LocalDate day = START;
                how == CourseEnd.How.NOT_YET && day.isBefore(START.plusDays(MOST_DAYS));
                day = day.plusDays(1)) {
            for (Optional<Course.Step> look = kept.look(day);
                    look.isPresent() && how == CourseEnd.How.NOT_YET;
                    look = kept.look(day)) {
                boolean none = kept.looked(look.get(), day, colony.counted());
                if (none && look.get().look().equals(Optional.of(Course.LookFor.STILL_NONE))) {
                    cleanTwice = (double) colony.moving() / moving;
                }
                if (none && look.get().phase() == Course.Phase.RELEASE) {
                    how = CourseEnd.How.RELEASED;
                } else if (kept.givenUp()) {
                    how = CourseEnd.How.GIVEN_UP;
                }
            }
            if (how == CourseEnd.How.NOT_YET) {
                kept.use(day);
                kept.work(colony, day);
                colony.day();
            }
        }
        double left = how == CourseEnd.How.RELEASED ? cleanTwice : (double) colony.moving() / moving;
        return new CourseEnd(
                task.pest().id().value(),
                forecast.reached(),
                forecast.uses(),
                kept.uses(),
                left,
                how,
                colony.all() > 0);
    }
}
