package mildlantern.web.year;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Wants;
import mildlantern.season.Outing;
import mildlantern.season.PlantYear;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.Routine;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Stops;
import mildlantern.web.stop.Weathers;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Asks by the nights ahead for what must come in, and for what may go out. */
@Component
class NightsKeeper {
    /** Nights that a forecast is worth. */
    private static final int NIGHTS = 7;

    /** What was answered is not asked again for so many days. */
    private static final int ANSWERED_FOR = 14;

    private final Plants plants;
    private final Stops stops;
    private final YearBook years;
    private final Weathers weathers;
    private final HandTasks tasks;
    private final JdbcClient jdbc;
    private final Routine routine;
    private final Clock clock;

    NightsKeeper(
            Plants plants,
            Stops stops,
            YearBook years,
            Weathers weathers,
            HandTasks tasks,
            JdbcClient jdbc,
            Routine routine,
            Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.years = years;
        this.weathers = weathers;
        this.tasks = tasks;
        this.jdbc = jdbc;
        this.routine = routine;
        this.clock = clock;
    }

    /** Every house in a transaction of its own. */
    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT3H")
    @SchedulerLock(name = "nights", lockAtMostFor = "PT30M")
    public void look() {
        jdbc.sql("select distinct collection_id from stop where kind = 'OUTDOORS' and removed_on is null")
                .query((row, number) -> new CollectionId(row.getObject(1, UUID.class)))
                .list()
                .forEach(this::look);
    }

    void look(CollectionId collection) {
        weathers.of(collection)
                .map(weather -> weather.nights(LocalDate.now(clock), NIGHTS).stream()
                        .map(night ->
                                new Outing.Night(night.evening(), night.likely().low()))
                        .toList())
                .ifPresent(nights -> routine.write(collection, alive(collection), () -> follow(collection, nights)));
    }

    private List<PlantId> alive(CollectionId collection) {
        return plants.plants(collection).stream()
                .filter(Plant::alive)
                .map(Plant::id)
                .toList();
    }

    /** With the plants locked: whoever answers a task meanwhile is neither undone nor asked again. */
    private void follow(CollectionId collection, List<Outing.Night> nights) {
        LocalDate today = LocalDate.now(clock);
        Set<StopId> outdoors = stops.walk(collection).stream()
                .filter(stop -> stop.kind() == StopKind.OUTDOORS)
                .map(Stop::id)
                .collect(Collectors.toSet());
        List<Plant> alive = plants.plants(collection).stream()
                .filter(Plant::alive)
                .filter(plant -> outdoors.contains(plant.stop()) || likesItOut(plant))
                .toList();
        Map<PlantId, PlantYear> told = years.house(collection).of(alive);
        tasks.follow(
                collection,
                HandTask.OF_THE_NIGHTS,
                alive.stream()
                        .map(plant -> wanted(
                                plant,
                                Objects.requireNonNull(told.get(plant.id())).wants(),
                                outdoors.contains(plant.stop()),
                                nights,
                                today))
                        .toList());
    }

    private boolean likesItOut(Plant plant) {
        return years.knowledge().of(plants.profile(plant)).outdoors();
    }

    private HandTasks.Wanted wanted(Plant plant, Wants wants, boolean out, List<Outing.Night> nights, LocalDate today) {
        Map<HandTask, LocalDate> asked = new EnumMap<>(HandTask.class);
        Optional<LocalDate> in = years.knowledge().bringIn(wants, nights, today).filter(day -> out);
        in.ifPresent(day -> asked.put(HandTask.BRING_IN, day));
        if (!out && years.knowledge().mayGoOut(wants, nights)) {
            asked.put(HandTask.PUT_OUT, today);
        }
        return new HandTasks.Wanted(plant, asked, today.minusDays(ANSWERED_FOR));
    }
}
