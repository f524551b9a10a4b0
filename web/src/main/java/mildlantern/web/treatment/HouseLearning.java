package mildlantern.web.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.knowledge.DisorderId;
import mildlantern.outcome.OutcomeJudge;
import mildlantern.outcome.Verdict;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Course;
import mildlantern.treatment.HouseFigures;
import mildlantern.treatment.Learning;
import mildlantern.treatment.Means;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.care.TreatmentResults;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a house has learned from the counts of its courses, and what came of each. It follows from them alone: nothing of it is stored. */
@Component
class HouseLearning implements TreatmentResults {
    private static final DayFormat DAY = DayFormat.SHORT;

    private final CourseRepositories.Courses courses;
    private final CourseRepositories.Steps steps;
    private final Plants plants;
    private final Stops stops;
    private final StopStates states;
    private final Houses houses;
    private final Learning learning;
    private final TreatmentKnowledge knowledge;
    private final Outbreaks outbreaks;
    private final OutcomeJudge judge;

    /** The same courses teach the same: they are reckoned once. */
    private final Map<CollectionId, Learned> learned = new ConcurrentHashMap<>();

    private record Learned(List<Learning.Past> from, HouseFigures figures) {}

    HouseLearning(
            CourseRepositories.Courses courses,
            CourseRepositories.Steps steps,
            Plants plants,
            Stops stops,
            StopStates states,
            Houses houses,
            TreatmentKnowledge knowledge,
            Outbreaks outbreaks,
            OutcomeJudge judge) {
        this.courses = courses;
        this.steps = steps;
        this.plants = plants;
        this.stops = stops;
        this.states = states;
        this.houses = houses;
        this.learning = new Learning(knowledge);
        this.knowledge = knowledge;
        this.outbreaks = outbreaks;
        this.judge = judge;
    }

    @Transactional(readOnly = true)
    public HouseFigures of(CollectionId collection) {
        List<Learning.Past> pasts = pasts(collection);
        return learned.compute(
                        collection,
                        (id, known) -> known != null && known.from().equals(pasts)
                                ? known
                                : new Learned(pasts, learning.from(pasts)))
                .figures();
    }

    @Override
    @Transactional(readOnly = true)
    public List<Lesson> lessons(CollectionId collection) {
        HouseFigures figures = of(collection);
        Stream<Lesson> kills =
                figures.killing().keySet().stream().sorted().flatMap(means -> kills(figures, means).stream());
        Stream<Lesson> grows = figures.growing().keySet().stream()
                .sorted(Comparator.comparing(DisorderId::value))
                .flatMap(pest -> grows(figures, pest).stream());
        return Stream.concat(kills, grows).toList();
    }

    /** How well a means works here, where counts have told of it. */
    Optional<Lesson> kills(HouseFigures figures, String means) {
        return Optional.ofNullable(figures.killing().get(means))
                .flatMap(figure -> knowledge
                        .find(means)
                        .map(one -> new Lesson(
                                one.name(),
                                Wording.say(
                                        "treatment.course-outlooks.kills",
                                        figure.counts(),
                                        Limits.tenths(figure.times())))));
    }

    /** How fast a pest grows here, where counts have told of it. */
    Optional<Lesson> grows(HouseFigures figures, DisorderId pest) {
        return Optional.ofNullable(figures.growing().get(pest))
                .map(figure -> new Lesson(
                        outbreaks.causeName(pest),
                        Wording.say(
                                "treatment.course-outlooks.grows", figure.counts(), Limits.tenths(figure.times()))));
    }

    @Override
    @Transactional(readOnly = true)
    public List<Ended> ended(CollectionId collection) {
        List<StoredCourse> ended = courses.findByCollection(collection).stream()
                .filter(course -> course.state() != StoredCourse.State.RUNNING)
                .toList();
        Map<CourseId, List<StoredStep>> done = done(collection, ended);
        return ended.stream()
                .map(course -> ended(course, done.getOrDefault(course.id(), List.of())))
                .toList();
    }

    private Ended ended(StoredCourse course, List<StoredStep> done) {
        List<Learning.Count> counts = counts(course, done);
        String means = Wording.listed(course.choice().turns().stream()
                .map(Course.Turn::means)
                .distinct()
                .flatMap(id -> knowledge.find(id).stream())
                .map(Means::name)
                .toList());
        String words = means.isEmpty()
                ? Wording.say("treatment.house-learning.course", outbreaks.causeName(course.disorder()))
                : Wording.say("treatment.house-learning.course-with", outbreaks.causeName(course.disorder()), means);
        boolean released = course.state() == StoredCourse.State.RELEASED;
        String end = DAY.format(course.endedOn());
        if (counts.size() < 2) {
            return new Ended(
                    course.plant(),
                    words,
                    course.startedOn(),
                    released ? Verdict.BETTER : Verdict.CANNOT_TELL,
                    released
                            ? Wording.say("treatment.house-learning.released", end)
                            : Wording.say("treatment.house-learning.ended", end));
        }
        int first = counts.get(0).number();
        int last = counts.get(counts.size() - 1).number();
        return new Ended(
                course.plant(),
                words,
                course.startedOn(),
                released ? Verdict.BETTER : judge.byCounts(first, last),
                Wording.say("treatment.house-learning.counted", first, last, end));
    }

    private List<Learning.Past> pasts(CollectionId collection) {
        Optional<LocalDate> since = houses.learnsSince(collection);
        List<StoredCourse> counted = courses.findByCollection(collection).stream()
                .filter(course -> course.counted() != null && course.counted() > 0)
                .filter(course ->
                        since.filter(day -> course.startedOn().isBefore(day)).isEmpty())
                .sorted(Comparator.comparing(StoredCourse::startedOn)
                        .thenComparing(course -> course.id().toString()))
                .toList();
        if (counted.isEmpty()) {
            return List.of();
        }
        Map<CourseId, List<StoredStep>> byCourse = done(collection, counted);
        List<Learning.Past> pasts = new ArrayList<>();
        for (StoredCourse course : counted) {
            past(course, byCourse.getOrDefault(course.id(), List.of())).ifPresent(pasts::add);
        }
        return pasts;
    }

    private Map<CourseId, List<StoredStep>> done(CollectionId collection, List<StoredCourse> some) {
        return some.isEmpty()
                ? Map.of()
                : steps
                        .findByCollectionAndCourseInAndState(
                                collection, some.stream().map(StoredCourse::id).toList(), StoredStep.State.DONE)
                        .stream()
                        .collect(Collectors.groupingBy(StoredStep::course));
    }

    /** What was counted in its course, the count before it first; none where nothing was counted then. */
    private static List<Learning.Count> counts(StoredCourse course, List<StoredStep> done) {
        if (course.counted() == null) {
            return List.of();
        }
        Stream<Learning.Count> since = done.stream()
                .filter(step -> step.counted() != null && !step.doneOn().isBefore(course.startedOn()))
                .sorted(Comparator.comparing(StoredStep::doneOn))
                .map(step -> new Learning.Count(day(course, step), step.counted()));
        return Stream.concat(Stream.of(new Learning.Count(0, (int) Math.round(course.counted()))), since)
                .toList();
    }

    private Optional<Learning.Past> past(StoredCourse course, List<StoredStep> done) {
        List<Learning.Count> counts = counts(course, done);
        if (counts.size() < 2) {
            return Optional.empty();
        }
        List<Learning.Used> uses = done.stream()
                .filter(step -> step.uses() && !step.doneOn().isBefore(course.startedOn()))
                .sorted(Comparator.comparing(StoredStep::doneOn).thenComparing(StoredStep::phase))
                .flatMap(step -> Stream.concat(step.step().wash().stream(), step.step().means().stream())
                        .map(means -> new Learning.Used(day(course, step), means)))
                .toList();
        double celsius = Situations.celsius(states.of(stops.stop(
                course.collection(),
                plants.plant(course.collection(), course.plant()).stop())));
        return Optional.of(new Learning.Past(course.disorder(), celsius, course.coverage(), uses, counts));
    }

    private static int day(StoredCourse course, StoredStep step) {
        return (int) ChronoUnit.DAYS.between(course.startedOn(), step.doneOn());
    }
}
