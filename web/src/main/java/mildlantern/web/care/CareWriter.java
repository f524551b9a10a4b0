package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Change;
import mildlantern.care.ChangeSays;
import mildlantern.care.StepPlanner;
import mildlantern.care.Subject;
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

    /** A plant that is to be carried, and why, as the page said it. */
    public record Carried(PlantId plant, StopId to, String why) {}

    /**
     * Begins a plan of the whole house: for each plant its steps, a line of the care sheet, and a look whether it helped; once a form. A plant on
     * which another change runs is left out.
     *
     * @return how many plants are on their way
     */
    @Transactional
    public int acceptPlan(CollectionId collection, FormKey form, List<Carried> carried) {
        List<PlantId> ids = carried.stream().map(Carried::plant).toList();
        return routine.change(collection, ids, () -> {
            if (!forms.firstTime(collection, form)) {
                return 0;
            }
            CareService.House house = care.house(collection, this.plants.plants(collection));
            return (int) carried.stream()
                    .filter(one -> tasks.running(collection, one.plant()).isEmpty())
                    .filter(one -> begin(house, this.plants.plant(collection, one.plant()), one))
                    .count();
        });
    }

    private boolean begin(CareService.House house, Plant plant, Carried carried) {
        Subject subject = care.subject(house, plant, Optional.empty());
        // The page may be old: what has fallen ill since, or was set apart, stays.
        Optional<List<StepPlanner.Step>> steps = care.staysPut(house, subject)
                ? Optional.empty()
                : care.steps(house, subject, carried.to())
                        .map(StepPlanner.Plan::steps)
                        .filter(it -> !it.isEmpty());
        String why = carried.why().isBlank() ? Wording.say("care.care-writer.plan-of-house") : carried.why();
        steps.ifPresent(it -> carry(house, subject, plant, BatchId.fresh(), carried.to(), why, it));
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
            case MOVE -> CareSetting.PLACE;
            case LAMP -> CareSetting.LIGHT;
            case HUMIDIFIER -> CareSetting.HUMIDITY;
            case WATER -> CareSetting.WATER;
            case FEED, FLUSH -> CareSetting.FEEDING;
            case RHYTHM -> CareSetting.WATERING;
        };
    }
}
