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
import mildlantern.treatment.HouseFigures;
import mildlantern.treatment.Learning;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a house has learned from the counts of its courses. It follows from them alone: nothing of it is stored. */
@Component
class HouseLearning {
    private final CourseRepositories.Courses courses;
    private final CourseRepositories.Steps steps;
    private final Plants plants;
    private final Stops stops;
    private final StopStates states;
    private final Houses houses;
    private final Learning learning;

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
            TreatmentKnowledge knowledge) {
        this.courses = courses;
        this.steps = steps;
        this.plants = plants;
        this.stops = stops;
        this.states = states;
        this.houses = houses;
        this.learning = new Learning(knowledge);
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
        Map<CourseId, List<StoredStep>> byCourse = steps
                .findByCollectionAndCourseInAndState(
                        collection, counted.stream().map(StoredCourse::id).toList(), StoredStep.State.DONE)
                .stream()
                .collect(Collectors.groupingBy(StoredStep::course));
        List<Learning.Past> pasts = new ArrayList<>();
        for (StoredCourse course : counted) {
            past(course, byCourse.getOrDefault(course.id(), List.of())).ifPresent(pasts::add);
        }
        return pasts;
    }

    private Optional<Learning.Past> past(StoredCourse course, List<StoredStep> done) {
        List<Learning.Count> counts = new ArrayList<>();
        counts.add(new Learning.Count(0, (int) Math.round(course.counted())));
        done.stream()
                .filter(step -> step.counted() != null && !step.doneOn().isBefore(course.startedOn()))
                .sorted(Comparator.comparing(StoredStep::doneOn))
                .forEach(step -> counts.add(new Learning.Count(day(course, step), step.counted())));
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
