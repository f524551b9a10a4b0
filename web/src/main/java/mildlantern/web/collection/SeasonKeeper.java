package mildlantern.web.collection;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Reckons a collection anew when the season turns: what is fed, and how strongly, turns with it, whether anything is written down or not. */
@Component
public class SeasonKeeper {
    private final Collections houses;
    private final Upkeeper upkeeper;
    private final JdbcClient jdbc;
    private final Clock clock;

    SeasonKeeper(Collections houses, Upkeeper upkeeper, JdbcClient jdbc, Clock clock) {
        this.houses = houses;
        this.upkeeper = upkeeper;
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Seasons are quarters of the year from March, on either side of the equator. */
    private static LocalDate turned(LocalDate today) {
        LocalDate month = today.withDayOfMonth(1);
        return month.minusMonths(month.getMonthValue() % 3);
    }

    @Scheduled(initialDelayString = "PT2M", fixedDelayString = "PT3H")
    @SchedulerLock(name = "seasons", lockAtMostFor = "PT30M")
    @Transactional
    public void turn() {
        List<UUID> behind = jdbc.sql("select distinct collection_id from plant_upkeep where reckoned_on < ?")
                .param(turned(LocalDate.now(clock)))
                .query(UUID.class)
                .list();
        behind.stream().filter(houses::exists).forEach(upkeeper::reckonAll);
    }
}
