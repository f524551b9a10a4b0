package mildlantern.bench;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.pest.Aim;
import mildlantern.pest.LifeTable;
import mildlantern.plant.Profile;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.CourseRequest;
import mildlantern.treatment.HouseFigures;
import mildlantern.treatment.Learning;
import mildlantern.treatment.Means;
import mildlantern.treatment.Situation;
import mildlantern.treatment.Style;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.treatment.WayOut;

/** What is planned for one plant, what was done and counted, and what is made of it, as the advice of the product has it. */
final class CourseKept {
    /** What a grower has and knows. */
    record House(TreatmentKnowledge knowledge, CourseComposer composer, Learning learning) {}

    /** Which pest on what plant, how warm, and how it is treated. */
    record Task(LifeTable pest, Profile profile, double celsius, Style style) {}

    private final House house;
    private final Task task;
    private final LocalDate start;
    private final List<Situation.Use> used = new ArrayList<>();
    private final List<Learning.Count> counts = new ArrayList<>();
    private final List<Course.Step> steps = new ArrayList<>();
    private Style style;
    private Course course;
    private LocalDate from;
    private int counted;
    private boolean givenUp;

    /** Plans for so many that were counted, in the style that serves. */
    CourseKept(House house, Task task, LocalDate start, int counted) {
        this.house = house;
        this.task = task;
        this.start = start;
        this.from = start;
        this.counted = counted;
        style = task.style();
        counts.add(new Learning.Count(0, counted));
        course = plan(List.of(), HouseFigures.NONE);
    }

    /** The plan, or the better way that it names: another style, or giving it up. */
    private Course plan(List<String> failed, HouseFigures figures) {
        CourseRequest request = request(failed, used, figures);
        Course planned = house.composer().compose(request);
        Optional<WayOut> out = house.composer().wayOut(request, planned, uses());
        if (out.flatMap(WayOut::style).isPresent()) {
            style = out.flatMap(WayOut::style).orElseThrow();
            planned = house.composer().compose(request(failed, used, figures));
        } else if (out.isPresent()) {
            givenUp = true;
        }
        steps.clear();
        steps.addAll(planned.steps());
        return planned;
    }

    Course course() {
        return course;
    }

    boolean givenUp() {
        return givenUp;
    }

    Optional<Course.Step> look(LocalDate day) {
        return steps.stream()
                .filter(step -> step.look().isPresent() && step.on().equals(day))
                .findFirst();
    }

    /** Says whether nothing was found; what is planned follows from what was. */
    boolean looked(Course.Step look, LocalDate day, int seen) {
        steps.remove(look);
        counts.add(new Learning.Count((int) ChronoUnit.DAYS.between(start, day), seen));
        if (look.look().filter(Course.LookFor.FEWER::equals).isPresent()) {
            Course replanned =
                    house.composer().replan(request(List.of(), before(from), figures()), course, done(), day);
            if (replanned.forecast().filter(Course.Forecast::reached).isPresent()) {
                steps.clear();
                steps.addAll(replanned.steps());
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
        List<String> failed = used.stream().map(Situation.Use::means).distinct().toList();
        from = used.stream()
                .map(use -> use.on().plusDays((int)
                        means(use.means()).intervalAgainst(task.pest().id()).low()))
                .filter(day::isBefore)
                .max(Comparator.naturalOrder())
                .orElse(day.plusDays(1));
        counted = seen;
        course = plan(failed, figures());
    }

    private HouseFigures figures() {
        return house.learning()
                .from(List.of(new Learning.Past(
                        task.pest().id(),
                        task.celsius(),
                        CourseComposer.USUAL_COVERAGE,
                        used.stream()
                                .map(use ->
                                        new Learning.Used((int) ChronoUnit.DAYS.between(start, use.on()), use.means()))
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
        used.forEach(use -> colony.treat(house.knowledge().effect(means(use.means()), task.pest()), (int)
                ChronoUnit.DAYS.between(use.on(), day)));
    }

    /** A wash before a use is none of its own. */
    int uses() {
        return (int) used.stream().filter(use -> !means(use.means()).wash()).count();
    }

    private Means means(String id) {
        return house.knowledge().find(id).orElseThrow();
    }

    private CourseRequest request(List<String> failed, List<Situation.Use> before, HouseFigures figures) {
        Situation plain = Situation.of(task.profile(), task.celsius());
        return new CourseRequest(
                task.pest().id(),
                new Situation(
                        task.profile(),
                        plain.states(),
                        plain.celsius(),
                        plain.warmest(),
                        plain.coldest(),
                        plain.humidity(),
                        plain.leaves(),
                        plain.holds(),
                        List.copyOf(before)),
                style,
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
