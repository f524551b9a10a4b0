package mildlantern.web.round;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.knowledge.Words;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.Quarantine;
import mildlantern.round.Due;
import mildlantern.round.Lamp;
import mildlantern.round.RoundPlanner;
import mildlantern.web.care.PlannedTasks;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.plan.StopPlans;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.routine.Schedules;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import mildlantern.web.task.HandPages;
import mildlantern.web.task.HandTasks;
import mildlantern.web.treatment.CourseDues;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together today's round from the walk, the plants and their cases. */
@Service
@Transactional(readOnly = true)
public class RoundService {
    private static final double PLAN_WIDTH = 660;
    private static final double PLAN_HEIGHT = 164;
    private static final int PATH_STEP = 76;

    /** Further slips of a crowded stop are fetched when they come into sight. */
    private static final int SLIPS_AT_ONCE = 8;

    private final LogBook logBook;
    private final Stops stops;
    private final Plants plants;
    private final StopStates states;
    private final CaseTroubles cases;
    private final CourseDues courses;
    private final PlannedTasks tasks;
    private final HandTasks handTasks;
    private final HandPages hands;
    private final Quarantine quarantine;
    private final Schedules rows;
    private final StopPlans plans;
    private final SlipMaker slips;
    private final RoundPlanner planner;
    private final AirNotices notices;
    private final Clock clock;

    RoundService(
            LogBook logBook,
            Stops stops,
            Plants plants,
            StopStates states,
            CaseTroubles cases,
            CourseDues courses,
            PlannedTasks tasks,
            HandTasks handTasks,
            HandPages hands,
            Quarantine quarantine,
            Schedules rows,
            StopPlans plans,
            SlipMaker slips,
            RoundPlanner planner,
            AirNotices notices,
            Clock clock) {
        this.logBook = logBook;
        this.stops = stops;
        this.plants = plants;
        this.states = states;
        this.cases = cases;
        this.courses = courses;
        this.tasks = tasks;
        this.handTasks = handTasks;
        this.hands = hands;
        this.quarantine = quarantine;
        this.rows = rows;
        this.plans = plans;
        this.slips = slips;
        this.planner = planner;
        this.notices = notices;
        this.clock = clock;
    }

    /** What is due today in a collection; worked out once for a page and its frame. */
    DueToday today(CollectionId collection) {
        return new DueToday(
                collection,
                LocalDate.now(clock),
                stops,
                plants,
                logBook,
                states,
                cases,
                courses,
                tasks,
                handTasks,
                quarantine,
                rows,
                planner);
    }

    /** The walk for the frame of every page. */
    List<RoundViews.StopLine> walk(DueToday today) {
        List<RoundViews.StopLine> lines = new ArrayList<>();
        int i = 0;
        for (Stop stop : today.walk) {
            Lamp lamp = today.due(stop).lamp();
            lines.add(new RoundViews.StopLine(
                    stop.id(),
                    stop.name(),
                    RoundWords.climate(stop, today.now(stop)),
                    Words.id(lamp),
                    RoundWords.lampWords(lamp),
                    RoundWords.dueWords(today.due(stop)),
                    (int) Math.round(33 + 6 * Math.sin(i * 1.7)),
                    46 + PATH_STEP * i));
            i++;
        }
        return lines;
    }

    /**
     * Where a round begins or goes on: at the first stop with anything due from the last stop at which something was written today,
     * then from the beginning.
     */
    private Stop where(DueToday today) {
        List<Stop> due =
                today.walk.stream().filter(stop -> today.due(stop).all() > 0).toList();
        if (due.isEmpty()) {
            return today.walk.get(0);
        }
        int reached = logBook.on(today.collection, today.day).stream()
                .max(Comparator.comparing(LogLine::writtenAt))
                .flatMap(last -> this.plants.plants(today.collection, List.of(last.plant())).stream()
                        .findFirst())
                .flatMap(plant -> today.walk.stream()
                        .filter(stop -> stop.id().equals(plant.stop()))
                        .findFirst())
                .map(Stop::position)
                .orElse(Integer.MIN_VALUE);
        return due.stream()
                .filter(stop -> stop.position() >= reached)
                .findFirst()
                .orElse(due.get(0));
    }

    /** The round at a stop; without one, where it goes on. */
    Optional<RoundViews.RoundPage> round(DueToday today, Optional<StopId> stopId) {
        if (today.walk.isEmpty()) {
            return Optional.empty();
        }
        Stop stop = stopId.map(id -> today.walk.stream()
                        .filter(s -> s.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> new NotHere("stop")))
                .orElseGet(() -> where(today));
        List<PlantDue> plants = today.plants(stop);
        Map<PlantId, List<RoundViews.Done>> done = slips.doneToday(today, plants);
        List<PlantDue> open =
                plants.stream().filter(plant -> !plant.dues().isEmpty()).toList();
        List<RoundViews.PotMark> marks = new ArrayList<>();
        Map<Due.Half, Map<String, List<RoundViews.Slip>>> groups = new EnumMap<>(Due.Half.class);
        open.stream()
                .sorted(Comparator.comparing((PlantDue plant) -> Carrying.of(plant, this.plants))
                        .thenComparing(Carrying::mix))
                .forEach(plant -> {
                    int mark = marks.size() + 1;
                    marks.add(new RoundViews.PotMark(
                            plant.plant().id(), mark, Words.id(RoundPlanner.lamp(plant.dues()))));
                    groups.computeIfAbsent(plant.dues().get(0).kind().half(), half -> new LinkedHashMap<>())
                            .computeIfAbsent(Carrying.words(plant, this.plants), carry -> new ArrayList<>())
                            .add(slips.slip(plant, mark, done, mark > SLIPS_AT_ONCE));
                });
        List<RoundViews.Elsewhere> left = elsewhere(today, stop);
        List<RoundViews.Reading> readings = RoundWords.readings(today.now(stop));
        List<Plant> standing = plants.stream().map(PlantDue::plant).toList();
        return Optional.of(new RoundViews.RoundPage(
                stop.id(),
                stop.name(),
                RoundWords.sentence(today, stop, plants.size(), open.size()),
                notices.of(stop, today.now(stop), open),
                plans.draw(stop, standing, PLAN_WIDTH, PLAN_HEIGHT),
                marks,
                stop.glass() == null
                        ? Optional.ofNullable(stop.note()).orElse("")
                        : Wording.say("round.round-service.glass", stop.glass().words()),
                groups(groups.getOrDefault(Due.Half.MORNING, Map.of())),
                groups(groups.getOrDefault(Due.Half.EVENING, Map.of())),
                plants.stream()
                        .filter(plant -> plant.dues().isEmpty())
                        .map(plant -> alsoHere(plant, today, done))
                        .toList(),
                slips.carry(open),
                readings,
                readings.stream().map(RoundViews.Reading::from).distinct().collect(Collectors.joining("; ")),
                standing.stream()
                        .filter(plant -> today.holds.containsKey(plant.id()))
                        .map(plant -> new RoundViews.Held(
                                plant.id(),
                                plant.name(),
                                LogWords.holds(today.holds.getOrDefault(plant.id(), Set.of()))))
                        .toList(),
                left,
                next(today, stop, left)));
    }

    private static List<RoundViews.Group> groups(Map<String, List<RoundViews.Slip>> byCarrying) {
        return byCarrying.entrySet().stream()
                .map(group -> new RoundViews.Group(group.getKey(), group.getValue()))
                .toList();
    }

    /** What is to be done by hand at a stop today; what the house asks for stands at the first stop of the walk. */
    List<HandPages.Line> byHand(DueToday today, StopId stop) {
        boolean first = today.walk.get(0).id().equals(stop);
        return hands.due(today.collection, today.hands, plant -> plant.stop().equals(stop)).stream()
                .filter(line -> first || !line.plant().isEmpty())
                .toList();
    }

    /** The slip of one plant, after something was pressed on it. */
    RoundViews.Slip slip(DueToday today, PlantId plantId, int mark, String problem) {
        PlantDue plant = today.plant(this.plants.plant(today.collection, plantId));
        RoundViews.Slip made = slips.slip(plant, mark, slips.doneToday(today, List.of(plant)), false);
        return problem.isEmpty() ? made : SlipMaker.with(made, problem);
    }

    /** What of a stop's page a press changes beside its slip. */
    RoundViews.Counts counts(DueToday today, StopId stopId) {
        Stop stop = this.stops.stop(today.collection, stopId);
        List<PlantDue> plants = today.plants(stop);
        List<PlantDue> open =
                plants.stream().filter(plant -> !plant.dues().isEmpty()).toList();
        return new RoundViews.Counts(RoundWords.sentence(today, stop, plants.size(), open.size()), slips.carry(open));
    }

    private RoundViews.AlsoHere alsoHere(PlantDue plant, DueToday today, Map<PlantId, List<RoundViews.Done>> done) {
        List<RoundViews.Done> lately = done.getOrDefault(plant.plant().id(), List.of());
        String words = lately.isEmpty()
                ? plant.row().map(row -> RoundWords.ahead(row, today.day)).orElse("")
                : Wording.say(
                        "round.round-service.today",
                        Wording.listed(
                                lately.stream().map(RoundViews.Done::words).toList()));
        return new RoundViews.AlsoHere(
                plant.plant().id(),
                plant.plant().name(),
                this.plants.profile(plant.plant()).name(),
                words);
    }

    private static List<RoundViews.Elsewhere> elsewhere(DueToday today, Stop here) {
        return today.walk.stream()
                .filter(stop -> !stop.id().equals(here.id()) && today.due(stop).all() > 0)
                .map(stop -> new RoundViews.Elsewhere(stop.id(), stop.name(), RoundWords.dueWords(today.due(stop))))
                .toList();
    }

    /** The next stop on the walk with anything due, after this one; from the beginning where there is none after. */
    private static Optional<RoundViews.Elsewhere> next(DueToday today, Stop here, List<RoundViews.Elsewhere> left) {
        List<StopId> order = today.walk.stream().map(Stop::id).toList();
        int at = order.indexOf(here.id());
        return left.stream()
                .filter(other -> order.indexOf(other.stop()) > at)
                .findFirst()
                .or(() -> left.stream().findFirst());
    }

    String weekday() {
        return DayFormat.DAY_OF_WEEK.format(LocalDate.now(clock));
    }

    String day() {
        return DayFormat.LONG.format(LocalDate.now(clock));
    }
}
