package mildlantern.web.round;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.IsolationClock;
import mildlantern.quarantine.Quarantine;
import mildlantern.round.Due;
import mildlantern.round.DueReason;
import mildlantern.round.PlantToday;
import mildlantern.round.RoundPlanner;
import mildlantern.treatment.Hold;
import mildlantern.web.care.PlannedTasks;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopNow;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import mildlantern.web.task.HandTasks;
import mildlantern.web.task.HandsToday;
import mildlantern.web.treatment.CourseDues;
import org.jspecify.annotations.Nullable;

/**
 * What is due in a collection on a day. Lamps of the whole walk come from counts, because the rules have put down for each plant
 * from which day its routine is due; plants in a case are judged one by one; the plants of a stop only when it is asked for.
 */
final class DueToday {
    final CollectionId collection;
    final LocalDate day;
    final List<Stop> walk;
    final Map<PlantId, Set<Hold>> holds;
    final HandsToday hands;

    private final Stops stops;
    private final Plants plants;
    private final LogBook logBook;
    private final Schedules rows;
    private final RoundPlanner planner;
    private final Quarantine quarantine;
    private final CourseDues.Asked courses;
    private final PlannedTasks.Today tasks;
    private final Set<PlantId> arrivals;
    private final Map<PlantId, PlantToday.Trouble> troubles;
    private final Set<StopId> stopsWithCatching;
    private final Map<PlantId, Plant> apart;
    private final Map<StopId, StopNow> now;
    private final Map<StopId, StopDue> byStop = new HashMap<>();
    private boolean counted;
    private @Nullable List<LogLine> written;
    private @Nullable Map<PlantId, LocalDate> aloneSince;

    DueToday(
            CollectionId collection,
            LocalDate day,
            Stops stops,
            Plants plants,
            LogBook logBook,
            StopStates states,
            CaseTroubles cases,
            CourseDues courseDues,
            PlannedTasks tasks,
            HandTasks hands,
            Quarantine quarantine,
            Schedules rows,
            RoundPlanner planner) {
        this.collection = collection;
        this.day = day;
        this.stops = stops;
        this.plants = plants;
        this.logBook = logBook;
        this.rows = rows;
        this.planner = planner;
        this.quarantine = quarantine;
        courses = courseDues.today(collection, day);
        this.tasks = tasks.today(collection, day);
        this.hands = hands.today(collection, day);
        walk = this.stops.walk(collection);
        now = states.of(collection, walk);
        CaseTroubles.Open open = cases.open(collection);
        troubles = open.troubles();
        holds = open.holds();
        Set<PlantId> catching = open.catching();
        Set<PlantId> ids = new HashSet<>(troubles.keySet());
        ids.addAll(holds.keySet());
        ids.addAll(catching);
        ids.addAll(courses.plants());
        ids.addAll(this.tasks.plants());
        ids.addAll(this.hands.plants());
        arrivals = this.plants.arrivedSince(collection, day.minusDays(quarantine.arrivalDays() - 1L)).stream()
                .map(Plant::id)
                .collect(Collectors.toSet());
        ids.addAll(arrivals);
        apart = this.plants.plants(collection, ids).stream()
                .filter(Plant::alive)
                .collect(Collectors.toMap(Plant::id, plant -> plant));
        stopsWithCatching = new HashSet<>(catching.stream()
                .flatMap(id -> Optional.ofNullable(apart.get(id)).stream())
                .map(Plant::stop)
                .toList());
        // Those who stood beside it before it was moved away may have caught it.
        if (!catching.isEmpty()) {
            logBook.ofKind(collection, LogKind.MOVED, day.minusDays(quarantine.unseenDays())).stream()
                    .filter(move -> catching.contains(move.plant()))
                    .forEach(move -> move.as(LogEntry.Moved.class)
                            .flatMap(LogEntry.Moved::from)
                            .ifPresent(stopsWithCatching::add));
        }
    }

    private void count() {
        Set<StopId> alone = walk.stream().filter(Stop::isolation).map(Stop::id).collect(Collectors.toSet());
        Map<StopId, Schedules.StopCount> counts = rows.counts(
                collection, day, apart.keySet(), stopsWithCatching, day.minusDays(planner.lookNearCatching()), alone);
        for (Stop stop : walk) {
            Schedules.StopCount counted = counts.getOrDefault(stop.id(), Schedules.StopCount.NONE);
            Map<Due.Kind, Integer> kinds = new EnumMap<>(Due.Kind.class);
            kinds.put(Due.Kind.WATER, counted.water());
            kinds.put(stop.isolation() ? Due.Kind.ISOLATION_LOOK : Due.Kind.ROUTINE_LOOK, counted.looks());
            kinds.put(Due.Kind.FEED, counted.feeds());
            byStop.put(stop.id(), new StopDue(counted.plants(), kinds));
        }
        Map<PlantId, ScheduleRow> apartRows = rows.of(collection, apart.keySet());
        Map<StopId, Stop> stops = walk.stream().collect(Collectors.toMap(Stop::id, stop -> stop));
        apart.values().forEach(plant -> {
            Stop stop = stops.get(plant.stop());
            ScheduleRow row = apartRows.get(plant.id());
            if (stop != null && row != null) {
                due(stop).count().merge(Due.Kind.BY_HAND, hands.due(plant.id()), Integer::sum);
                due(plant, row, stop)
                        .forEach(due -> due(stop)
                                .count()
                                .merge(
                                        due.kind() == Due.Kind.FILL_TRAY ? Due.Kind.WATER : due.kind(),
                                        1,
                                        Integer::sum));
            }
        });
        List<StopId> cold = walk.stream()
                .filter(stop ->
                        now(stop).nightCelsius().filter(planner::coldForWater).isPresent())
                .map(Stop::id)
                .toList();
        this.plants.plantsOf(collection, cold, RoundPlanner::holdsWater).stream()
                .filter(plant -> !apart.containsKey(plant.id()))
                .forEach(plant -> {
                    Stop stop = Objects.requireNonNull(stops.get(plant.stop()));
                    if (tipOut(plant, stop).isPresent()) {
                        due(stop).count().merge(Due.Kind.EMPTY_CUP, 1, Integer::sum);
                    }
                });
    }

    /** What is due at a stop; the whole walk is counted when the first stop is asked for. */
    StopDue due(Stop stop) {
        if (!counted) {
            counted = true;
            count();
        }
        return byStop.getOrDefault(stop.id(), new StopDue(0, Map.of()));
    }

    /** How a stop is now. */
    StopNow now(Stop stop) {
        return now.getOrDefault(stop.id(), StopNow.UNKNOWN);
    }

    private Optional<DueReason> tipOut(Plant plant, Stop stop) {
        return now(stop)
                .nightCelsius()
                .flatMap(night ->
                        planner.tipOut(this.plants.profile(plant), night, wrote(plant, Set.of(LogKind.WATERED))))
                .filter(why -> !wrote(plant, Set.of(LogKind.CUP_EMPTIED, LogKind.PUT_OFF)));
    }

    /** Whether any of some things was written of a plant today. */
    private boolean wrote(Plant plant, Set<LogKind> kinds) {
        if (written == null) {
            written = logBook.on(collection, day);
        }
        return written.stream().anyMatch(line -> line.plant().equals(plant.id()) && kinds.contains(line.kind()));
    }

    /** What is due on a plant; one that is kept dry for a while is not watered. */
    private List<Due> due(Plant plant, ScheduleRow row, Stop stop) {
        return planner.due(today(plant, row, stop), day).stream()
                .filter(due -> !due.kind().ofWater() || !hands.keptDry(plant.id()))
                .toList();
    }

    private PlantToday today(Plant plant, ScheduleRow row, Stop stop) {
        return new PlantToday(
                plant.id(),
                row.schedule(),
                alone(plant, stop),
                Optional.ofNullable(troubles.get(plant.id())),
                step(plant).map(CourseDues.Step::words),
                move(plant).map(PlannedTasks.Asked::words),
                row.feed().map(ScheduleRow.Feed::how),
                asked(plant, stop),
                stopsWithCatching.contains(stop.id()),
                holds.getOrDefault(plant.id(), Set.of()).contains(Hold.FEED),
                tipOut(plant, stop));
    }

    /** A look that a course asked for, or that a new arrival asks for by itself while it does not stand alone. */
    private Optional<PlantToday.AskedLook> asked(Plant plant, Stop stop) {
        Optional<PlantToday.AskedLook> byCourse = Optional.ofNullable(
                        courses.looks().get(plant.id()))
                .map(look -> new PlantToday.AskedLook(look.since(), DueReason.AS_PLANNED.with(look.words())));
        if (byCourse.isEmpty() && tasks.looks().containsKey(plant.id())) {
            return Optional.ofNullable(tasks.looks().get(plant.id()))
                    .map(look -> new PlantToday.AskedLook(look.since(), DueReason.AS_PLANNED.with(look.words())));
        }
        if (byCourse.isPresent() || stop.isolation() || !arrivals.contains(plant.id())) {
            return byCourse;
        }
        return Optional.ofNullable(plant.acquiredOn())
                .map(quarantine::arrival)
                .filter(clock -> clock.left(day).orElse(0) > 0)
                .map(clock -> new PlantToday.AskedLook(
                        day,
                        RoundSays.NEW_HERE.with(
                                ChronoUnit.DAYS.between(clock.from(), day) + 1, quarantine.arrivalDays())));
    }

    /** The step of a course that is due on a plant. */
    Optional<CourseDues.Step> step(Plant plant) {
        return Optional.ofNullable(courses.steps().get(plant.id()));
    }

    /** The step towards another stop that is due on a plant. */
    Optional<PlannedTasks.Asked> move(Plant plant) {
        return Optional.ofNullable(tasks.moves().get(plant.id()));
    }

    /** A plant under treatment follows its course's clock; any other that stands alone, the clock of its arrival there. */
    private Optional<IsolationClock> alone(Plant plant, Stop stop) {
        return Optional.ofNullable(courses.clocks().get(plant.id()))
                .or(() -> stop.isolation() ? Optional.of(quarantine.arrival(aloneSince(plant))) : Optional.empty());
    }

    private LocalDate aloneSince(Plant plant) {
        if (aloneSince == null) {
            aloneSince = logBook.standingSince(
                    collection,
                    walk.stream().filter(Stop::isolation).map(Stop::id).toList());
        }
        return Optional.ofNullable(aloneSince.get(plant.id()))
                .or(() -> Optional.ofNullable(plant.acquiredOn()))
                .orElse(day);
    }

    /** The plants of a stop with what is due on each, in the order in which they stand. */
    List<PlantDue> plants(Stop stop) {
        Map<PlantId, ScheduleRow> at = rows.at(collection, stop.id());
        List<PlantDue> plants = new ArrayList<>();
        for (Plant plant : this.plants.plantsAt(collection, stop.id())) {
            plants.add(judge(plant, Optional.ofNullable(at.get(plant.id())), stop));
        }
        return plants;
    }

    /** One plant with what is due on it. */
    PlantDue plant(Plant plant) {
        Stop stop = this.stops.stop(collection, plant.stop());
        return judge(plant, rows.of(collection, plant.id()), stop);
    }

    private PlantDue judge(Plant plant, Optional<ScheduleRow> row, Stop stop) {
        return new PlantDue(
                plant,
                row,
                row.map(it -> due(plant, it, stop)).orElse(List.of()),
                step(plant).map(CourseDues.Step::course),
                move(plant).map(PlannedTasks.Asked::task),
                tasks.looks().containsKey(plant.id()));
    }
}
