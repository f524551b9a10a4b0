package mildlantern.web.propagation;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantId;
import mildlantern.plant.Stage;
import mildlantern.propagation.Propagation;
import mildlantern.propagation.Recipe;
import mildlantern.propagation.Step;
import mildlantern.propagation.Way;
import mildlantern.treatment.Hold;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.casework.TrialTerms;
import mildlantern.web.keeping.PlantKeeping;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import mildlantern.web.words.Wording;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes plants of others, with their days, and keeps whether they grew on. */
@Service
@Transactional
class PropagationService {
    private final Plants plants;
    private final Propagation propagation;
    private final PlantKeeping keeping;
    private final Rootings rootings;
    private final HandTasks tasks;
    private final CaseTroubles cases;
    private final TrialTerms terms;
    private final Diagnosis diagnosis;
    private final RecordWriter log;
    private final Routine routine;
    private final WrittenForms forms;
    private final Clock clock;

    PropagationService(
            Plants plants,
            Propagation propagation,
            PlantKeeping keeping,
            Rootings rootings,
            HandTasks tasks,
            CaseTroubles cases,
            TrialTerms terms,
            Diagnosis diagnosis,
            RecordWriter log,
            Routine routine,
            WrittenForms forms,
            Clock clock) {
        this.plants = plants;
        this.propagation = propagation;
        this.keeping = keeping;
        this.rootings = rootings;
        this.tasks = tasks;
        this.cases = cases;
        this.terms = terms;
        this.diagnosis = diagnosis;
        this.log = log;
        this.routine = routine;
        this.forms = forms;
        this.clock = clock;
    }

    /** How many grew on and how many did not, of a kind and way. */
    record Success(int rooted, int failed) {
        static final Success NONE = new Success(0, 0);

        Success with(Rooting.Outcome outcome) {
            return outcome == Rooting.Outcome.ROOTED
                    ? new Success(rooted + 1, failed)
                    : new Success(rooted, failed + 1);
        }
    }

    /** A kind, by its id, and a way. */
    record KindAndWay(String kind, Way way) {}

    /** What speaks against making plants of one now: it has something catching, or its case holds cutting. */
    @Transactional(readOnly = true)
    public Optional<String> against(Plant plant) {
        return cases.decided(plant.collection()).stream()
                .filter(one -> one.plant().equals(plant.id()))
                .flatMap(one -> one.causes().stream())
                .flatMap(cause -> diagnosis.knowledge().disorder(cause).stream())
                .filter(disorder -> disorder.nature().catching())
                .map(Disorder::name)
                .findFirst()
                .map(name -> Wording.say("propagation.new.catching", name))
                .or(() -> terms.against(plant, Set.of(Hold.PRUNE)));
    }

    /** How plants of each kind and way grew on in this house; those taken back or still rooting do not count. */
    @Transactional(readOnly = true)
    public Map<KindAndWay, Success> successes(CollectionId collection) {
        List<Rooting> all = rootings.findByCollectionOrderByMadeOn(collection);
        Map<PlantId, Plant> made = plants
                .plants(collection, all.stream().map(Rooting::plant).toList())
                .stream()
                .filter(plant -> plant.state() != Plant.State.WITHDRAWN)
                .collect(Collectors.toMap(Plant::id, Function.identity()));
        return all.stream()
                .filter(one -> one.outcome().isPresent() && made.containsKey(one.plant()))
                .collect(Collectors.toMap(
                        one -> new KindAndWay(
                                Optional.ofNullable(made.get(one.plant()))
                                        .orElseThrow()
                                        .profile(),
                                one.way()),
                        one -> Success.NONE.with(one.outcome().orElseThrow()),
                        (one, other) -> new Success(one.rooted() + other.rooted(), one.failed() + other.failed())));
    }

    /** Plants that still root, with how they were made. */
    @Transactional(readOnly = true)
    public Map<Plant, Rooting> rooting(CollectionId collection) {
        List<Rooting> all = rootings.findByCollectionOrderByMadeOn(collection).stream()
                .filter(one -> one.outcome().isEmpty())
                .toList();
        Map<PlantId, Rooting> byPlant = all.stream().collect(Collectors.toMap(Rooting::plant, Function.identity()));
        return plants.plants(collection, byPlant.keySet()).stream()
                .filter(Plant::alive)
                .collect(Collectors.toMap(
                        Function.identity(),
                        plant -> Optional.ofNullable(byPlant.get(plant.id())).orElseThrow()));
    }

    /** How a plant was made, where it still roots. */
    @Transactional(readOnly = true)
    public Optional<Rooting> of(Plant plant) {
        return rootings.findByCollectionAndPlant(plant.collection(), plant.id())
                .filter(one -> plant.alive() && one.outcome().isEmpty());
    }

    /**
     * Makes plants of one, once, and plans their days.
     *
     * @param stemCm thickness of the stem, cm
     */
    void make(CollectionId collection, PlantId id, FormKey form, Way way, double stemCm, PlantKeeping.Made made) {
        Plant mother = plants.plant(collection, id);
        Optional<Recipe> recipe = propagation.recipe(plants.profile(mother), way);
        if (against(mother).isPresent()) {
            return;
        }
        LocalDate today = LocalDate.now(clock);
        // A way that the book does not know for this kind may be taken all the same; its days are then the grower's
        // own.
        List<Step> steps =
                recipe.map(known -> propagation.steps(known, stemCm, today)).orElse(List.of());
        for (Plant child : keeping.multiply(collection, id, form, made)) {
            rootings.save(new Rooting(child, way, today));
            steps.forEach(step -> task(step.what())
                    .ifPresent(task -> tasks.plan(child, task, step.day(), new BatchId(form.value()))));
        }
    }

    private static Optional<HandTask> task(Step.What what) {
        return switch (what) {
            case MAKE -> Optional.empty();
            case SET -> Optional.of(HandTask.SET_CUTTING);
            case WATER -> Optional.of(HandTask.WATER_CUTTING);
            case ROOTS -> Optional.of(HandTask.ROOTS);
            case UNCOVER -> Optional.of(HandTask.UNCOVER);
            case POT -> Optional.of(HandTask.POT_CUTTING);
        };
    }

    /** What was found when a cutting was pulled at. */
    enum Found {
        HOLDS,
        NOT_YET,
        FAILED
    }

    /** Writes down what was found, once: it holds, it does not yet, or it is lost. */
    void found(CollectionId collection, PlantId id, FormKey form, Found found) {
        LocalDate today = LocalDate.now(clock);
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            Optional<Rooting> rooting = of(plant);
            if (rooting.isEmpty() || !forms.firstTime(collection, form)) {
                return;
            }
            tasks.answered(plant, List.of(HandTask.ROOTS));
            switch (found) {
                case HOLDS -> {
                    rooting.get().ends(Rooting.Outcome.ROOTED, today);
                    note(plant, today, Wording.say("propagation.new.wrote-rooted"));
                }
                case NOT_YET -> {
                    note(plant, today, Wording.say("propagation.new.wrote-not-yet"));
                    tasks.plan(plant, HandTask.ROOTS, today.plusDays(propagation.againDays()), BatchId.fresh());
                }
                case FAILED -> {
                    rooting.get().ends(Rooting.Outcome.FAILED, today);
                    log.end(collection, id, Plant.State.LOST, today, Wording.say("propagation.new.wrote-failed"));
                }
            }
        });
    }

    private void note(Plant plant, LocalDate today, String words) {
        log.write(
                plant.collection(),
                plant.id(),
                today,
                List.of(new RecordWriter.Line(new LogEntry.Noted(), words)),
                Optional.empty());
    }

    /** A cutting that got a pot of its own has rooted, and is a plant like others. */
    @EventListener
    void written(RecordWriter.Written written) {
        if (written.line().kind() == LogKind.REPOTTED) {
            Plant plant = written.plant();
            rootings.findByCollectionAndPlant(plant.collection(), plant.id()).ifPresent(rooting -> {
                if (rooting.outcome().isEmpty()) {
                    rooting.ends(Rooting.Outcome.ROOTED, written.line().onDay());
                }
                if (plant.stage() == Stage.CUTTING) {
                    plants.store(plant.grown(Stage.ADULT));
                }
            });
        }
    }
}
