package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Aim;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.CourseRequest;
import mildlantern.treatment.Means;
import mildlantern.treatment.Order;
import mildlantern.treatment.Refusals;
import mildlantern.treatment.Style;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Percent;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.util.UriComponentsBuilder;

/** The page on which a course is chosen: what each style asks for, and what the clock says of it. */
@Service
@Transactional(readOnly = true)
class CourseChoicePages {
    private final CourseService service;
    private final CaseTroubles cases;
    private final Plants plants;
    private final Stops stops;
    private final StopStates states;
    private final Houses houses;
    private final Outbreaks outbreaks;
    private final CourseComposer composer;
    private final Pests pests;
    private final StepLines stepLines;
    private final CourseOutlooks outlooks;
    private final Situations situations;
    private final TreatmentKnowledge knowledge;
    private final Refusals refusals;
    private final Clock clock;

    CourseChoicePages(
            CourseService service,
            CaseTroubles cases,
            Plants plants,
            Stops stops,
            StopStates states,
            Houses houses,
            Outbreaks outbreaks,
            CourseComposer composer,
            Pests pests,
            StepLines stepLines,
            CourseOutlooks outlooks,
            Situations situations,
            TreatmentKnowledge knowledge,
            Clock clock) {
        this.service = service;
        this.cases = cases;
        this.plants = plants;
        this.stops = stops;
        this.states = states;
        this.houses = houses;
        this.outbreaks = outbreaks;
        this.composer = composer;
        this.pests = pests;
        this.stepLines = stepLines;
        this.outlooks = outlooks;
        this.situations = situations;
        this.knowledge = knowledge;
        this.refusals = new Refusals(knowledge);
        this.clock = clock;
    }

    /** Whether a course can be composed for a decided case. */
    boolean treats(DisorderId cause) {
        return composer.treats(cause);
    }

    CourseViews.ChoicePage choice(
            CollectionId collection,
            CaseId caseId,
            Optional<Style> style,
            Optional<Aim> aim,
            Optional<DisorderId> cause,
            boolean severe,
            OptionalDouble counted) {
        CaseTroubles.Decided decided = cases.decided(collection, caseId);
        if (decided.causes().isEmpty()) {
            throw new NotHere("decided case");
        }
        DisorderId against =
                cause.filter(decided.causes()::contains).orElse(decided.causes().get(0));
        Style house = houses.style(collection);
        CourseService.Wanted wanted = new CourseService.Wanted(
                style.orElse(house), aim.orElseGet(() -> houses.aim(collection)), against, severe, counted);
        Plant plant = this.plants.plant(collection, decided.plant());
        Optional<LifeTable> pest = pests.find(against);
        LocalDate today = LocalDate.now(clock);
        CourseRequest request = situations.request(plant, today, today, wanted, List.of());
        Optional<Course> course =
                treats(against) ? Optional.of(service.compose(collection, plant, wanted)) : Optional.empty();
        Optional<CourseOutlooks.Said> outlook = course.flatMap(it -> outlooks.of(request, it));
        return new CourseViews.ChoicePage(
                caseId,
                plant.id(),
                plant.name(),
                against,
                outbreaks.causeName(against),
                decided.causes().stream()
                        .map(id -> new CourseViews.CauseTab(id, outbreaks.causeName(id), id.equals(against)))
                        .toList(),
                CourseViews.styles(wanted.style(), house),
                wanted.style().name(),
                CourseViews.aims(wanted.aim()),
                wanted.aim().name(),
                pest.isPresent(),
                severe,
                counted.isPresent() ? Limits.plain(counted.getAsDouble()) : "",
                pest.map(LifeTable::unit).orElse(""),
                course.map(it -> it.steps().stream()
                                .map(step -> stepLines.line(
                                        Optional.empty(),
                                        step,
                                        plant,
                                        against,
                                        outlook.flatMap(said -> said.expects(step))))
                                .toList())
                        .orElse(List.of()),
                course.flatMap(it -> said(it, plant)),
                course.flatMap(it -> composer.wayOut(request, it, 0))
                        .map(way -> new CourseViews.BetterWay(
                                Wording.of(way.message()),
                                way.style()
                                        .map(other -> UriComponentsBuilder.fromPath("/cases/{id}/course")
                                                .queryParam("cause", against)
                                                .queryParam("style", other)
                                                .queryParam("aim", wanted.aim())
                                                .queryParam(
                                                        "counted",
                                                        counted.isPresent() ? Limits.plain(counted.getAsDouble()) : "")
                                                .build(caseId)
                                                .toString()))),
                course.map(it -> weighed(it, request)).orElse(List.of()),
                course.map(it -> it.noCure().map(Wording::of))
                        .orElse(Optional.of(Wording.say("treatment.course-choice-pages.trials-one-change-treatment"))),
                FormKey.fresh());
    }

    /** What was thought of, the chosen first, each with what came of it; what other house styles would take stands in one line. */
    List<CourseViews.WeighedLine> weighed(Course course, CourseRequest request) {
        List<CourseViews.WeighedLine> lines = new ArrayList<>();
        List<String> others = new ArrayList<>();
        for (Course.Option option : course.options()) {
            Optional<Means> found = knowledge.find(option.means());
            if (found.isEmpty()) {
                continue;
            }
            Means means = found.get();
            if (option.role() == Course.Role.OTHER_STYLE) {
                others.add(means.name());
            } else if (option.role() == Course.Role.REFUSED) {
                lines.add(refused(means, request));
            } else {
                lines.add(new CourseViews.WeighedLine(
                        means.name(),
                        option.role().compareTo(Course.Role.BESIDE) <= 0,
                        Wording.of(option.role().with(option.uses(), option.gap()))));
            }
        }
        if (!others.isEmpty()) {
            lines.add(new CourseViews.WeighedLine(
                    "", false, Wording.say("treatment.course-choice-pages.other-methods", Wording.listed(others))));
        }
        return lines;
    }

    /** The reason names what it refuses. */
    private CourseViews.WeighedLine refused(Means means, CourseRequest request) {
        Order order = new Order(means, request.from(), request.disorder(), means.rate(), false, Optional.empty());
        return refusals.refusal(order, request.situation())
                .map(verdict -> new CourseViews.WeighedLine("", false, Wording.of(verdict.reason())))
                .orElseGet(() -> new CourseViews.WeighedLine(means.name(), false, Wording.of(Course.Role.REFUSED)));
    }

    Optional<CourseViews.Said> said(Course course, Plant plant) {
        return course.forecast().map(forecast -> {
            List<String> words = new ArrayList<>();
            if (forecast.doublingDays().isPresent()) {
                words.add(Wording.say(
                        "treatment.course-choice-pages.untreated-numbers-double-every",
                        Math.max(1, Math.round(forecast.doublingDays().getAsDouble()))));
            }
            words.add(Wording.say(
                    "treatment.course-choice-pages.one-use-alone-leaves", Percent.of(forecast.leftOfOne())));
            forecast.hidden()
                    .ifPresent(hidden -> words.add(Wording.say(
                            "treatment.course-choice-pages.hidden",
                            hidden.stage(),
                            Math.max(1, Math.round(hidden.days())),
                            hidden.at())));
            double celsius = Situations.celsius(states.of(this.stops.stop(plant.collection(), plant.stop())));
            boolean control = course.choice().aim() == Aim.CONTROL;
            String lead = control
                    ? Wording.say(
                            "treatment.course-choice-pages.control",
                            forecast.reached(),
                            forecast.uses(),
                            Percent.of(forecast.fewer()))
                    : Wording.say(
                            "treatment.course-choice-pages.eradicate",
                            forecast.reached(),
                            forecast.uses(),
                            Percent.of(forecast.risk()));
            List<Course.Turn> turns = course.choice().turns();
            String first = turns.isEmpty()
                    ? ""
                    : "&means=" + turns.get(0).means() + "&interval="
                            + (turns.size() > 1 ? turns.get(1).gap() : 7);
            return new CourseViews.Said(
                    forecast.reached(),
                    lead,
                    words,
                    "/pest-clock?pest=" + course.disorder() + "&aim="
                            + course.choice().aim() + "&celsius=" + Math.round(celsius) + first + "&uses="
                            + Math.max(1, Math.min(20, forecast.uses())));
        });
    }

    /** What is better than going on with a running course. */
    Optional<CourseViews.BetterWay> better(
            StoredCourse course, Plant plant, Course plan, List<StoredStep> steps, LocalDate today) {
        int made = (int) steps.stream()
                .filter(step -> step.state() == StoredStep.State.DONE && step.uses())
                .filter(step -> step.phase() != Course.Phase.CLEAN)
                .count();
        return composer.wayOut(situations.request(course, plant, today, List.of()), plan, made)
                .map(way -> new CourseViews.BetterWay(Wording.of(way.message()), Optional.empty()));
    }
}
