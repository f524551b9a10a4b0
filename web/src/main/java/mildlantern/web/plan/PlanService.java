package mildlantern.web.plan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.log.LogEntry;
import mildlantern.place.BenchPlan;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.web.care.PlannedTasks;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.Standing;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The bench plan: where pots stand, and moving them. */
@Service
@Transactional(readOnly = true)
class PlanService {
    private static final double WIDTH = 960;
    private static final double HEIGHT = 430;

    private final Stops stops;
    private final Plants plants;
    private final RecordWriter log;
    private final StopPlans plans;
    private final PlannedTasks tasks;
    private final Routine routine;
    private final WrittenForms forms;
    private final Clock clock;

    PlanService(
            Stops stops,
            Plants plants,
            RecordWriter log,
            StopPlans plans,
            PlannedTasks tasks,
            Routine routine,
            WrittenForms forms,
            Clock clock) {
        this.stops = stops;
        this.plants = plants;
        this.log = log;
        this.plans = plans;
        this.tasks = tasks;
        this.routine = routine;
        this.forms = forms;
        this.clock = clock;
    }

    /** The plan of a stop with its pots and, where one is chosen, what can be done with it. */
    record PlanPage(
            StopId stop, String name, String size, StopPlans.Drawn plan, Optional<Chosen> chosen, String form) {}

    /** A chosen pot. */
    record Chosen(PlantId plant, String name, String kind, String place, List<String> within, List<Target> targets) {}

    /** A stop to which it can be moved, and what that would mean. */
    record Target(StopId stop, String name, String step, List<String> warnings) {}

    PlanPage page(CollectionId collection, StopId stopId, Optional<PlantId> chosen) {
        Stop stop = this.stops.stop(collection, stopId);
        List<Plant> plants = this.plants.plantsAt(collection, stopId);
        StopPlans.Drawn drawn = plans.draw(stop, plants, WIDTH, HEIGHT);
        Map<PlantId, Plant> byId = plants.stream().collect(Collectors.toMap(Plant::id, Function.identity()));
        return new PlanPage(
                stop.id(),
                stop.name(),
                Wording.say(
                        "plan.plan-service.by",
                        Units.number(stop.widthCm(), Unit.Of.LENGTH),
                        Units.shown(stop.depthCm(), Unit.Of.LENGTH)),
                drawn,
                chosen.flatMap(id -> Optional.ofNullable(byId.get(id))).map(plant -> chosen(plant, stop, drawn, byId)),
                UUID.randomUUID().toString());
    }

    private Chosen chosen(Plant plant, Stop stop, StopPlans.Drawn drawn, Map<PlantId, Plant> byId) {
        StopPlans.Pot pot = drawn.pots().stream()
                .filter(it -> it.plant().equals(plant.id()))
                .findFirst()
                .orElseThrow();
        return new Chosen(
                plant.id(),
                plant.name(),
                this.plants.profile(plant).name(),
                Wording.say(
                        "plan.plan-service.from-left-from-glass",
                        Units.shown(Math.rint(pot.cmX()), Unit.Of.LENGTH),
                        Units.shown(Math.rint(pot.cmY()), Unit.Of.LENGTH)),
                pot.within().stream()
                        .flatMap(id -> Optional.ofNullable(byId.get(id)).stream())
                        .map(Plant::name)
                        .toList(),
                targets(
                        plant,
                        this.stops.walk(plant.collection()).stream()
                                .filter(other -> !other.id().equals(stop.id()))
                                .toList()));
    }

    private List<Target> targets(Plant plant, List<Stop> stops) {
        Map<StopId, Moves.Step> steps = log.judge(plant, stops);
        List<String> planned = tasks.planned(plant.collection(), plant.id());
        return stops.stream()
                .flatMap(to -> Optional.ofNullable(steps.get(to.id())).map(step -> target(to, step, planned)).stream())
                .toList();
    }

    private static Target target(Stop to, Moves.Step step, List<String> planned) {
        List<String> warnings =
                new ArrayList<>(step.warnings().stream().map(Wording::of).toList());
        if (!planned.isEmpty()) {
            warnings.add(Wording.say("plan.plan-service.way-by-steps-next", planned.get(0)));
        }
        return new Target(to.id(), to.name(), words(step), List.copyOf(warnings));
    }

    private static String words(Moves.Step step) {
        String warmth = step.temperatureStep().isPresent()
                ? (step.temperatureStep().getAsDouble() >= 0 ? "+" : "−")
                        + Units.apart(Math.abs(step.temperatureStep().getAsDouble()), Unit.Of.TEMPERATURE)
                : Wording.say("plan.plan-service.warmth-not-read");
        String light = step.lightRatio().isPresent()
                ? step.lightRatio().getAsDouble() == 1
                        ? Wording.say("plan.plan-service.same-light")
                        : Wording.say(
                                "plan.plan-service.light",
                                Limits.tenths(step.lightRatio().getAsDouble()))
                : Wording.say("plan.plan-service.light-not-read");
        return warmth + ", " + light;
    }

    /**
     * Shifts a pot on its stop, once. The other pots stay where they stand: what had no place of its own gets the one it was drawn at.
     *
     * @param x its middle from the left, cm
     * @param y its middle from the glass, cm
     */
    @Transactional
    void shift(CollectionId collection, PlantId plantId, FormKey form, double x, double y) {
        StopId at = this.plants.plant(collection, plantId).stop();
        List<PlantId> standing =
                this.plants.plantsAt(collection, at).stream().map(Plant::id).toList();
        routine.write(
                collection, Stream.concat(standing.stream(), Stream.of(plantId)).toList(), () -> {
                    Plant plant = this.plants.plant(collection, plantId);
                    if (!forms.firstTime(collection, form)) {
                        return;
                    }
                    Stop stop = this.stops.stop(collection, plant.stop());
                    // What came or went meanwhile keeps its place: only those that are held are written of.
                    List<Plant> plants = this.plants.plantsAt(collection, stop.id()).stream()
                            .filter(one -> one.id().equals(plantId) || standing.contains(one.id()))
                            .toList();
                    Map<PlantId, BenchPlan.Placed> placed = Standing.at(stop, plants).stream()
                            .collect(Collectors.toMap(BenchPlan.Placed::id, Function.identity()));
                    for (Plant other : plants) {
                        BenchPlan.Placed drawn = placed.get(other.id());
                        if (other.planX() == null
                                && drawn != null
                                && !other.id().equals(plantId)) {
                            log.store(other.at(drawn.x(), drawn.y()));
                        }
                    }
                    log.shift(
                            collection,
                            plantId,
                            within(x, stop.widthCm()),
                            within(y, stop.depthCm()),
                            LocalDate.now(clock));
                });
    }

    private static double within(double value, double length) {
        return Math.max(0, Math.min(length, value));
    }

    /** Moves a pot to another stop, once. */
    @Transactional
    void move(CollectionId collection, PlantId plantId, FormKey form, StopId to) {
        this.stops.stop(collection, to);
        log.write(
                collection,
                plantId,
                form,
                LocalDate.now(clock),
                List.of(RecordWriter.Line.of(new LogEntry.Moved(
                        Optional.empty(), Optional.of(to), OptionalDouble.empty(), OptionalDouble.empty()))));
    }
}
