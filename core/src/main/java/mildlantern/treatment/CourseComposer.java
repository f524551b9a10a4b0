package mildlantern.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Conditions;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Place;
import mildlantern.pest.Stage;

/**
 * Composes a course against a decided cause: what this plant bears here, in the grower's way of working, as often and for as long as the
 * pest clock says; and plans it anew when a step was late or missed.
 */
public final class CourseComposer {
    /** A course is to bring the chance of survivors below this. */
    public static final double RISK = 0.05;

    /** Share of the surface that a careful grower wets, where nothing is said. */
    public static final double USUAL_COVERAGE = 0.9;

    /** How much more rarely it is used by one who takes every second week for enough. */
    private static final double SLOW = 2.5;

    /** A stage is out of reach if no more than this share of it dies. */
    private static final double OUT_OF_REACH = 0.3;

    private final TreatmentKnowledge knowledge;
    private final Refusals refusals;

    public CourseComposer(TreatmentKnowledge knowledge) {
        this.knowledge = knowledge;
        this.refusals = new Refusals(knowledge);
    }

    /**
     * What was really done of a course.
     *
     * @param means id of what was used
     * @param on the day
     */
    public record Done(String means, LocalDate on) {}

    /** Conditions, rinsing, gear and cautions of a means, a sentence each. */
    public static List<String> terms(Means one) {
        return Steps.terms(one);
    }

    /** A share in words: "under 1 %", "34 %". */
    public static String percent(double share) {
        return Say.percent(share);
    }

    /** Whether there is anything to compose against this. */
    public boolean treats(DisorderId disorder) {
        return knowledge.treats(disorder);
    }

    /** Composes the course that fits best. Where nothing is known or allowed it says so, and only isolates and looks. */
    public Course compose(CourseRequest request) {
        return knowledge
                .pests()
                .find(request.disorder())
                .map(pest -> againstPest(request, pest))
                .orElseGet(() -> new DiseaseCourses(knowledge, refusals).compose(request));
    }

    /**
     * Plans what is left of a course from what was really done.
     *
     * @param request as the course was composed for, with the day it began
     * @param before the course until now
     * @param done what was really used, by day
     * @param today no step is planned before this day
     * @return the same course with other days for what is left; its cost says what that means
     */
    public Course replan(CourseRequest request, Course before, List<Done> done, LocalDate today) {
        Optional<LifeTable> pest = knowledge.pests().find(request.disorder());
        return pest.isPresent() && !before.choice().uses().isEmpty()
                ? new Replanner(knowledge, request, pest.get(), clock(request, pest.get())).replan(before, done, today)
                : DiseaseCourses.shifted(before, done, today);
    }

    private static PestClock clock(CourseRequest request, LifeTable pest) {
        double celsius = request.situation().celsius();
        double start = request.counted().isPresent() && request.counted().getAsDouble() > 0
                ? PestClock.startFor(pest, celsius, request.counted().getAsDouble())
                : pest.start();
        return new PestClock(pest, new Conditions(celsius, request.coverage(), start));
    }

    private Course againstPest(CourseRequest request, LifeTable pest) {
        List<Course.Weighed> weighed = new ArrayList<>();
        List<Means> allowed = new ArrayList<>();
        for (Means one : knowledge.against(request.disorder())) {
            Optional<String> problem = problem(one, request);
            problem.ifPresentOrElse(
                    why -> weighed.add(new Course.Weighed(one.id(), one.name(), false, why)), () -> allowed.add(one));
        }
        if (allowed.isEmpty()) {
            return nothing(request, weighed);
        }
        PestClock clock = clock(request, pest);
        Ways ways = new Ways(knowledge, request, pest, clock, allowed);
        List<Ways.Way> all = ways.all();
        Ways.Way best = ways.best(all);
        weighed.addAll(0, weighed(all, best));
        return new Course(
                request.disorder(),
                new Course.Choice(
                        request.style(),
                        best.uses().stream().map(Means::id).toList(),
                        best.beside().map(Means::id),
                        best.clean().map(Means::id),
                        best.interval()),
                request.from(),
                steps(request, pest, best, ways),
                Optional.of(forecast(pest, clock, best)),
                weighed,
                Optional.empty(),
                Optional.empty());
    }

    private Optional<String> problem(Means one, CourseRequest request) {
        Optional<String> refused = refusals.judge(request.order(one, request.from()), request.situation()).stream()
                .filter(Verdict::refuses)
                .map(Verdict::reason)
                .findFirst();
        return refused.isPresent() || one.styles().contains(request.style())
                ? refused
                : Optional.of(Say.notOfStyle(request.style()));
    }

    private static List<Course.Weighed> weighed(List<Ways.Way> ways, Ways.Way best) {
        Map<String, Course.Weighed> lines = new LinkedHashMap<>();
        for (Means one : best.uses().subList(0, best.plan().applications())) {
            lines.putIfAbsent(one.id(), new Course.Weighed(one.id(), one.name(), true, plan(best)));
        }
        best.clean()
                .ifPresent(one -> lines.put(
                        one.id(),
                        new Course.Weighed(
                                one.id(),
                                one.name(),
                                true,
                                "First: it takes off what it can reach, and needs no label.")));
        best.beside()
                .ifPresent(one -> lines.put(
                        one.id(),
                        new Course.Weighed(
                                one.id(), one.name(), true, "Beside it, for what the other does not reach.")));
        ways.stream()
                .filter(Ways.Way::alone)
                .forEach(way -> lines.putIfAbsent(
                        way.main().id(),
                        new Course.Weighed(
                                way.main().id(), way.main().name(), false, "Alone: " + Say.lower(plan(way)))));
        return List.copyOf(lines.values());
    }

    private static String plan(Ways.Way way) {
        int uses = way.plan().applications();
        return (uses == 1
                        ? "Once"
                        : (uses == 2 ? "Twice" : Say.numeral(uses) + " times") + ", every " + Say.days(way.interval())
                                + ",")
                + (way.plan().ends() ? " ends it: " : " does not end it: ")
                + Say.percent(way.plan().risk()) + " chance that any is left.";
    }

    private Course.Forecast forecast(LifeTable pest, PestClock clock, Ways.Way best) {
        Effect effect = knowledge.effect(best.main(), pest);
        int slow = (int) Math.ceil(best.interval() * SLOW);
        Map<Integer, Effect> slowly = new LinkedHashMap<>();
        for (int i = 0; i < best.plan().applications(); i++) {
            slowly.put(i * slow, effect);
        }
        OptionalDouble doubling = clock.doublingDays();
        return new Course.Forecast(
                best.plan().risk(),
                best.plan().ends(),
                best.plan().applications(),
                clock.riskAfter(Map.of(0, effect)),
                slow,
                clock.riskAfter(slowly),
                doubling.isPresent() ? Optional.of(doubling.getAsDouble()) : Optional.empty(),
                hidden(pest, best, clock));
    }

    /** The stage that none of the means reaches for longest. */
    private Optional<String> hidden(LifeTable pest, Ways.Way best, PestClock clock) {
        List<Effect> effects = Stream.concat(
                        best.uses().stream().distinct(), Stream.concat(best.beside().stream(), best.clean().stream()))
                .map(one -> knowledge.effect(one, pest))
                .toList();
        return pest.stages().stream()
                .filter(stage -> !stage.name().equals(LifeTable.ADULTS))
                .filter(stage -> effects.stream()
                        .allMatch(effect -> reached(effect, pest.stages().indexOf(stage)) < OUT_OF_REACH))
                .max(Comparator.comparingDouble(Stage::degreeDays))
                .map(stage -> stage.name() + " (" + Say.days(clock.daysOf(stage)) + " " + where(stage.at()) + ")");
    }

    private static double reached(Effect effect, int stage) {
        return Math.max(
                effect.atOnce().get(stage).high(),
                1 - Math.pow(1 - effect.daily().get(stage).high(), effect.lastsDays()));
    }

    private static String where(Place place) {
        return switch (place) {
            case LEAF -> "on the leaf";
            case BUD -> "in folded growth";
            case SHELL -> "under a shell or wax";
            case TISSUE -> "inside the leaf or root";
            case MEDIUM -> "in the medium";
            case AIR -> "on the wing";
        };
    }

    private static List<Course.Step> steps(CourseRequest request, LifeTable pest, Ways.Way way, Ways ways) {
        LocalDate from = request.from();
        List<Course.Step> steps = new ArrayList<>();
        steps.add(Steps.isolate(from));
        way.clean().ifPresent(one -> steps.add(Steps.use(from, Course.Phase.CLEAN, one, request)));
        if (way.main().terms().testLeaf()) {
            steps.add(Steps.test(from, way.main()));
        }
        for (int i = 0; i < way.plan().applications(); i++) {
            LocalDate on = from.plusDays(way.first() + (long) i * way.interval());
            steps.add(Steps.use(
                    on,
                    i == 0 ? Course.Phase.ACT : Course.Phase.REPEAT,
                    way.uses().get(i),
                    request));
        }
        way.beside()
                .ifPresent(one -> ways.besides(one).keySet().stream()
                        .filter(day -> day <= Math.max(way.plan().lastDay(), 1))
                        .forEach(day -> steps.add(Steps.use(
                                from.plusDays(day), day == 1 ? Course.Phase.ACT : Course.Phase.REPEAT, one, request))));
        Steps.looks(steps, from, way.plan().lastDay() + Steps.worksUntil(way.main()), Steps.generation(pest, request));
        return Steps.inOrder(steps);
    }

    private static Course nothing(CourseRequest request, List<Course.Weighed> weighed) {
        List<Course.Step> steps = new ArrayList<>();
        steps.add(Steps.isolate(request.from()));
        Steps.looks(steps, request.from(), 0, 0);
        return new Course(
                request.disorder(),
                Course.Choice.none(request.style()),
                request.from(),
                Steps.inOrder(steps),
                Optional.empty(),
                weighed,
                Optional.of(
                        "Nothing in this style suits this plant here. Choose another style, or ask a plant clinic or adviser."),
                Optional.empty());
    }
}
