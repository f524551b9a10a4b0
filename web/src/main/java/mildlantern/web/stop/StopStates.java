package mildlantern.web.stop;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import mildlantern.place.StopId;
import mildlantern.web.platform.CollectionId;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Works out from its readings how each stop is now. What was typed and what was measured stay apart; nothing of it is stored. */
@Component
public class StopStates {
    /** Measured is the mean of so many days. */
    private static final int DAYS = 7;

    /** Fewer measured days than this say too little. */
    private static final int LEAST_DAYS = 3;

    /** Wet nights are those just past. */
    private static final int MOIST_DAYS = 3;

    private final JdbcClient jdbc;
    private final Clock clock;

    StopStates(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** How some stops of one collection are now, by stop. */
    public Map<StopId, StopNow> of(CollectionId collection, List<Stop> stops) {
        if (stops.isEmpty()) {
            return Map.of();
        }
        Map<StopId, Read> read = new HashMap<>();
        jdbc.sql("""
                        select stop_id,
                            avg(daily_light) filter (where measured), count(daily_light) filter (where measured),
                            max(on_day) filter (where measured and daily_light is not null),
                            (array_agg(on_day order by on_day desc, written_at desc) filter (where not measured and daily_light is not null))[1],
                            (array_agg(origin order by on_day desc, written_at desc) filter (where not measured and daily_light is not null))[1],
                            avg(humidity_percent) filter (where measured), count(humidity_percent) filter (where measured),
                            max(on_day) filter (where measured and humidity_percent is not null),
                            max(on_day) filter (where not measured and humidity_percent is not null),
                            avg(day_celsius) filter (where measured), count(day_celsius) filter (where measured),
                            max(on_day) filter (where measured and day_celsius is not null),
                            max(on_day) filter (where not measured and day_celsius is not null),
                            avg(night_celsius) filter (where measured), count(night_celsius) filter (where measured),
                            max(on_day) filter (where measured and night_celsius is not null),
                            max(on_day) filter (where not measured and night_celsius is not null),
                            avg(wet_hours) filter (where measured and on_day >= :moist),
                            count(wet_hours) filter (where measured and on_day >= :moist)
                        from (select r.*, origin = 'MEASURED' as measured from stop_reading r
                            where collection_id = :collection and stop_id = any(:stops)
                                and (origin <> 'MEASURED' or on_day between :from and :until)) as lately
                        group by stop_id
                        """)
                .param("collection", collection.value())
                .param("stops", stops.stream().map(stop -> stop.id().value()).toArray(UUID[]::new))
                .param("from", LocalDate.now(clock).minusDays(DAYS))
                .param("moist", LocalDate.now(clock).minusDays(MOIST_DAYS))
                .param("until", LocalDate.now(clock).minusDays(1))
                .query((row, number) -> read.put(new StopId(row.getObject(1, UUID.class)), Read.of(row)))
                .list();
        Map<StopId, StopNow> now = new HashMap<>();
        stops.forEach(stop -> now.put(stop.id(), now(stop, read.getOrDefault(stop.id(), Read.NOTHING))));
        return now;
    }

    /** How a stop is now. */
    public StopNow of(Stop stop) {
        return of(stop.collection(), List.of(stop)).getOrDefault(stop.id(), StopNow.UNKNOWN);
    }

    /** What was measured of one quantity lately, and when it was last typed. */
    private record Quantity(
            double mean,
            int days,
            @Nullable LocalDate measuredOn,
            @Nullable LocalDate typedOn,
            StopReading.Origin typedBy) {
        static final Quantity NONE = new Quantity(0, 0, null, null, StopReading.Origin.TYPED);

        static Quantity of(ResultSet row, int at) throws SQLException {
            return new Quantity(
                    row.getDouble(at),
                    row.getInt(at + 1),
                    row.getObject(at + 2, LocalDate.class),
                    row.getObject(at + 3, LocalDate.class),
                    StopReading.Origin.TYPED);
        }

        Quantity typedBy(@Nullable String origin) {
            return origin == null
                    ? this
                    : new Quantity(mean, days, measuredOn, typedOn, StopReading.Origin.valueOf(origin));
        }

        Optional<StopNow.Known> known(@Nullable Double typed, double step) {
            if (days >= LEAST_DAYS) {
                return Optional.of(new StopNow.Known(
                        Math.rint(mean / step) * step, StopReading.Origin.MEASURED, Optional.ofNullable(measuredOn)));
            }
            return Optional.ofNullable(typed)
                    .map(value -> new StopNow.Known(value, typedBy, Optional.ofNullable(typedOn)));
        }
    }

    private record Read(Quantity light, Quantity humidity, Quantity day, Quantity night, Optional<Double> moistHours) {
        static final Read NOTHING =
                new Read(Quantity.NONE, Quantity.NONE, Quantity.NONE, Quantity.NONE, Optional.empty());

        static Read of(ResultSet row) throws SQLException {
            return new Read(
                    Quantity.of(row, 2).typedBy(row.getString(6)),
                    Quantity.of(row, 7),
                    Quantity.of(row, 11),
                    Quantity.of(row, 15),
                    row.getInt(20) < MOIST_DAYS - 1 ? Optional.empty() : Optional.of(row.getDouble(19)));
        }
    }

    private static StopNow now(Stop stop, Read read) {
        return new StopNow(
                Optional.ofNullable(stop.light()),
                read.light().known(stop.dailyLight(), 0.1),
                read.humidity().known(stop.humidityPercent(), 1),
                read.day().known(stop.dayCelsius(), 1),
                read.night().known(stop.nightCelsius(), 1),
                read.moistHours());
    }
}
