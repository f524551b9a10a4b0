package mildlantern.web.reminders;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.round.CareSchedule.Work;
import mildlantern.web.away.AwayDays;
import mildlantern.web.care.PlannedTasks;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.task.HandTasks;
import mildlantern.web.task.HandsToday;
import mildlantern.web.treatment.CourseDues;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What comes up in a collection in the days ahead. The grower sees in the calendar of his days off which of them are free. */
@Service
@Transactional(readOnly = true)
class Coming {
    private final Stops stops;
    private final Plants plants;
    private final Schedules schedules;
    private final CaseTroubles cases;
    private final CourseDues courses;
    private final PlannedTasks tasks;
    private final HandTasks hands;
    private final AwayDays away;

    Coming(
            Stops stops,
            Plants plants,
            Schedules schedules,
            CaseTroubles cases,
            CourseDues courses,
            PlannedTasks tasks,
            HandTasks hands,
            AwayDays away) {
        this.stops = stops;
        this.plants = plants;
        this.schedules = schedules;
        this.cases = cases;
        this.courses = courses;
        this.tasks = tasks;
        this.hands = hands;
        this.away = away;
    }

    /**
     * Something on a day.
     *
     * @param key the same for the same thing, whenever it is asked
     * @param title in a few words
     * @param details in full
     * @param path of the page to do it on
     */
    record Event(String key, LocalDate day, String title, String details, String path) {}

    /**
     * What comes up from today until a day; what is late stands on today. Steps of courses, moves and looks again each by themselves; the routine
     * as one event a day.
     */
    List<Event> events(CollectionId collection, LocalDate today, LocalDate until) {
        Map<PlantId, Plant> alive =
                plants.plants(collection).stream().collect(Collectors.toMap(Plant::id, Function.identity()));
        List<Event> events = new ArrayList<>();
        courses.coming(collection, until)
                .forEach(step -> of(alive, step.plant())
                        .ifPresent(plant -> events.add(new Event(
                                "step-" + step.step(),
                                step.day(),
                                Wording.say("reminders.coming.treat", plant.name()),
                                step.words(),
                                "/courses/" + step.course()))));
        tasks.coming(collection, until)
                .forEach((plant, asked) -> of(alive, plant)
                        .ifPresent(named -> asked.forEach(task -> events.add(new Event(
                                "task-" + task.task(),
                                task.since(),
                                Wording.say("reminders.coming.task", named.name(), task.words()),
                                task.words(),
                                "/plants/" + plant)))));
        hands.until(collection, until)
                .forEach(asked -> asked.plant()
                        .flatMap(plant -> of(alive, plant))
                        .ifPresent(plant -> events.add(new Event(
                                "hand-"
                                        + asked.task()
                                                .map(String::valueOf)
                                                .orElseGet(() -> plant.id() + "-"
                                                        + asked.errand().orElseThrow()),
                                asked.day(),
                                Wording.say("reminders.coming.task", plant.name(), asked.words()),
                                asked.words(),
                                asked.path().orElse("/plants/" + plant.id())))));
        CaseTroubles.Open open = cases.open(collection);
        open.troubles()
                .forEach((plant, trouble) -> trouble.lookAgainOn()
                        .filter(day -> !day.isAfter(until))
                        .ifPresent(day -> of(alive, plant)
                                .ifPresent(named -> events.add(new Event(
                                        "look-again-" + plant + "-" + day,
                                        day,
                                        Wording.say("reminders.coming.look-again", named.name()),
                                        Wording.say("reminders.coming.trial-day"),
                                        "/plants/" + plant)))));
        away.until(collection, until)
                .forEach(day -> events.add(new Event(day.key(), day.day(), day.words(), day.words(), day.path())));
        events.replaceAll(event -> event.day().isBefore(today) ? on(event, today) : event);
        events.addAll(routine(collection, alive, open, hands.today(collection, today), until));
        events.sort(Comparator.comparing(Event::day).thenComparing(Event::key));
        return events;
    }

    private static Optional<Plant> of(Map<PlantId, Plant> alive, PlantId plant) {
        return Optional.ofNullable(alive.get(plant));
    }

    private static Event on(Event event, LocalDate day) {
        return new Event(event.key(), day, event.title(), event.details(), event.path());
    }

    private List<Event> routine(
            CollectionId collection,
            Map<PlantId, Plant> alive,
            CaseTroubles.Open open,
            HandsToday dry,
            LocalDate until) {
        LocalDate today = dry.day();
        Map<LocalDate, Map<Work, List<Plant>>> byDay = new TreeMap<>();
        for (ScheduleRow row : schedules.of(collection, alive.keySet()).values()) {
            Plant plant = alive.get(row.plant());
            if (plant != null) {
                open.days(row.plant(), row.schedule()).forEach((work, day) -> {
                    boolean waits = work == Work.WATER && dry.keptDry(plant.id());
                    if (!day.isAfter(until) && !waits) {
                        byDay.computeIfAbsent(day.isBefore(today) ? today : day, at -> new EnumMap<>(Work.class))
                                .computeIfAbsent(work, one -> new ArrayList<>())
                                .add(plant);
                    }
                });
            }
        }
        Map<StopId, String> names = stops.walk(collection).stream().collect(Collectors.toMap(Stop::id, Stop::name));
        List<Event> events = new ArrayList<>();
        byDay.forEach((day, work) -> events.add(new Event(
                "round-" + day,
                day,
                Wording.say(
                        "reminders.coming.round",
                        Wording.listed(work.entrySet().stream()
                                .map(one -> said(one.getKey(), one.getValue().size()))
                                .toList())),
                work.entrySet().stream()
                        .map(one -> lines(one.getKey(), one.getValue(), names))
                        .collect(Collectors.joining("\n")),
                "/")));
        return events;
    }

    private static String lines(Work work, List<Plant> all, Map<StopId, String> names) {
        Map<String, List<String>> byStop = new LinkedHashMap<>();
        all.stream()
                .sorted(Comparator.comparing((Plant plant) -> names.getOrDefault(plant.stop(), ""))
                        .thenComparing(Plant::name))
                .forEach(
                        plant -> byStop.computeIfAbsent(names.getOrDefault(plant.stop(), ""), stop -> new ArrayList<>())
                                .add(plant.name()));
        return byStop.entrySet().stream()
                .map(stop -> Wording.say(
                        "reminders.coming.line",
                        said(work, stop.getValue().size()),
                        stop.getKey(),
                        Wording.listed(stop.getValue())))
                .collect(Collectors.joining("\n"));
    }

    private static String said(Work work, int plants) {
        return switch (work) {
            case WATER -> Wording.say("reminders.coming.water", plants);
            case FEED -> Wording.say("reminders.coming.feed", plants);
            case LOOK -> Wording.say("reminders.coming.look", plants);
        };
    }
}
