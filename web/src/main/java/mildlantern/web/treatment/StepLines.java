package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Words;
import mildlantern.mixing.Batch;
import mildlantern.mixing.Rate;
import mildlantern.pest.Pests;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Course;
import mildlantern.treatment.Label;
import mildlantern.treatment.Means;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.WaterBook;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** The steps of a course as lines to tick. */
@Component
class StepLines {
    private final Plants plants;
    private final TreatmentKnowledge knowledge;
    private final WaterBook water;
    private final Clock clock;
    private final StepWords words;
    private final Pests pests;
    private final CourseRepositories.Products products;

    StepLines(
            Plants plants,
            TreatmentKnowledge knowledge,
            WaterBook water,
            Clock clock,
            StepWords words,
            Pests pests,
            CourseRepositories.Products products) {
        this.plants = plants;
        this.knowledge = knowledge;
        this.water = water;
        this.clock = clock;
        this.words = words;
        this.pests = pests;
        this.products = products;
    }

    /**
     * @param stored the step as it stands, where the course runs
     * @param expects what should be seen by then, where that can be said
     */
    CourseViews.StepLine line(
            Optional<StoredStep> stored, Course.Step step, Plant plant, DisorderId against, Optional<String> expects) {
        LocalDate today = LocalDate.now(clock);
        StoredStep.State state = stored.map(StoredStep::state).orElse(StoredStep.State.PLANNED);
        boolean planned = state == StoredStep.State.PLANNED;
        long late = ChronoUnit.DAYS.between(step.on(), today);
        String stateWords = stored.filter(one ->
                        one.state() == StoredStep.State.DONE && !one.onDay().equals(one.doneOn()))
                .map(one -> Wording.say("treatment.step-lines.done", CoursePages.DAY.format(one.doneOn())))
                .orElse(state.words());
        return new CourseViews.StepLine(
                stored.map(StoredStep::id).orElseGet(StepId::fresh),
                FormKey.fresh(),
                CoursePages.DAY.format(step.on()),
                step.phase().name().toLowerCase(Locale.ROOT),
                Wording.of(step.phase()),
                words.what(step, pests.find(against), labels(plant)),
                words.safety(step),
                words.conditions(step),
                state.name(),
                stateWords,
                stored.isPresent() && planned && late >= 0,
                planned,
                stored.isPresent() && planned && late > 0
                        ? (late == 1
                                ? Wording.say("treatment.step-lines.day-late")
                                : Wording.say("treatment.step-lines.days-late", late))
                        : "",
                step.phase() == Course.Phase.ACT || step.phase() == Course.Phase.REPEAT
                        ? mix(stored, step, plant)
                        : Optional.empty(),
                expects,
                step.phase() == Course.Phase.LOOK && pests.find(against).isPresent(),
                stored.map(StoredStep::counted)
                        .map(number -> Wording.say("treatment.step-lines.counted", number))
                        .orElse(""));
    }

    /** Where on the mixing bench this plant's dose is mixed. */
    private Optional<String> mix(Optional<StoredStep> stored, Course.Step step, Plant plant) {
        return step.means()
                .flatMap(knowledge::find)
                .filter(one -> one.way() == Means.Way.SPRAY)
                .flatMap(one -> labels(plant).stream()
                        .filter(label -> label.means().equals(one.id()))
                        .findFirst()
                        .flatMap(Label::most)
                        .or(one::rate))
                .map(rate -> {
                    double spray = Batch.of(List.of(Batch.spray(water.leafSquareCm(plant, this.plants.profile(plant)))))
                            .millilitres();
                    return "/mixing/dilution?product=" + step.means().orElse("") + "&amount="
                            + Limits.plain(rate.amount()) + "&measure="
                            + Words.id(rate.measure()) + "&carrier=" + Words.id(rate.carrier())
                            + "&volume=" + Math.round(spray) + most(rate)
                            + stored.map(one -> "&back=/courses/" + one.course())
                                    .orElse("");
                });
    }

    private List<Label> labels(Plant plant) {
        return products.of(plant.collection()).stream().map(OwnProduct::label).toList();
    }

    private static String most(Rate rate) {
        return "&most=" + Limits.plain(rate.amount());
    }
}
