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

/** Reckons plants anew when the time of their year may have turned: what is fed and watered turns with it, whether anything is written down or not. */
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

    /** Every plant in a transaction of its own, so that nobody waits for the whole house and a restart goes on where it was. */
    @Scheduled(initialDelayString = "PT2M", fixedDelayString = "PT3H")
    @SchedulerLock(name = "seasons", lockAtMostFor = "PT30M")
    public void turn() {
        Map<CollectionId, List<PlantId>> behind = new LinkedHashMap<>();
        jdbc.sql("""
                        select collection_id, plant_id from plant_upkeep
                        where coalesce(turns_on, reckoned_on) <= :today and reckoned_on < :today
                        order by collection_id, plant_id
                        """)
                .param("today", LocalDate.now(clock))
                .query((row, number) -> behind.computeIfAbsent(
                                new CollectionId(row.getObject(1, UUID.class)), house -> new ArrayList<>())
                        .add(new PlantId(row.getObject(2, UUID.class))))
                .list();
        behind.forEach(routine::refresh);
    }
}
