package mildlantern.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Aim;
import mildlantern.pest.Application;
import mildlantern.pest.Conditions;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.quarantine.Quarantine;

/** Composes dated courses that a plant bears, in the grower's style, and plans them anew when life came in between. */
public final class CourseComposer {
    /** Share of the surface that a careful grower wets, where nothing is said. */
    public static final double USUAL_COVERAGE = 0.9;

    /** Share of the surface that every use misses, where the last one is to be reached. Kind of source: reckoned. */
    public static final double REFUGE = 0.03;

    private final TreatmentKnowledge knowledge;
    private final Refusals refusals;
    private final Quarantine quarantine;

    public CourseComposer(TreatmentKnowledge knowledge, Quarantine quarantine) {
        this.knowledge = knowledge;
        this.refusals = new Refusals(knowledge);
        this.quarantine = quarantine;
    }

    /**
     * What was really done of a course.
     *
     * @param means id of what was used
     * @param on the day
     */
    public record Done(String means, LocalDate on) {}

    /** Whether there is anything to compose against this. */
    public boolean treats(DisorderId disorder) {
        return knowledge.treats(disorder);
    }

    /** Composes the course that fits best. Where nothing is known or allowed it says so, and only isolates and looks. */
    public Course compose(CourseRequest request) {
        return knowledge
                .pests()
                .find(request.disorder())
                .map(pest -> againstPest(request, request.figures().here(pest)))
                .orElseGet(() -> new DiseaseCourses(knowledge, refusals, quarantine).compose(request));
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
        Optional<LifeTable> pest = knowledge.pests().find(request.disorder()).map(request.figures()::here);
        return pest.isPresent() && !before.choice().turns().isEmpty()
                ? new Replanner(knowledge, request, pest.get(), clock(request, pest.get()), quarantine)
                        .replan(before, done, today)
                : DiseaseCourses.shifted(before, done, today);
    }

    /**
     * What is better than going on with this course, where it falls short of control.
     *
     * @param made uses that were made against the pest so far
     * @return nothing where the course reaches its aim, or where going on by what is found is still the best
     */
    public Optional<WayOut> wayOut(CourseRequest request, Course course, int made) {
        Optional<LifeTable> pest = knowledge.pests().find(request.disorder());
        boolean reached = course.forecast().filter(Course.Forecast::reached).isPresent();
        if (pest.isEmpty() || reached && made <= Programme.MOST_USES) {
            return Optional.empty();
        }
        if (made > Programme.MOST_USES) {
            return Optional.of(new WayOut(WayOut.Advice.TOO_MANY, Optional.empty(), made));
        }
        return Arrays.stream(Style.values())
                .filter(style -> style != request.style())
                .flatMap(style -> compose(request.in(style))
                        .forecast()
                        .filter(Course.Forecast::reached)
                        .map(forecast -> new WayOut(WayOut.Advice.OTHER_STYLE, Optional.of(style), forecast.uses()))
                        .stream())
                .min(Comparator.comparingInt(WayOut::uses))
                .or(() -> pest.get().hopeless().map(what -> new WayOut(WayOut.Advice.of(what), Optional.empty(), 0)));
    }

    /** The clock that a course against a pest is reckoned with. */
    public static PestClock clock(CourseRequest request, LifeTable pest) {
        Situation situation = request.situation();
        double start = request.counted().isPresent() && request.counted().getAsDouble() > 0
                ? PestClock.startFor(
                        pest, situation.celsius(), request.counted().getAsDouble())
                : pest.start();
        return new PestClock(
                pest,
                new Conditions(
                        situation.celsius(),
                        situation.humidity(),
                        request.coverage(),
                        start,
                        request.aim() == Aim.ERADICATE ? REFUGE : 0));
    }

    /**
     * What these steps do to the pest, by the day of the course.
     *
     * @param steps those that count; what uses nothing is passed over
     */
    public List<Application> applications(
            CourseRequest request, LifeTable pest, LocalDate from, List<Course.Step> steps) {
        List<Application> all = new ArrayList<>();
        for (Course.Step step : steps) {
            List<Effect> effects = step.phase() == Course.Phase.TEST
                    ? List.of()
                    : Stream.concat(step.wash().stream(), step.means().stream())
                            .flatMap(id -> knowledge.find(id).stream())
                            .map(one -> knowledge.effect(one, pest, request.figures()))
                            .toList();
            if (!effects.isEmpty()) {
                all.add(new Application((int) Math.max(0, ChronoUnit.DAYS.between(from, step.on())), effects));
            }
        }
        return List.copyOf(all);
    }

    private Course againstPest(CourseRequest request, LifeTable pest) {
        List<Course.Option> options = new ArrayList<>();
        List<Means> allowed = new ArrayList<>();
        List<Means> helpers = new ArrayList<>();
        for (Means one : knowledge.against(request.disorder())) {
            if (refusals.refusal(request.order(one, request.from()), request.situation())
                    .isPresent()) {
                options.add(Course.Option.of(one, Course.Role.REFUSED));
            } else if (one.styles().contains(request.style())) {
                allowed.add(one);
            } else {
                options.add(Course.Option.of(one, Course.Role.OTHER_STYLE));
                if (beside(one, request.style())) {
                    helpers.add(one);
                }
            }
        }
        if (allowed.stream().noneMatch(one -> request.usesLeft(one) > 0)) {
            return nothing(request, pest, options);
        }
        PestClock clock = clock(request, pest);
        Programmes programmes = new Programmes(knowledge, request, pest, clock, allowed, helpers);
        Found found = programmes.search();
        Programme best = found.best();
        return new Course(
                request.disorder(),
                new Course.Choice(
                        request.style(),
                        request.aim(),
                        best.turns().stream()
                                .map(turn -> new Course.Turn(turn.means().id(), turn.gap()))
                                .toList(),
                        programmes
                                .wash()
                                .filter(one -> !one.equals(best.main()))
                                .map(Means::id),
                        best.beside().map(Means::id)),
                request.from(),
                steps(request, pest, best, programmes),
                Optional.of(new Forecasts(knowledge, request, pest, clock, programmes).of(best)),
                found.options(programmes, options),
                Optional.empty(),
                Optional.empty());
    }

    /** What is not of a style may still go before or after it: soap before predators, predators after soap. */
    private static boolean beside(Means one, Style style) {
        boolean mild = one.product() && one.group().isEmpty() && one.styles().contains(Style.WASH);
        return switch (style) {
            case LIVING -> mild;
            case WASH -> one.living();
            case SYSTEMIC -> false;
        };
    }

    private List<Course.Step> steps(CourseRequest request, LifeTable pest, Programme way, Programmes programmes) {
        LocalDate from = request.from();
        List<Course.Step> steps = new ArrayList<>(Steps.opening(from, Optional.of(pest)));
        programmes.opening(way.main()).ifPresent(one -> steps.add(Course.Step.use(from, Course.Phase.CLEAN, one)));
        if (way.main().terms().testLeaf()) {
            steps.add(Course.Step.use(from, Course.Phase.TEST, way.main()));
        }
        LocalDate on = from.plusDays(programmes.first(way.main()));
        LocalDate shows = on;
        Set<Means> known = new HashSet<>();
        for (int i = 0; i < way.used().size(); i++) {
            Means means = way.used().get(i).means();
            on = on.plusDays(way.used().get(i).gap());
            steps.add(Course.Step.use(on, known.add(means) ? Course.Phase.ACT : Course.Phase.REPEAT, means)
                    .after(programmes.before(i, means).map(Means::id)));
            LocalDate works = on.plusDays(Steps.worksUntil(means));
            shows = works.isAfter(shows) ? works : shows;
        }
        LocalDate lastUse = on;
        way.beside()
                .ifPresent(one -> programmes.besides(one).stream()
                        .filter(given -> given.day() <= Math.max(way.plan().lastDay(), 1))
                        .forEach(given -> steps.add(Course.Step.use(
                                from.plusDays(given.day()),
                                given.day() == 1 ? Course.Phase.ACT : Course.Phase.REPEAT,
                                one))));
        steps.addAll(
                Steps.closing(from, lastUse, shows, pest, request.situation().celsius(), quarantine));
        return Steps.inOrder(steps);
    }

    private Course nothing(CourseRequest request, LifeTable pest, List<Course.Option> options) {
        List<Course.Step> steps = new ArrayList<>(Steps.opening(request.from(), Optional.of(pest)));
        steps.add(Course.Step.look(request.from().plusDays(Steps.LOOK_AFTER_DAYS), Course.LookFor.FEWER));
        return new Course(
                request.disorder(),
                Course.Choice.none(request.style(), request.aim()),
                request.from(),
                Steps.inOrder(steps),
                Optional.empty(),
                options,
                Optional.of(Course.NoCure.NOTHING_SUITS.with()),
                Optional.empty());
    }
}
