package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.diagnosis.Disorder;
import mildlantern.log.LogEntry;
import mildlantern.plant.Brightness;
import mildlantern.plant.Profile;
import mildlantern.plant.SprayKind;
import mildlantern.plant.Stage;
import mildlantern.treatment.Allowed;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.CourseRequest;
import mildlantern.treatment.Hold;
import mildlantern.treatment.Means;
import mildlantern.treatment.Recognition;
import mildlantern.treatment.Situation;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.casework.TrialTerms;
import mildlantern.web.log.Lately;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.Troubles;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.routine.Schedules;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopNow;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** Puts together what decides on a course: the plant, its place, and what was used on it in the last year. */
@Component
class Situations implements TrialTerms {
    /** Where nothing was measured, a living room's. */
    private static final double USUAL_CELSIUS = 20;

    private static final int SEASON_DAYS = 365;

    /** Buds that were counted longer ago have opened or dropped. */
    private static final int LATELY_DAYS = 60;

    private final Stops stops;
    private final Plants plants;
    private final LogBook logBook;
    private final StopStates states;
    private final Schedules schedule;
    private final TreatmentKnowledge knowledge;
    private final CourseRepositories.Courses courses;
    private final CourseRepositories.Steps steps;
    private final CourseRepositories.Products products;
    private final UsedMeans used;
    private final HouseLearning learning;
    private final Trials trials;
    private final Troubles troubles;
    private final YearBook years;
    private final Clock clock;

    Situations(
            Stops stops,
            Plants plants,
            LogBook logBook,
            StopStates states,
            Schedules schedule,
            TreatmentKnowledge knowledge,
            CourseRepositories.Courses courses,
            CourseRepositories.Steps steps,
            CourseRepositories.Products products,
            UsedMeans used,
            HouseLearning learning,
            Trials trials,
            Troubles troubles,
            YearBook years,
            Clock clock) {
        this.stops = stops;
        this.plants = plants;
        this.logBook = logBook;
        this.states = states;
        this.schedule = schedule;
        this.knowledge = knowledge;
        this.courses = courses;
        this.steps = steps;
        this.products = products;
        this.used = used;
        this.learning = learning;
        this.trials = trials;
        this.troubles = troubles;
        this.years = years;
        this.clock = clock;
    }

    /** Mean temperature at a stop, °C. */
    static double celsius(StopNow now) {
        Optional<Double> day = now.dayCelsius();
        Optional<Double> night = now.nightCelsius();
        return day.isPresent() && night.isPresent()
                ? (day.get() + night.get()) / 2
                : day.or(() -> night).orElse(USUAL_CELSIUS);
    }

    @Override
    public List<Trial> borne(Plant plant, Disorder cause) {
        LocalDate today = LocalDate.now(clock);
        return new Allowed(knowledge)
                .of(
                        cause.trials().stream()
                                .map(trials::find)
                                .flatMap(Optional::stream)
                                .toList(),
                        cause.id(),
                        of(plant, today),
                        today);
    }

    @Override
    public Optional<String> against(Plant plant, Set<Hold> does) {
        LocalDate today = LocalDate.now(clock);
        return new Allowed(knowledge)
                .against(does, of(plant, today, troubles.holds(plant)))
                .map(Wording::of);
    }

    Situation of(Plant plant, LocalDate today) {
        return of(plant, today, Set.of());
    }

    /**
     * @param holds what must not be done while its trial runs; a course of the trial itself is not on hold by it
     */
    Situation of(Plant plant, LocalDate today, Set<Hold> holds) {
        Stop stop = stops.stop(plant.collection(), plant.stop());
        StopNow now = states.of(stop);
        boolean thirsty = schedule.of(plant.collection(), plant.id())
                .flatMap(row -> row.schedule().water())
                .filter(check -> check.early().isBefore(today))
                .isPresent();
        Set<Situation.State> so = EnumSet.noneOf(Situation.State.class);
        Profile kind = plants.profile(plant);
        put(so, Situation.State.FLOWERING, plant.flowers() > 0);
        put(so, Situation.State.YOUNG, plant.stage() != Stage.ADULT);
        put(so, Situation.State.RESTING, !years.of(plant).phase().grows());
        put(so, Situation.State.THIRSTY, thirsty);
        put(
                so,
                Situation.State.SUNNY,
                now.brightness().filter(Brightness.DIRECT::equals).isPresent());
        put(so, Situation.State.OUTDOORS, stop.kind() == StopKind.OUTDOORS);
        so.addAll(Lately.of(logBook.entries(plant, today.minusDays(LATELY_DAYS)), today));
        double mean = celsius(now);
        return new Situation(
                kind,
                so,
                mean,
                now.dayCelsius().orElse(mean),
                now.nightCelsius().orElse(mean),
                now.humidityPercent().map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                plant.leaves() > 0 ? OptionalInt.of(plant.leaves()) : OptionalInt.empty(),
                holds,
                uses(plant, today));
    }

    private static void put(Set<Situation.State> states, Situation.State state, boolean is) {
        if (is) {
            states.add(state);
        }
    }

    private List<Situation.Use> uses(Plant plant, LocalDate today) {
        List<Situation.Use> uses = new ArrayList<>();
        List<CourseId> earlier =
                courses.findByCollectionAndPlantOrderByStartedOnDesc(plant.collection(), plant.id()).stream()
                        .map(StoredCourse::id)
                        .toList();
        List<StoredStep> done = earlier.isEmpty()
                ? List.of()
                : steps.findByCollectionAndCourseInAndState(plant.collection(), earlier, StoredStep.State.DONE);
        Recognition recognition = used.recognition(plant.collection());
        done.stream()
                .filter(StoredStep::uses)
                .forEach(step ->
                        uses.add(use(String.valueOf(step.means()), Optional.empty(), step.doneOn(), recognition)));
        // Steps of courses wrote entries of their own; only what was written by hand is added.
        List<BatchId> batches = done.stream().map(StoredStep::batch).toList();
        for (LogLine row : logBook.entries(plant, today.minusDays(SEASON_DAYS))) {
            row.as(LogEntry.Treated.class)
                    .filter(treated -> row.batch().filter(batches::contains).isEmpty())
                    .ifPresent(treated -> uses.add(use(row, treated, recognition)));
        }
        return List.copyOf(uses);
    }

    /** What an entry says was used, by what was recognised when it was written, else by its words, else by its kind of spray. */
    private Situation.Use use(LogLine row, LogEntry.Treated treated, Recognition recognition) {
        if (treated.means().isPresent()) {
            return use(treated.means().get(), treated.product(), row.onDay(), recognition);
        }
        String words = row.words().orElse("");
        Optional<Means> found = recognition
                .find(words)
                .map(Recognition.Used::means)
                .or(() -> treated.with().flatMap(this::ofKind));
        return found.map(means -> use(means.id(), Optional.of(words), row.onDay(), recognition))
                // Nobody knows what it was: it counts as a product of its day.
                .orElseGet(() -> new Situation.Use(
                        words.isBlank() ? Wording.say("treatment.situations.something-not-named") : words,
                        row.onDay(),
                        Optional.empty(),
                        true));
    }

    private Optional<Means> ofKind(SprayKind kind) {
        return knowledge.all().stream()
                .filter(one ->
                        one.known().entry().filter(entry -> entry == kind).isPresent())
                .findFirst();
    }

    private Situation.Use use(String means, Optional<String> product, LocalDate on, Recognition recognition) {
        Optional<String> group = product.flatMap(recognition::find)
                .filter(named -> named.means().id().equals(means))
                .flatMap(Recognition.Used::group)
                .or(() -> knowledge.find(means).flatMap(Means::group));
        return new Situation.Use(
                means, on, group, knowledge.find(means).map(Means::product).orElse(true));
    }

    /**
     * What a course is wanted for.
     *
     * @param failed what was just used and left too many
     */
    CourseRequest request(
            Plant plant, LocalDate from, LocalDate today, CourseService.Wanted wanted, List<String> failed) {
        return new CourseRequest(
                wanted.cause(),
                of(plant, today),
                wanted.style(),
                wanted.aim(),
                from,
                wanted.severe(),
                wanted.counted(),
                CourseComposer.USUAL_COVERAGE,
                products.of(plant.collection()).stream().map(OwnProduct::label).toList(),
                learning.of(plant.collection()),
                failed);
    }

    /** What a running course was wanted for, as things stand now. */
    CourseRequest request(StoredCourse course, Plant plant, LocalDate today, List<String> failed) {
        return request(
                plant,
                course.startedOn(),
                today,
                new CourseService.Wanted(
                        course.style(),
                        course.aim(),
                        course.disorder(),
                        course.severe(),
                        course.counted() == null ? OptionalDouble.empty() : OptionalDouble.of(course.counted())),
                failed);
    }
}
