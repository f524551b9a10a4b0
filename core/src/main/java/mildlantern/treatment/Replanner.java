package mildlantern.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Plan;
import mildlantern.pest.Schedule;

/** Plans what is left of a course against a pest from what was really done, and says what lateness costs. */
final class Replanner {
    private final TreatmentKnowledge knowledge;
    private final CourseRequest request;
    private final LifeTable pest;
    private final PestClock clock;

    Replanner(TreatmentKnowledge knowledge, CourseRequest request, LifeTable pest, PestClock clock) {
        this.knowledge = knowledge;
        this.request = request;
        this.pest = pest;
        this.clock = clock;
    }

    Course replan(Course before, List<CourseComposer.Done> done, LocalDate today) {
        Course.Choice choice = before.choice();
        List<CourseComposer.Done> main =
                done.stream().filter(one -> choice.uses().contains(one.means())).toList();
        Optional<LocalDate> last = main.stream().map(CourseComposer.Done::on).max(LocalDate::compareTo);
        LocalDate due = last.map(day -> day.plusDays(choice.intervalDays()))
                .orElseGet(() -> firstPlanned(before).orElse(today));
        LocalDate first = due.isBefore(today) ? today : due;
        int used = main.size();
        List<Means> left = choice
                .uses()
                .subList(Math.min(used, choice.uses().size()), choice.uses().size())
                .stream()
                .map(this::means)
                .toList();
        Plan plan = plan(before, done, left, first);
        List<Course.Step> steps = new ArrayList<>();
        for (int i = 0; i < plan.applications() && !left.isEmpty(); i++) {
            steps.add(Steps.use(
                    first.plusDays((long) i * choice.intervalDays()),
                    used + i == 0 ? Course.Phase.ACT : Course.Phase.REPEAT,
                    left.get(i),
                    request));
        }
        LocalDate lastUse = steps.isEmpty()
                ? last.orElse(today)
                : steps.get(steps.size() - 1).on();
        besides(before, done, lastUse, today, steps);
        Steps.looks(
                steps,
                before.from(),
                (int) ChronoUnit.DAYS.between(before.from(), lastUse)
                        + (choice.uses().isEmpty()
                                ? 0
                                : Steps.worksUntil(means(choice.uses().get(0)))),
                Steps.generation(pest, request));
        steps.removeIf(step -> step.on().isBefore(today));
        int uses = used + (left.isEmpty() ? 0 : plan.applications());
        return new Course(
                before.disorder(),
                choice,
                before.from(),
                Steps.inOrder(steps),
                before.forecast().map(was -> was.with(plan.risk(), plan.ends(), uses)),
                before.weighed(),
                before.noCure(),
                Optional.of(cost(before, uses, plan, lastUse)));
    }

    private Means means(String id) {
        return knowledge.find(id).orElseThrow(() -> new IllegalArgumentException("no means is called '" + id + "'"));
    }

    private Plan plan(Course before, List<CourseComposer.Done> done, List<Means> left, LocalDate first) {
        Map<Integer, Effect> given = new LinkedHashMap<>();
        done.forEach(one -> given.put(
                (int) Math.max(0, ChronoUnit.DAYS.between(before.from(), one.on())),
                knowledge.effect(means(one.means()), pest)));
        int day = (int) Math.max(0, ChronoUnit.DAYS.between(before.from(), first));
        if (left.isEmpty()) {
            double risk = clock.riskAfter(given);
            return new Plan(0, before.choice().intervalDays(), risk, risk < CourseComposer.RISK, day);
        }
        Map<Integer, Effect> beside = new LinkedHashMap<>();
        before.choice()
                .beside()
                .map(this::means)
                .ifPresent(one -> before.steps().stream()
                        .filter(step -> step.means().equals(Optional.of(one.id())))
                        .map(step -> (int) ChronoUnit.DAYS.between(before.from(), step.on()))
                        .filter(on -> on >= day)
                        .forEach(on -> beside.put(on, knowledge.effect(one, pest))));
        return clock.fewest(
                given,
                new Schedule(
                        left.stream().map(one -> knowledge.effect(one, pest)).toList(),
                        day,
                        before.choice().intervalDays(),
                        beside),
                left.size(),
                CourseComposer.RISK);
    }

    /** What is given beside goes on at its own days, and once more if it was due before today and not given. */
    private void besides(
            Course before,
            List<CourseComposer.Done> done,
            LocalDate lastUse,
            LocalDate today,
            List<Course.Step> steps) {
        before.choice().beside().map(this::means).ifPresent(one -> {
            Optional<LocalDate> last = done.stream()
                    .filter(use -> use.means().equals(one.id()))
                    .map(CourseComposer.Done::on)
                    .max(LocalDate::compareTo);
            int every = (int) one.intervalAgainst(request.disorder()).low();
            LocalDate next =
                    last.map(day -> day.plusDays(every)).orElse(before.from().plusDays(1));
            next = next.isBefore(today) ? today : next;
            for (LocalDate on = next; !on.isAfter(lastUse); on = on.plusDays(every)) {
                steps.add(Steps.use(on, Course.Phase.REPEAT, one, request));
            }
        });
    }

    private static Optional<LocalDate> firstPlanned(Course before) {
        return before.steps().stream()
                .filter(step ->
                        step.means().map(before.choice().uses()::contains).orElse(false))
                .map(Course.Step::on)
                .min(LocalDate::compareTo);
    }

    private static String cost(Course before, int uses, Plan plan, LocalDate lastUse) {
        int planned = before.forecast().map(Course.Forecast::applications).orElse(uses);
        LocalDate was = before.steps().stream()
                .filter(step -> step.phase() == Course.Phase.ACT || step.phase() == Course.Phase.REPEAT)
                .map(Course.Step::on)
                .max(LocalDate::compareTo)
                .orElse(lastUse);
        int more = uses - planned;
        long later = ChronoUnit.DAYS.between(was, lastUse);
        String cost = more == 0
                ? "It costs no further use"
                : (more > 0 ? "It costs " : "It saves ")
                        + Say.numeral(Math.abs(more)).toLowerCase(Locale.ROOT)
                        + (Math.abs(more) == 1 ? " use" : " uses");
        String time =
                later == 0 ? "" : ", and the last is " + Say.days(Math.abs(later)) + (later > 0 ? " later" : " sooner");
        return cost + time + ". Chance that any is left then: " + Say.percent(plan.risk()) + "."
                + (plan.ends() ? "" : " That does not end it: another course must follow.");
    }
}
