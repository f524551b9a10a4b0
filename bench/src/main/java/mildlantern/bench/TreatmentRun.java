package mildlantern.bench;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mildlantern.pest.Aim;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.quarantine.Quarantine;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.CourseRequest;
import mildlantern.treatment.HouseFigures;
import mildlantern.treatment.Learning;
import mildlantern.treatment.Means;
import mildlantern.treatment.Situation;
import mildlantern.treatment.Style;
import mildlantern.treatment.TreatmentKnowledge;

/**
 * Follows courses to their end on made-up plants: does what is planned, looks, and goes on when something is found, until it is released. Prints how
 * often the pest was under control, at what price, and how often somebody was told that it is over when it was not.
 */
public final class TreatmentRun {
    private static final long SEED = 20_261_128L;
    private static final LocalDate START = LocalDate.of(2026, 3, 2);
    private static final int MOST_DAYS = 365;

    private final TreatmentKnowledge knowledge = TreatmentKnowledge.load(Pests.load());
    private final CourseComposer composer = new CourseComposer(knowledge, Quarantine.load(Pests.load()));
    private final Learning learning = new Learning(knowledge);
    private final Profile profile = PlantKnowledge.load().profile("monstera").orElseThrow();

    private TreatmentRun() {}

    /** Which pest, how warm, and how it is treated. */
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
                "all that fall short",
                ends.stream().filter(end -> !end.promised()).toList());
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
        Course course = composer.compose(request(task, START, seen, List.of(), List.of(), HouseFigures.NONE));
        return course.forecast().map(forecast -> to(task, colony, course, seen, forecast));
    }

    private CourseEnd to(Task task, MadeUpColony colony, Course first, int counted, Course.Forecast forecast) {
        int moving = colony.moving();
        Keeping keeping = new Keeping(task, first, counted);
        double left = 1;
        for (LocalDate day = START; day.isBefore(START.plusDays(MOST_DAYS)); day = day.plusDays(1)) {
            for (Optional<Course.Step> look = keeping.look(day); look.isPresent(); look = keeping.look(day)) {
                boolean none = keeping.looked(look.get(), day, colony.counted());
                Optional<Course.LookFor> what = look.get().look();
                if (none && what.filter(Course.LookFor.STILL_NONE::equals).isPresent()) {
                    left = (double) colony.moving() / Math.max(1, moving);
                }
                if (none && look.get().phase() == Course.Phase.RELEASE) {
                    return new CourseEnd(
                            task.pest().id().value(),
                            forecast.reached(),
                            forecast.uses(),
                            keeping.uses(),
                            left,
                            true,
                            colony.all() > 0);
                }
            }
            keeping.use(day);
            keeping.work(colony, day);
            colony.day();
        }
        return new CourseEnd(
                task.pest().id().value(),
                forecast.reached(),
                forecast.uses(),
                keeping.uses(),
                (double) colony.moving() / Math.max(1, moving),
                false,
                colony.all() > 0);
    }

    /** What is planned for one plant, what was done and counted, and what is made of it. */
    private final class Keeping {
        private final Task task;
        private final List<Situation.Use> used = new ArrayList<>();
        private final List<Learning.Count> counts = new ArrayList<>();
        private List<Course.Step> steps;
        private Course course;
        private LocalDate from = START;
        private int counted;

        Keeping(Task task, Course course, int counted) {
            this.task = task;
            this.course = course;
            this.counted = counted;
            steps = new ArrayList<>(course.steps());
            counts.add(new Learning.Count(0, counted));
        }

        Optional<Course.Step> look(LocalDate day) {
            return steps.stream()
                    .filter(step -> step.look().isPresent() && step.on().equals(day))
                    .findFirst();
        }

        /** Says whether nothing was found; what is planned follows from what was. */
        boolean looked(Course.Step look, LocalDate day, int seen) {
            steps.remove(look);
            counts.add(new Learning.Count((int) ChronoUnit.DAYS.between(START, day), seen));
            if (look.look().filter(Course.LookFor.FEWER::equals).isPresent()) {
                Course replanned = composer.replan(
                        request(task, from, counted, List.of(), before(from), figures()), course, done(), day);
                if (replanned.forecast().filter(Course.Forecast::reached).isPresent()) {
                    steps = new ArrayList<>(replanned.steps());
                    steps.removeIf(step -> step.look().isPresent() && !step.on().isAfter(day));
                } else {
                    again(day, seen);
                }
            } else if (seen > 0) {
                again(day, seen);
            }
            return seen == 0;
        }

        /** From the first day on which the last means may be used again, another first. */
        private void again(LocalDate day, int seen) {
            List<String> failed =
                    used.stream().map(Situation.Use::means).distinct().toList();
            from = used.stream()
                    .map(use -> use.on().plusDays((int)
                            means(use.means()).intervalAgainst(task.pest().id()).low()))
                    .filter(day::isBefore)
                    .max(Comparator.naturalOrder())
                    .orElse(day.plusDays(1));
            counted = seen;
            course = composer.compose(request(task, from, seen, failed, used, figures()));
            steps = new ArrayList<>(course.steps());
        }

        private HouseFigures figures() {
            return learning.from(List.of(new Learning.Past(
                    task.pest().id(),
                    task.celsius(),
                    CourseComposer.USUAL_COVERAGE,
                    used.stream()
                            .map(use -> new Learning.Used((int) ChronoUnit.DAYS.between(START, use.on()), use.means()))
                            .toList(),
                    List.copyOf(counts))));
        }

        private List<Situation.Use> before(LocalDate day) {
            return used.stream().filter(use -> use.on().isBefore(day)).toList();
        }

        private List<CourseComposer.Done> done() {
            return used.stream()
                    .filter(use -> !use.on().isBefore(from))
                    .map(use -> new CourseComposer.Done(use.means(), use.on()))
                    .toList();
        }

        void use(LocalDate day) {
            for (Course.Step step : List.copyOf(steps)) {
                if (step.on().equals(day) && step.look().isEmpty()) {
                    steps.remove(step);
                    if (step.phase() != Course.Phase.TEST) {
                        step.wash().ifPresent(id -> used.add(use(id, day)));
                        step.means().ifPresent(id -> used.add(use(id, day)));
                    }
                }
            }
        }

        private Situation.Use use(String id, LocalDate day) {
            return new Situation.Use(id, day, means(id).group(), means(id).product());
        }

        void work(MadeUpColony colony, LocalDate day) {
            used.forEach(use -> colony.treat(
                    knowledge.effect(means(use.means()), task.pest()), (int) ChronoUnit.DAYS.between(use.on(), day)));
        }

        /** A wash before a use is none of its own. */
        int uses() {
            return (int) used.stream().filter(use -> !means(use.means()).wash()).count();
        }
    }

    private Means means(String id) {
        return knowledge.find(id).orElseThrow();
    }

    private CourseRequest request(
            Task task,
            LocalDate from,
            int counted,
            List<String> failed,
            List<Situation.Use> used,
            HouseFigures figures) {
        Situation plain = Situation.of(profile, task.celsius());
        return new CourseRequest(
                task.pest().id(),
                new Situation(
                        profile,
                        plain.states(),
                        plain.celsius(),
                        plain.warmest(),
                        plain.coldest(),
                        plain.humidity(),
                        plain.leaves(),
                        plain.holds(),
                        List.copyOf(used)),
                task.style(),
                Aim.CONTROL,
                from,
                false,
                OptionalDouble.of(counted),
                CourseComposer.USUAL_COVERAGE,
                List.of(),
                figures,
                failed);
    }
}
