package mildlantern.web.routine;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import mildlantern.nutrition.FeedPlan;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.round.CareSchedule;
import mildlantern.round.Load;
import mildlantern.web.platform.CollectionId;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Keeps what was reckoned of each plant. It follows from the log and can be reckoned anew at any time; so it is written over,
 * in one statement, and read without objects that are watched for change.
 */
@Component
public class Schedules {
    /** Work is levelled over so many days ahead. */
    private static final int DAYS_AHEAD = 45;

    private final JdbcClient jdbc;

    Schedules(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @NullUnmarked
    void store(CollectionId collection, ScheduleRow row) {
        CareSchedule schedule = row.schedule();
        CareSchedule.@Nullable WaterCheck water = schedule.water().orElse(null);
        jdbc.sql("""
                insert into plant_upkeep (plant_id, collection_id, stop_id, reckoned_on, watered, looked, look_on, fed,
                    feed_on, put_off, water_on, water_early, water_likely, water_late, wet_through_ml, cycle_days,
                    expected_days, tray, fullness, factor, factor_spread, observations, early_share, feed_way, feed_mg, feed_ml,
                    feed_counts, feed_gently, water_resting, turns_on, measured)
                values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                on conflict (plant_id) do update set stop_id = excluded.stop_id, reckoned_on = excluded.reckoned_on,
                    watered = excluded.watered, looked = excluded.looked, look_on = excluded.look_on, fed = excluded.fed,
                    feed_on = excluded.feed_on, put_off = excluded.put_off, water_on = excluded.water_on,
                    water_early = excluded.water_early, water_likely = excluded.water_likely,
                    water_late = excluded.water_late, wet_through_ml = excluded.wet_through_ml,
                    cycle_days = excluded.cycle_days, expected_days = excluded.expected_days, tray = excluded.tray,
                    fullness = excluded.fullness, factor = excluded.factor, factor_spread = excluded.factor_spread,
                    observations = excluded.observations, early_share = excluded.early_share,
                    feed_way = excluded.feed_way, feed_mg = excluded.feed_mg, feed_ml = excluded.feed_ml,
                    feed_counts = excluded.feed_counts, feed_gently = excluded.feed_gently,
                    water_resting = excluded.water_resting, turns_on = excluded.turns_on,
                    measured = excluded.measured
                """)
                .params(
                        row.plant().value(),
                        collection.value(),
                        row.stop().value(),
                        row.reckonedOn(),
                        schedule.watered().orElse(null),
                        schedule.looked().orElse(null),
                        schedule.lookOn(),
                        schedule.fed().orElse(null),
                        schedule.feedOn().orElse(null),
                        schedule.putOff().orElse(null),
                        water == null ? null : water.on(),
                        water == null ? null : water.early(),
                        water == null ? null : water.likely(),
                        water == null ? null : water.late(),
                        row.pourMl(),
                        row.cycleDays(),
                        row.expectedDays(),
                        row.tray(),
                        row.fullness(),
                        row.factor(),
                        row.factorSpread(),
                        row.observations(),
                        row.earlyShare().isPresent() ? row.earlyShare().getAsDouble() : null,
                        row.feed().map(feed -> feed.way().name()).orElse(null),
                        row.feed().map(ScheduleRow.Feed::mgNitrogen).orElse(null),
                        row.feed().map(ScheduleRow.Feed::ml).orElse(null),
                        row.feed().map(ScheduleRow.Feed::counts).orElse(null),
                        row.feed().map(ScheduleRow.Feed::gently).orElse(false),
                        water != null && water.resting(),
                        row.turnsOn(),
                        row.measured())
                .update();
    }

    /** Forgets a plant that is no longer kept. */
    void forget(CollectionId collection, PlantId plant) {
        jdbc.sql("delete from plant_upkeep where collection_id = ? and plant_id = ?")
                .params(collection.value(), plant.value())
                .update();
    }

    public Optional<ScheduleRow> of(CollectionId collection, PlantId plant) {
        return jdbc.sql("select * from plant_upkeep where collection_id = ? and plant_id = ?")
                .params(collection.value(), plant.value())
                .query((row, number) -> read(row))
                .optional();
    }

    /** What was reckoned of the plants at a stop, by plant. */
    public Map<PlantId, ScheduleRow> at(CollectionId collection, StopId stop) {
        return byPlant(jdbc.sql("select * from plant_upkeep where collection_id = ? and stop_id = ?")
                .params(collection.value(), stop.value())
                .query((row, number) -> read(row))
                .list());
    }

    /** What was reckoned of some plants, by plant. */
    public Map<PlantId, ScheduleRow> of(CollectionId collection, Collection<PlantId> plants) {
        return plants.isEmpty()
                ? Map.of()
                : byPlant(jdbc.sql(
                                "select * from plant_upkeep where collection_id = :collection and plant_id = any(:plants)")
                        .param("collection", collection.value())
                        .param("plants", plants.stream().map(PlantId::value).toArray(UUID[]::new))
                        .query((row, number) -> read(row))
                        .list());
    }

    private static Map<PlantId, ScheduleRow> byPlant(List<ScheduleRow> rows) {
        Map<PlantId, ScheduleRow> byPlant = new HashMap<>();
        rows.forEach(row -> byPlant.put(row.plant(), row));
        return byPlant;
    }

    /** The work that is planned for the days ahead, but for one plant's. */
    Load load(CollectionId collection, PlantId but, LocalDate today) {
        Map<LocalDate, Integer> planned = new HashMap<>();
        jdbc.sql("""
                select day, sum(count)::integer as count from (
                    select water_on as day, count(*) as count from plant_upkeep where collection_id = :collection
                        and water_on between :from and :until and plant_id <> :but group by water_on
                    union all
                    select look_on, count(*) from plant_upkeep where collection_id = :collection
                        and look_on between :from and :until and plant_id <> :but group by look_on
                    union all
                    select feed_on, count(*) from plant_upkeep where collection_id = :collection
                        and feed_on between :from and :until and plant_id <> :but group by feed_on) as planned
                group by day
                """)
                .param("collection", collection.value())
                .param("from", today)
                .param("until", today.plusDays(DAYS_AHEAD))
                .param("but", but.value())
                .query((row, number) -> planned.put(row.getObject(1, LocalDate.class), row.getInt(2)))
                .list();
        return new Load(planned);
    }

    /**
     * What the database counts as due at a stop, for lamps: the rules have put down from which day each thing is due.
     *
     * @param plants how many stand there
     * @param water pots to look into, trays to fill
     * @param looks plants to look at
     * @param feeds plants to feed
     */
    public record StopCount(int plants, int water, int looks, int feeds) {
        public static final StopCount NONE = new StopCount(0, 0, 0, 0);
    }

    /**
     * Counts what is due, by stop.
     *
     * @param apart plants that are judged one by one, as those in a case; counted as plants, but not as due
     * @param soon stops where something catching is about
     * @param soonBefore plants there that were last looked at on this day or before are due
     * @param daily stops whose plants are looked at every day
     */
    public Map<StopId, StopCount> counts(
            CollectionId collection,
            LocalDate today,
            Collection<PlantId> apart,
            Collection<StopId> soon,
            LocalDate soonBefore,
            Collection<StopId> daily) {
        Map<StopId, StopCount> counts = new HashMap<>();
        jdbc.sql("""
                with routine as (
                    select stop_id, watered, looked, water_on, look_on, feed_on,
                        plant_id <> all(:apart) and put_off is distinct from :today as judged
                    from plant_upkeep where collection_id = :collection)
                select stop_id, count(*),
                    count(*) filter (where judged and (water_on <= :today or (water_on is null and watered is null))),
                    count(*) filter (where judged and looked is distinct from :today and (look_on <= :today
                        or stop_id = any(:daily)
                        or (stop_id = any(:soon) and (looked is null or looked <= :soonBefore)))),
                    count(*) filter (where judged and feed_on <= :today)
                from routine group by stop_id
                """)
                .param("collection", collection.value())
                .param("today", today)
                .param("apart", apart.stream().map(PlantId::value).toArray(UUID[]::new))
                .param("soon", soon.stream().map(StopId::value).toArray(UUID[]::new))
                .param("daily", daily.stream().map(StopId::value).toArray(UUID[]::new))
                .param("soonBefore", soonBefore)
                .query((row, number) -> counts.put(
                        new StopId(row.getObject(1, UUID.class)),
                        new StopCount(row.getInt(2), row.getInt(3), row.getInt(4), row.getInt(5))))
                .list();
        return counts;
    }

    private static ScheduleRow read(ResultSet row) throws SQLException {
        Optional<LocalDate> on = day(row, "water_on");
        double cycle = row.getDouble("cycle_days");
        int ml = row.getInt("wet_through_ml");
        boolean tray = row.getBoolean("tray");
        Optional<CareSchedule.WaterCheck> water = on.isEmpty()
                ? Optional.empty()
                : Optional.of(new CareSchedule.WaterCheck(
                        on.get(),
                        day(row, "water_early").orElseThrow(),
                        day(row, "water_likely").orElseThrow(),
                        day(row, "water_late").orElseThrow(),
                        ml,
                        cycle,
                        tray,
                        row.getBoolean("water_resting")));
        double early = row.getDouble("early_share");
        boolean judged = !row.wasNull();
        return new ScheduleRow(
                new PlantId(row.getObject("plant_id", UUID.class)),
                new StopId(row.getObject("stop_id", UUID.class)),
                row.getObject("reckoned_on", LocalDate.class),
                new CareSchedule(
                        water,
                        day(row, "watered"),
                        day(row, "looked"),
                        row.getObject("look_on", LocalDate.class),
                        day(row, "fed"),
                        day(row, "feed_on"),
                        day(row, "put_off")),
                ml,
                cycle,
                row.getDouble("expected_days"),
                tray,
                row.getDouble("fullness"),
                row.getDouble("factor"),
                row.getDouble("factor_spread"),
                row.getInt("observations"),
                row.getBoolean("measured"),
                judged ? OptionalDouble.of(early) : OptionalDouble.empty(),
                feed(row),
                Optional.ofNullable(row.getObject("turns_on", LocalDate.class)).orElseGet(() -> LocalDate.EPOCH));
    }

    private static Optional<ScheduleRow.Feed> feed(ResultSet row) throws SQLException {
        String way = row.getString("feed_way");
        return way == null
                ? Optional.empty()
                : Optional.of(new ScheduleRow.Feed(
                        FeedPlan.Way.valueOf(way),
                        row.getDouble("feed_mg"),
                        row.getDouble("feed_ml"),
                        row.getInt("feed_counts"),
                        row.getBoolean("feed_gently")));
    }

    /** Plants whose feed is due on a day, with what was reckoned of each. */
    public List<ScheduleRow> feedDue(CollectionId collection, LocalDate day) {
        return jdbc.sql(
                        "select * from plant_upkeep where collection_id = ? and feed_on <= ? order by stop_id, plant_id")
                .params(collection.value(), day)
                .query((row, number) -> read(row))
                .list();
    }

    private static Optional<LocalDate> day(ResultSet row, String column) throws SQLException {
        return Optional.ofNullable(row.getObject(column, LocalDate.class));
    }
}
