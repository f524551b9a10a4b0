package mildlantern.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mildlantern.quarantine.Quarantine;

/** Composes courses against diseases from the steps that the knowledge base lays down, and moves them when a step was late. */
final class DiseaseCourses {
    private final TreatmentKnowledge knowledge;
    private final Refusals refusals;
    private final Quarantine quarantine;

    DiseaseCourses(TreatmentKnowledge knowledge, Refusals refusals, Quarantine quarantine) {
        this.knowledge = knowledge;
        this.refusals = refusals;
        this.quarantine = quarantine;
    }

    Course compose(CourseRequest request) {
        DiseaseCourse disease = knowledge
                .disease(request.disorder())
                .orElseThrow(
                        () -> new IllegalArgumentException("no course is known against '" + request.disorder() + "'"));
        List<Course.Step> steps = new ArrayList<>(Steps.opening(request.from(), Optional.empty()));
        Map<String, Course.Option> options = new LinkedHashMap<>();
        Situation situation = request.situation();
        Optional<String> group = Optional.empty();
        int last = 0;
        boolean acted = false;
        for (DiseaseStep step : request.severe() ? disease.severe() : disease.steps()) {
            LocalDate on = request.from().plusDays(step.day());
            Optional<Means> use = Optional.empty();
            for (String id : step.means()) {
                Means one = knowledge.find(id).orElseThrow();
                Course.Role role = role(one, on, request, situation, step.otherGroup() ? group : Optional.empty());
                options.putIfAbsent(id, Course.Option.of(one, role));
                if (role == Course.Role.MAIN) {
                    options.put(id, Course.Option.of(one, role));
                    use = Optional.of(one);
                    break;
                }
            }
            if (use.isPresent()) {
                Means one = use.get();
                steps.add(Course.Step.use(on, phase(one, step.day(), acted), one));
                acted = acted || one.product();
                situation = situation.after(new Situation.Use(one.id(), on, one.group(), one.product()));
                group = one.group();
                last = step.day();
            }
        }
        LocalDate decides = request.from().plusDays(last + (long) disease.lookDays());
        boolean cut = steps.stream().anyMatch(step -> step.means().equals(Optional.of("cut-to-sound")));
        steps.add(Course.Step.look(decides, cut ? Course.LookFor.DRY_CUT : Course.LookFor.SAME_LEAVES));
        quarantine
                .clock(
                        request.from().plusDays(last),
                        Optional.of(request.disorder()),
                        request.situation().celsius(),
                        true)
                .until()
                .map(day -> day.isBefore(decides) ? decides : day)
                .ifPresent(day -> steps.add(Course.Step.look(day, Course.LookFor.BACK)));
        return new Course(
                request.disorder(),
                Course.Choice.none(request.style(), request.aim()),
                request.from(),
                Steps.inOrder(steps),
                Optional.empty(),
                List.copyOf(options.values()),
                disease.noCure().map(Course.NoCure.INCURABLE::with),
                Optional.empty());
    }

    private static Course.Phase phase(Means one, int day, boolean acted) {
        if (one.product()) {
            return acted ? Course.Phase.REPEAT : Course.Phase.ACT;
        }
        return day == 0 ? Course.Phase.CLEAN : Course.Phase.ACT;
    }

    private Course.Role role(
            Means one, LocalDate on, CourseRequest request, Situation situation, Optional<String> notGroup) {
        if (!one.styles().contains(request.style())) {
            return Course.Role.OTHER_STYLE;
        }
        if (notGroup.isPresent() && one.group().equals(notGroup)) {
            return Course.Role.POSSIBLE;
        }
        return refusals.refusal(request.order(one, on), situation).isPresent() ? Course.Role.REFUSED : Course.Role.MAIN;
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
        int late = (int) Math.max(0, ChronoUnit.DAYS.between(first, today));
        return new Course(
                before.disorder(),
                before.choice(),
                before.from(),
                left.stream()
                        .map(step -> step.movedTo(step.on().plusDays(late)))
                        .toList(),
                before.forecast(),
                before.options(),
                before.noCure(),
                Optional.of(new Course.Cost(0, late)));
    }
}
