package mildlantern.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Composes courses against diseases from the steps that the knowledge base lays down, and moves them when a step was late. */
final class DiseaseCourses {
    private final TreatmentKnowledge knowledge;
    private final Refusals refusals;

    DiseaseCourses(TreatmentKnowledge knowledge, Refusals refusals) {
        this.knowledge = knowledge;
        this.refusals = refusals;
    }

    Course compose(CourseRequest request) {
        Optional<DiseaseCourse> known = knowledge.disease(request.disorder());
        if (known.isEmpty()) {
            throw new IllegalArgumentException("no course is known against '" + request.disorder() + "'");
        }
        DiseaseCourse disease = known.get();
        List<Course.Step> steps = new ArrayList<>();
        List<Course.Weighed> weighed = new ArrayList<>();
        steps.add(Steps.isolate(request.from()));
        Situation situation = request.situation();
        Optional<String> group = Optional.empty();
        int last = 0;
        for (DiseaseStep step : request.severe() ? disease.severe() : disease.steps()) {
            LocalDate on = request.from().plusDays(step.day());
            Optional<Means> use = Optional.empty();
            for (String id : step.means()) {
                Means one = knowledge.find(id).orElseThrow();
                Optional<String> problem =
                        against(one, on, request, situation, step.otherGroup() ? group : Optional.empty());
                if (problem.isEmpty()) {
                    use = Optional.of(one);
                    break;
                }
                weighed.add(new Course.Weighed(one.id(), one.name(), false, problem.get()));
            }
            if (use.isPresent()) {
                Means one = use.get();
                boolean first = steps.stream().noneMatch(taken -> taken.phase() == Course.Phase.ACT);
                steps.add(Steps.use(
                        on,
                        one.product()
                                ? (first ? Course.Phase.ACT : Course.Phase.REPEAT)
                                : step.day() == 0 ? Course.Phase.CLEAN : Course.Phase.ACT,
                        one,
                        request));
                weighed.add(
                        0,
                        new Course.Weighed(
                                one.id(), one.name(), true, "On day " + step.day() + ": " + one.summary() + "."));
                situation = situation.after(new Situation.Use(one.id(), on, one.group(), one.product()));
                group = one.group();
                last = step.day();
            }
        }
        LocalDate decides = request.from().plusDays(last + (long) disease.lookDays());
        steps.add(Steps.look(
                decides,
                disease.cutToday()
                        ? "Look at the cut: it should be dry, and nothing soft beyond it."
                        : "Look again at the same leaves, and compare."));
        LocalDate release = request.from().plusDays(Math.max(last + disease.lookDays(), disease.aloneDays()));
        if (disease.noCure().isEmpty()) {
            steps.add(new Course.Step(
                    release,
                    Course.Phase.RELEASE,
                    Optional.empty(),
                    "If nothing new was found by then, it may go back to its place.",
                    List.of("Any new find starts this clock again.")));
        }
        return new Course(
                request.disorder(),
                Course.Choice.none(request.style()),
                request.from(),
                Steps.inOrder(steps),
                Optional.empty(),
                distinct(weighed),
                disease.noCure(),
                Optional.empty());
    }

    private Optional<String> against(
            Means one, LocalDate on, CourseRequest request, Situation situation, Optional<String> notGroup) {
        if (!one.styles().contains(request.style())) {
            return Optional.of(Say.notOfStyle(request.style()));
        }
        if (notGroup.isPresent() && one.group().equals(notGroup)) {
            return Optional.of("Of the same mode-of-action group as the step before.");
        }
        return refusals.judge(request.order(one, on), situation).stream()
                .filter(Verdict::refuses)
                .map(Verdict::reason)
                .findFirst();
    }

    private static List<Course.Weighed> distinct(List<Course.Weighed> weighed) {
        Map<String, Course.Weighed> lines = new LinkedHashMap<>();
        weighed.stream().filter(Course.Weighed::chosen).forEach(one -> lines.putIfAbsent(one.means() + one.why(), one));
        weighed.stream().filter(one -> !one.chosen()).forEach(one -> lines.putIfAbsent(one.means() + one.why(), one));
        return List.copyOf(lines.values());
    }

    /** A disease's course keeps its distances: what is left moves by as much as its next step is late. */
    static Course shifted(Course before, List<CourseComposer.Done> done, LocalDate today) {
        List<Course.Step> left = new ArrayList<>(before.steps());
        done.forEach(one -> left.stream()
                .filter(step -> step.means().equals(Optional.of(one.means())))
                .findFirst()
                .ifPresent(left::remove));
        left.removeIf(step -> step.means().isEmpty() && step.on().isBefore(today));
        LocalDate first =
                left.stream().map(Course.Step::on).min(LocalDate::compareTo).orElse(today);
        long late = Math.max(0, ChronoUnit.DAYS.between(first, today));
        return new Course(
                before.disorder(),
                before.choice(),
                before.from(),
                left.stream()
                        .map(step -> step.movedTo(step.on().plusDays(late)))
                        .toList(),
                before.forecast(),
                before.weighed(),
                before.noCure(),
                Optional.of(
                        late == 0 ? "Nothing that follows moves." : "What follows moves by " + Say.days(late) + "."));
    }
}
