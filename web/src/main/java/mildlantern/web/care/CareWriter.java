package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Change;
import mildlantern.care.ChangeSays;
import mildlantern.care.Need;
import mildlantern.care.StepPlanner;
import mildlantern.care.Subject;
import mildlantern.outcome.Promised;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.Records;
import mildlantern.web.routine.Routine;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Begins, plans and drops changes of care. */
@Component
public class CareWriter {
    private final Stops stops;
    private final Plants plants;
    private final CareSheets careSheets;
    private final Records records;
    private final CareKnowledge knowledge;
    private final PlannedTasks tasks;
    private final Routine routine;
    private final WrittenForms forms;
    private final Clock clock;
    private final CareService care;
    private final Outcomes outcomes;
    private final OutcomeWriter outcomeWriter;

    CareWriter(
            Stops stops,
            Plants plants,
            CareSheets careSheets,
            Records records,
            CareKnowledge knowledge,
            PlannedTasks tasks,
            Routine routine,
            WrittenForms forms,
            Clock clock,
            CareService care,
            Outcomes outcomes,
            OutcomeWriter outcomeWriter) {
        this.stops = stops;
        this.plants = plants;
        this.careSheets = careSheets;
        this.records = records;
        this.knowledge = knowledge;
        this.tasks = tasks;
        this.routine = routine;
        this.forms = forms;
        this.clock = clock;
        this.care = care;
        this.outcomes = outcomes;
        this.outcomeWriter = outcomeWriter;
    }

    /** Accepts a change: a line of the care sheet with its reason, steps where it moves, and a look on a later day; once a form. False where it is proposed no more, or another change runs. */
    @Transactional
    boolean accept(CollectionId collection, PlantId plantId, FormKey form, Change.Kind kind, Optional<StopId> stop) {
        return routine.change(collection, List.of(plantId), () -> {
            Plant plant = this.plants.plant(collection, plantId);
            if (forms.stored(collection, form)) {
                return true;
            }
            // One change at a time: two at once teach nothing.
            if (!tasks.running(collection, plantId).isEmpty()) {
                return false;
            }
            CareService.House house = care.house(collection, this.plants.plants(collection));
            Subject subject = care.subject(house, plant, Optional.of(records.record(plant)));
            Optional<Change> chosen = care.weigh(house, subject).stream()
                    .filter(change -> change.kind() == kind
                            && (stop.isEmpty() || change.stop().equals(stop)))
                    .findFirst();
            chosen.filter(change -> forms.firstTime(collection, form))
                    .ifPresent(change -> begin(plant, form, change, house, subject));
            return chosen.isPresent();
        });
    }

    private void begin(Plant plant, FormKey form, Change change, CareService.House house, Subject subject) {
        List<StepPlanner.Step> steps = change.stop()
                .flatMap(to -> care.steps(house, subject, to))
                .map(StepPlanner.Plan::steps)
                .orElse(List.of());
        BatchId plan = plan(form);
        begin(plant, plan, change.kind(), Wording.of(change.words()), Wording.of(change.reason()), steps);
        outcomeWriter.begin(
                plant,
                plan,
                change.kind(),
                change.stop().orElse(plant.stop()),
                Wording.of(change.words()),
                change.stop()
                        .map(to -> outcomes.ofMove(house, subject, to))
                        .orElseGet(() -> outcomes.of(house, subject, change.answers())));
    }

    /** A line of the care sheet with its reason, the steps of a move, and a look some time after the last of them. */
    private void begin(
            Plant plant, BatchId batch, Change.Kind kind, String words, String why, List<StepPlanner.Step> steps) {
        LocalDate today = LocalDate.now(clock);
        LocalDate last = steps.isEmpty() ? today : steps.get(steps.size() - 1).on();
        careSheets.store(new CareEntry(plant, null, setting(kind), words, why, today, OffsetDateTime.now(clock)));
        tasks.plan(plant, batch, steps);
        tasks.look(
                plant,
                batch,
                last.plusDays(knowledge.lookAgainDays(kind)),
                Wording.say("care.care-writer.see-whether-helped", lower(words), lower(why)));
    }

    private static String lower(String words) {
        String plain = words.endsWith(".") ? words.substring(0, words.length() - 1) : words;
        String shortened = plain.length() > 200 ? plain.substring(0, 200) + "…" : plain;
        return shortened.substring(0, 1).toLowerCase(Locale.ROOT) + shortened.substring(1);
    }

    /**
     * Plans the steps to a stop that the season asks for, whatever the core thinks of it; whether it helped is not asked.
     *
     * @return whether the plant is on its way; not where too little is known of one of the stops, or another change runs
     */
    @Transactional
    public boolean planMove(CollectionId collection, PlantId plantId, FormKey form, StopId to) {
        return planned(
                collection, plantId, form, to, (house, subject, plant, steps) -> tasks.plan(plant, plan(form), steps));
    }

    /** The same to a stop that the grower chose: a change of care, which is looked at again. */
    @Transactional
    boolean chooseMove(CollectionId collection, PlantId plantId, FormKey form, StopId to) {
        String why = Wording.say("care.care-writer.chosen");
        return planned(
                collection,
                plantId,
                form,
                to,
                (house, subject, plant, steps) -> carry(house, subject, plant, plan(form), to, why, steps));
    }

    private static BatchId plan(FormKey form) {
        return new BatchId(form.value());
    }

    /** What is done with the steps of a move. */
    private interface Planned {
        void with(CareService.House house, Subject subject, Plant plant, List<StepPlanner.Step> steps);
    }

    private boolean planned(CollectionId collection, PlantId plantId, FormKey form, StopId to, Planned what) {
        this.stops.stop(collection, to);
        return routine.change(collection, List.of(plantId), () -> {
            Plant plant = this.plants.plant(collection, plantId);
            if (forms.stored(collection, form)) {
                return true;
            }
            if (!tasks.running(collection, plantId).isEmpty()) {
                return false;
            }
            CareService.House house = care.house(collection, this.plants.plants(collection));
            Subject subject = care.subject(house, plant, Optional.empty());
            Optional<StepPlanner.Plan> plan = care.steps(house, subject, to);
            plan.filter(it -> !it.steps().isEmpty() && forms.firstTime(collection, form))
                    .ifPresent(it -> what.with(house, subject, plant, it.steps()));
            return plan.isPresent();
        });
    }

    private void carry(
            CareService.House house,
            Subject subject,
            Plant plant,
            BatchId plan,
            StopId to,
            String why,
            List<StepPlanner.Step> steps) {
        String words = Wording.of(ChangeSays.MOVE.with(house.spot(to).name()));
        begin(plant, plan, Change.Kind.MOVE, words, why, steps);
        outcomeWriter.begin(plant, plan, Change.Kind.MOVE, to, words, outcomes.ofMove(house, subject, to));
    }

    /**
     * What a plan of the house changes for a plant, and why, as the page said it.
     *
     * @param to where the plant stands with it
     */
    public record Accepted(PlantId plant, Change.Kind kind, StopId to, String words, String why) {}

    /**
     * Begins a plan of the whole house: for each plant a line of the care sheet, the steps of its move, and a look whether it helped; once a form. A
     * plant on which another change runs is left out, so the first of several changes of a plant is the one that counts.
     *
     * @param planned the house as it will be with the plan; steps and promises go by that
     * @param besides what else is written with it, once
     * @return the changes that were begun
     */
    @Transactional
    public List<Accepted> acceptPlan(
            CollectionId collection,
            FormKey form,
            List<Accepted> accepted,
            UnaryOperator<CareService.House> planned,
            Runnable besides) {
        List<PlantId> ids = accepted.stream().map(Accepted::plant).distinct().toList();
        return routine.change(collection, ids, () -> {
            if (!forms.firstTime(collection, form)) {
                return List.of();
            }
            CareService.House house = care.house(collection, this.plants.plants(collection));
            CareService.House then = planned.apply(house);
            List<Accepted> begun = accepted.stream()
                    .filter(one -> tasks.running(collection, one.plant()).isEmpty())
                    .filter(one -> begin(house, then, this.plants.plant(collection, one.plant()), one))
                    .toList();
            besides.run();
            return begun;
        });
    }

    private boolean begin(CareService.House house, CareService.House then, Plant plant, Accepted accepted) {
        Subject subject = care.subject(house, plant, Optional.empty());
        String why = accepted.why().isBlank() ? Wording.say("care.care-writer.plan-of-house") : accepted.why();
        if (accepted.kind() != Change.Kind.MOVE) {
            BatchId plan = BatchId.fresh();
            begin(plant, plan, accepted.kind(), accepted.words(), why, List.of());
            List<Promised> promised = accepted.kind() == Change.Kind.WATER
                    ? outcomes.of(house, subject, Set.of(Need.Kind.WATER))
                    : outcomes.ofMove(then, subject, plant.stop());
            outcomeWriter.begin(plant, plan, accepted.kind(), plant.stop(), accepted.words(), promised);
            return true;
        }
        // The page may be old: what has fallen ill since, or was set apart, stays.
        Optional<List<StepPlanner.Step>> steps = care.staysPut(house, subject)
                ? Optional.empty()
                : care.steps(then, subject, accepted.to())
                        .map(StepPlanner.Plan::steps)
                        .filter(it -> !it.isEmpty());
        steps.ifPresent(it -> carry(then, subject, plant, BatchId.fresh(), accepted.to(), why, it));
        return steps.isPresent();
    }

    @Transactional
    void dropPlan(CollectionId collection, PlantId plantId) {
        routine.write(collection, List.of(plantId), () -> {
            Plant plant = this.plants.plant(collection, plantId);
            tasks.drop(collection, plant.id());
            outcomeWriter.drop(plant);
        });
    }

    static CareSetting setting(Change.Kind kind) {
        return switch (kind) {
            case MOVE, HEATING -> CareSetting.PLACE;
            case LAMP, SHADE -> CareSetting.LIGHT;
            case HUMIDIFIER -> CareSetting.HUMIDITY;
            case WATER -> CareSetting.WATER;
            case FEED, FLUSH -> CareSetting.FEEDING;
            case RHYTHM -> CareSetting.WATERING;
        };
    }
}
