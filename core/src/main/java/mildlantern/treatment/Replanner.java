package mildlantern.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.pest.Application;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Plan;
import mildlantern.quarantine.Quarantine;

/** Plans what is left of a course against a pest from what was really done, and says what lateness costs. */
final class Replanner {
    private final TreatmentKnowledge knowledge;
    private final CourseRequest request;
    private final LifeTable pest;
    private final PestClock clock;
    private final Quarantine quarantine;

    Replanner(
            TreatmentKnowledge knowledge,
            CourseRequest request,
            LifeTable pest,
            PestClock clock,
            Quarantine quarantine) {
        this.knowledge = knowledge;
        this.request = request;
        this.pest = pest;
        this.clock = clock;
        this.quarantine = quarantine;
    }

    Course replan(Course before, List<CourseComposer.Done> done, LocalDate today) {
        Course.Choice choice = before.choice();
        List<String> kinds =
                choice.turns().stream().map(Course.Turn::means).distinct().toList();
        List<CourseComposer.Done> main =
                done.stream().filter(one -> kinds.contains(one.means())).toList();
        int used = Math.min(main.size(), choice.turns().size());
        List<Course.Turn> left = choice.turns().subList(used, choice.turns().size());
        Optional<LocalDate> last = main.stream().map(CourseComposer.Done::on).max(LocalDate::compareTo);
        LocalDate due = last.map(
                        day -> left.isEmpty() ? day : day.plusDays(left.get(0).gap()))
                .orElseGet(() -> firstPlanned(before, kinds).orElse(today));
        LocalDate first = due.isBefore(today) ? today : due;
        List<Application> toCome = new ArrayList<>();
        List<LocalDate> days = new ArrayList<>();
        LocalDate on = first;
        for (int i = 0; i < left.size(); i++) {
            on = i == 0 ? first : on.plusDays(left.get(i).gap());
            days.add(on);
            Means means = means(left.get(i).means());
            toCome.add(new Application(
                    dayOf(before, on),
                    Stream.concat(wash(choice, used + i, means).stream(), Stream.of(means))
                            .map(one -> knowledge.effect(one, pest, request.figures()))
                            .toList()));
        }
        Plan plan = clock.fewest(given(before, done), toCome, besides(before, first), request.aim());
        List<Course.Step> steps = new ArrayList<>();
        LocalDate shows = last.map(day -> day.plusDays(
                        Steps.worksUntil(means(main.get(main.size() - 1).means()))))
                .orElse(today);
        Set<String> known =
                main.stream().map(CourseComposer.Done::means).collect(Collectors.toCollection(HashSet::new));
        for (int i = 0; i < plan.applications(); i++) {
            Means means = means(left.get(i).means());
            steps.add(
                    Course.Step.use(days.get(i), known.add(means.id()) ? Course.Phase.ACT : Course.Phase.REPEAT, means)
                            .after(wash(choice, used + i, means).map(Means::id)));
            LocalDate works = days.get(i).plusDays(Steps.worksUntil(means));
            shows = works.isAfter(shows) ? works : shows;
        }
        LocalDate lastUse = plan.applications() == 0 ? last.orElse(today) : days.get(plan.applications() - 1);
        besides(before, done, lastUse, today, steps);
        steps.addAll(Steps.closing(
                before.from(),
                lastUse,
                shows.isBefore(lastUse) ? lastUse : shows,
                pest,
                request.situation().celsius(),
                quarantine));
        steps.removeIf(step -> step.on().isBefore(today));
        int uses = used + plan.applications();
        return new Course(
                before.disorder(),
                choice,
                before.from(),
                Steps.inOrder(steps),
                before.forecast().map(was -> with(was, plan, uses)),
                before.options(),
                before.noCure(),
                Optional.of(cost(before, kinds, uses, lastUse)));
    }

    private static Course.Forecast with(Course.Forecast was, Plan plan, int uses) {
        return new Course.Forecast(
                plan.moving(),
                plan.risk(),
                plan.reached(),
                uses,
                was.fewer(),
                was.leftOfOne(),
                was.doublingDays(),
                was.hidden());
    }

    private Means means(String id) {
        return knowledge.find(id).orElseThrow(() -> new IllegalArgumentException("no means is called '" + id + "'"));
    }

    private Optional<Means> wash(Course.Choice choice, int use, Means means) {
        return choice.wash()
                .filter(id -> use > 0 && !id.equals(means.id()) && means.way() == Means.Way.SPRAY)
                .map(this::means);
    }

    private static int dayOf(Course before, LocalDate on) {
        return (int) Math.max(0, ChronoUnit.DAYS.between(before.from(), on));
    }

    private List<Application> given(Course before, List<CourseComposer.Done> done) {
        return done.stream()
                .map(one -> Application.of(
                        dayOf(before, one.on()), knowledge.effect(means(one.means()), pest, request.figures())))
                .toList();
    }

    private List<Application> besides(Course before, LocalDate from) {
        return before.choice()
                .beside()
                .map(this::means)
                .map(one -> before.steps().stream()
                        .filter(step -> step.means().equals(Optional.of(one.id())))
                        .filter(step -> !step.on().isBefore(from))
                        .map(step -> Application.of(
                                dayOf(before, step.on()), knowledge.effect(one, pest, request.figures())))
                        .toList())
                .orElse(List.of());
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
            int every = (int) request.interval(one).low();
            LocalDate next =
                    last.map(day -> day.plusDays(every)).orElse(before.from().plusDays(1));
            next = next.isBefore(today) ? today : next;
            for (LocalDate on = next; !on.isAfter(lastUse); on = on.plusDays(every)) {
                steps.add(Course.Step.use(on, Course.Phase.REPEAT, one));
            }
        });
    }

    private static Optional<LocalDate> firstPlanned(Course before, List<String> kinds) {
        return before.steps().stream()
                .filter(step -> step.phase() == Course.Phase.ACT || step.phase() == Course.Phase.REPEAT)
                .filter(step -> step.means().map(kinds::contains).orElse(false))
                .map(Course.Step::on)
                .min(LocalDate::compareTo);
    }

    private static Course.Cost cost(Course before, List<String> kinds, int uses, LocalDate lastUse) {
        int planned = before.forecast().map(Course.Forecast::uses).orElse(uses);
        LocalDate was = before.steps().stream()
                .filter(step -> step.phase() == Course.Phase.ACT || step.phase() == Course.Phase.REPEAT)
                .filter(step -> step.means().map(kinds::contains).orElse(false))
                .map(Course.Step::on)
                .max(LocalDate::compareTo)
                .orElse(lastUse);
        return new Course.Cost(uses - planned, (int) ChronoUnit.DAYS.between(was, lastUse));
    }
}
