package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Change;
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
            CareService care) {
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
        LocalDate today = LocalDate.now(clock);
        List<StepPlanner.Step> steps = change.stop()
                .flatMap(to -> care.steps(house, subject, to))
                .map(StepPlanner.Plan::steps)
                .orElse(List.of());
        LocalDate last = steps.isEmpty() ? today : steps.get(steps.size() - 1).on();
        LocalDate look = last.plusDays(knowledge.lookAgainDays(change.kind()));
        careSheets.store(new CareEntry(
                plant,
                null,
                setting(change.kind()),
                Wording.of(change.words()),
                Wording.of(change.reason()),
                today,
                OffsetDateTime.now(clock)));
        tasks.plan(plant, new BatchId(form.value()), steps);
        tasks.look(
                plant,
                new BatchId(form.value()),
                look,
                Wording.say(
                        "care.care-writer.see-whether-helped",
                        lower(Wording.of(change.words())),
                        lower(Wording.of(change.reason()))));
    }

    private static String lower(String words) {
        String plain = words.endsWith(".") ? words.substring(0, words.length() - 1) : words;
        String shortened = plain.length() > 200 ? plain.substring(0, 200) + "…" : plain;
        return shortened.substring(0, 1).toLowerCase(Locale.ROOT) + shortened.substring(1);
    }

    /**
     * Plans the steps to a stop that the grower chose, whatever the core thinks of it.
     *
     * @return whether the plant is on its way; not where too little is known of one of the stops, or another change runs
     */
    @Transactional
    public boolean planMove(CollectionId collection, PlantId plantId, FormKey form, StopId to) {
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
            plan.filter(it -> forms.firstTime(collection, form))
                    .ifPresent(it -> tasks.plan(plant, new BatchId(form.value()), it.steps()));
            return plan.isPresent();
        });
    }

    @Transactional
    void dropPlan(CollectionId collection, PlantId plantId) {
        routine.write(
                collection,
                List.of(plantId),
                () -> tasks.drop(
                        collection, this.plants.plant(collection, plantId).id()));
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
