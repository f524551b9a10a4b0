package mildlantern.web.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Reckons a collection anew when the season turns: what is fed, and how strongly, turns with it, whether anything is written down or not. */
@Component
public class SeasonKeeper {
    private final Routine routine;
    private final JdbcClient jdbc;
    private final Clock clock;

    SeasonKeeper(Routine routine, JdbcClient jdbc, Clock clock) {
        this.routine = routine;
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Seasons are quarters of the year from March, on either side of the equator. */
    private static LocalDate turned(LocalDate today) {
        LocalDate month = today.withDayOfMonth(1);
        return month.minusMonths(month.getMonthValue() % 3);
    }

    /** Every plant in a transaction of its own, so that nobody waits for the whole house and a restart goes on where it was. */
    @Scheduled(initialDelayString = "PT2M", fixedDelayString = "PT3H")
    @SchedulerLock(name = "seasons", lockAtMostFor = "PT30M")
    public void turn() {
        Map<CollectionId, List<PlantId>> behind = new LinkedHashMap<>();
        jdbc.sql(
                        "select collection_id, plant_id from plant_upkeep where reckoned_on < ? order by collection_id, plant_id")
                .param(turned(LocalDate.now(clock)))
                .query((row, number) -> behind.computeIfAbsent(
                                new CollectionId(row.getObject(1, UUID.class)), house -> new ArrayList<>())
                        .add(new PlantId(row.getObject(2, UUID.class))))
                .list();
        behind.forEach(routine::refresh);
    }
}
