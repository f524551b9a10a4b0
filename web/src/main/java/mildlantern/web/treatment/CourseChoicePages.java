package mildlantern.web.treatment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.Style;
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
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

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
            StepLines stepLines) {
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
    }

    /** Whether a course can be composed for a decided case. */
    boolean treats(DisorderId cause) {
        return composer.treats(cause);
    }

    CourseViews.ChoicePage choice(
            CollectionId collection,
            CaseId caseId,
            Optional<Style> style,
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
        Style chosen = style.orElse(house);
        Plant plant = this.plants.plant(collection, decided.plant());
        Optional<LifeTable> pest = pests.find(against);
        Optional<Course> course = treats(against)
                ? Optional.of(
                        service.compose(collection, plant, new CourseService.Wanted(chosen, against, severe, counted)))
                : Optional.empty();
        return new CourseViews.ChoicePage(
                caseId,
                plant.id(),
                plant.name(),
                against,
                outbreaks.causeName(against),
                decided.causes().stream()
                        .map(id -> new CourseViews.CauseTab(id, outbreaks.causeName(id), id.equals(against)))
                        .toList(),
                Arrays.stream(Style.values())
                        .map(one -> new CourseViews.StyleTab(
                                one.name(), one.words(), one.meaning(), one == chosen, one == house))
                        .toList(),
                chosen.name(),
                pest.isPresent(),
                severe,
                counted.isPresent() ? Limits.plain(counted.getAsDouble()) : "",
                pest.map(LifeTable::unit).orElse(""),
                course.map(it -> it.steps().stream()
                                .map(step -> stepLines.line(Optional.empty(), step, plant))
                                .toList())
                        .orElse(List.of()),
                course.flatMap(it -> said(it, plant)),
                course.map(CourseChoicePages::weighed).orElse(List.of()),
                course.map(Course::noCure)
                        .orElse(Optional.of(Wording.say("treatment.course-choice-pages.trials-one-change-treatment"))),
                FormKey.fresh());
    }

    static List<CourseViews.WeighedLine> weighed(Course course) {
        return course.weighed().stream()
                .map(one -> new CourseViews.WeighedLine(one.name(), one.chosen(), withoutName(one)))
                .toList();
    }

    /** A reason that begins with the name is said after it. */
    private static String withoutName(Course.Weighed one) {
        boolean named = one.why().toLowerCase(Locale.ROOT).startsWith(one.name().toLowerCase(Locale.ROOT) + " ");
        return named ? one.why().substring(one.name().length() + 1) : one.why();
    }

    Optional<CourseViews.Said> said(Course course, Plant plant) {
        return course.forecast().map(forecast -> {
            List<String> words = new ArrayList<>();
            forecast.doublingDays()
                    .ifPresent(days -> words.add(Wording.say(
                            "treatment.course-choice-pages.untreated-numbers-double-every",
                            Math.max(1, Math.round(days)))));
            words.add(Wording.say(
                    "treatment.course-choice-pages.one-use-alone-would",
                    CourseComposer.percent(forecast.riskOfOne()),
                    forecast.slowInterval(),
                    CourseComposer.percent(forecast.riskSlow())));
            forecast.longestHidden()
                    .ifPresent(stage ->
                            words.add(Wording.say("treatment.course-choice-pages.not-reached-meanwhile", stage)));
            double celsius = Situations.celsius(states.of(this.stops.stop(plant.collection(), plant.stop())));
            String lead = Wording.say(
                    "treatment.course-choice-pages.ends-chance-any-left",
                    forecast.ends(),
                    CourseComposer.percent(forecast.risk()),
                    (forecast.applications() == 1
                            ? Wording.say("treatment.course-choice-pages.one-use")
                            : Wording.say("treatment.course-choice-pages.uses", forecast.applications())));
            String first = course.choice().uses().isEmpty()
                    ? ""
                    : "&means=" + course.choice().uses().get(0);
            return new CourseViews.Said(
                    forecast.ends(),
                    lead,
                    words,
                    "/pest-clock?pest=" + course.disorder() + "&celsius=" + Math.round(celsius) + first + "&interval="
                            + course.choice().intervalDays() + "&uses=" + Math.min(20, forecast.applications()));
        });
    }
}
