package mildlantern.web.climate;

import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import mildlantern.place.StopId;
import mildlantern.sensing.Aside;
import mildlantern.sensing.DayOfAir;
import mildlantern.sensing.HourOfAir;
import mildlantern.sensing.Sample;
import mildlantern.web.platform.CollectionId;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.SqlArrayValue;
import org.springframework.stereotype.Component;

/** The tables of readings. Many rows go at once, as arrays; means of hours are taken where the rows are. */
@Component
class ReadingStore {
    private final JdbcClient jdbc;

    ReadingStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * Stores samples of a sensor; moments that it has read before stay as they were.
     *
     * @return how many were new
     */
    int add(Sensor sensor, List<Sample> samples) {
        if (samples.isEmpty()) {
            return 0;
        }
        return jdbc.sql("""
                        insert into raw_reading (sensor_id, at, collection_id, celsius, humidity, ppfd)
                        select ?, at, ?, celsius, humidity, ppfd
                        from unnest(?, ?, ?, ?) as coming (at, celsius, humidity, ppfd) on conflict do nothing
                        """)
                .params(
                        sensor.key(),
                        sensor.collection().value(),
                        moments(samples, Sample::at),
                        figures(samples, Sample::celsius),
                        figures(samples, Sample::humidity),
                        figures(samples, Sample::ppfd))
                .update();
    }

    private static <T> SqlArrayValue moments(List<T> of, Function<T, Instant> moment) {
        return new SqlArrayValue(
                "timestamptz", of.stream().map(one -> at(moment.apply(one))).toArray());
    }

    private static <T> SqlArrayValue figures(List<T> of, Function<T, OptionalDouble> figure) {
        @Nullable Object[] figures = new @Nullable Object[of.size()];
        for (int i = 0; i < figures.length; i++) {
            OptionalDouble value = figure.apply(of.get(i));
            figures[i] = value.isPresent() ? (Float) (float) value.getAsDouble() : null;
        }
        return new SqlArrayValue("float4", figures);
    }

    /** Takes the means of a stop's hours anew, from the hour of one moment to that of another. */
    void hours(CollectionId collection, StopId stop, Instant from, Instant to) {
        jdbc.sql("""
                        insert into hour_reading (stop_id, hour, collection_id, celsius, lowest, highest, humidity, ppfd, samples)
                        select s.stop_id, date_trunc('hour', r.at), s.collection_id,
                            avg(r.celsius), min(r.celsius), max(r.celsius), avg(r.humidity), avg(r.ppfd), count(*)
                        from raw_reading r join sensor s on s.id = r.sensor_id
                        where s.collection_id = ? and s.stop_id = ?
                            and r.at >= date_trunc('hour', ?::timestamptz) and r.at < date_trunc('hour', ?::timestamptz) + interval '1 hour'
                        group by s.stop_id, date_trunc('hour', r.at), s.collection_id
                        on conflict (stop_id, hour) do update set celsius = excluded.celsius, lowest = excluded.lowest,
                            highest = excluded.highest, humidity = excluded.humidity, ppfd = excluded.ppfd, samples = excluded.samples
                        """).params(collection.value(), stop.value(), at(from), at(to)).update();
    }

    /** Stores hours as they are, for a past of which no single readings are kept. */
    void addHours(CollectionId collection, StopId stop, List<HourOfAir> hours, int samples) {
        jdbc.sql("""
                        insert into hour_reading (stop_id, hour, collection_id, celsius, lowest, highest, humidity, ppfd, samples)
                        select ?, hour, ?, celsius, lowest, highest, humidity, ppfd, ?
                        from unnest(?, ?, ?, ?, ?, ?) as past (hour, celsius, lowest, highest, humidity, ppfd)
                        """)
                .params(
                        stop.value(),
                        collection.value(),
                        samples,
                        moments(hours, HourOfAir::hour),
                        figures(hours, HourOfAir::celsius),
                        figures(hours, HourOfAir::lowest),
                        figures(hours, HourOfAir::highest),
                        figures(hours, HourOfAir::humidity),
                        figures(hours, HourOfAir::ppfd))
                .update();
    }

    /** The hours of a stop from one moment to before another, in order. */
    List<HourOfAir> read(CollectionId collection, StopId stop, Instant from, Instant to) {
        return jdbc.sql("""
                        select hour, celsius, lowest, highest, humidity, ppfd from hour_reading
                        where collection_id = ? and stop_id = ? and hour >= ? and hour < ? order by hour
                        """)
                .params(collection.value(), stop.value(), at(from), at(to))
                .query((row, number) -> new HourOfAir(
                        row.getTimestamp(1).toInstant(),
                        number(row.getObject(2)),
                        number(row.getObject(3)),
                        number(row.getObject(4)),
                        number(row.getObject(5)),
                        number(row.getObject(6))))
                .list();
    }

    private static OptionalDouble number(@Nullable Object value) {
        return value instanceof Number number ? OptionalDouble.of(number.doubleValue()) : OptionalDouble.empty();
    }

    /** Writes what a day came to, beside what was typed. */
    void day(CollectionId collection, StopId stop, DayOfAir day, OffsetDateTime now) {
        jdbc.sql("""
                        insert into stop_reading (id, collection_id, stop_id, on_day, daily_light, humidity_percent, day_celsius,
                            night_celsius, wet_hours, origin, written_at)
                        values (gen_random_uuid(), ?, ?, ?, ?, ?, ?, ?, ?, 'MEASURED', ?)
                        on conflict (stop_id, on_day) where origin = 'MEASURED' do update set daily_light = excluded.daily_light,
                            humidity_percent = excluded.humidity_percent, day_celsius = excluded.day_celsius,
                            night_celsius = excluded.night_celsius, wet_hours = excluded.wet_hours, written_at = excluded.written_at
                        """)
                .param(collection.value())
                .param(stop.value())
                .param(day.day())
                .param(tenths(day.mol()))
                .param(tenths(day.humidity()))
                .param(tenths(day.byDay()))
                .param(tenths(day.night()))
                .param(tenths(day.wetHours()))
                .param(now)
                .update();
    }

    private static @Nullable Double tenths(OptionalDouble value) {
        return value.isPresent() ? Double.valueOf(Math.rint(value.getAsDouble() * 10) / 10) : null;
    }

    /** Throws away single readings from before a day; their hours stay. */
    int forgetBefore(LocalDate day) {
        return jdbc.sql("delete from raw_reading where at < ?")
                .param(day.atStartOfDay().atOffset(ZoneOffset.UTC))
                .update();
    }

    /** Notes values that could not be. */
    void aside(Sensor sensor, List<Aside> aside) {
        for (Aside value : aside) {
            jdbc.sql(
                            "insert into set_aside (id, collection_id, sensor_id, at, what, value, why) values (?, ?, ?, ?, ?, ?, ?)"
                                    + " on conflict do nothing")
                    .params(
                            UUID.randomUUID(),
                            sensor.collection().value(),
                            sensor.key(),
                            at(value.at()),
                            value.what().name(),
                            value.value(),
                            value.why().name())
                    .update();
        }
    }

    /** What was set aside at a stop lately. */
    List<Aside> aside(CollectionId collection, StopId stop, int most) {
        return jdbc.sql("""
                        select a.at, a.what, a.value, a.why from set_aside a join sensor s on s.id = a.sensor_id
                        where a.collection_id = ? and s.stop_id = ? order by a.at desc limit ?
                        """)
                .params(collection.value(), stop.value(), most)
                .query((row, number) -> new Aside(
                        row.getObject(1, OffsetDateTime.class).toInstant(),
                        Aside.What.valueOf(row.getString(2)),
                        row.getDouble(3),
                        Aside.Why.valueOf(row.getString(4))))
                .list();
    }

    /** A table that was brought. */
    record FileLine(
            String name,
            OffsetDateTime readAt,
            int lines,
            int stored,
            int twice,
            int aside,
            OffsetDateTime from,
            OffsetDateTime to,
            String gaps) {}

    void file(Sensor sensor, FileLine file) {
        jdbc.sql("""
                        insert into reading_file (id, collection_id, sensor_id, name, read_at, lines, stored, twice, aside, from_at, to_at, gaps)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                        """)
                .params(
                        UUID.randomUUID(),
                        sensor.collection().value(),
                        sensor.key(),
                        file.name(),
                        file.readAt(),
                        file.lines(),
                        file.stored(),
                        file.twice(),
                        file.aside(),
                        file.from(),
                        file.to(),
                        file.gaps())
                .update();
    }

    List<FileLine> files(CollectionId collection, StopId stop, int most) {
        return jdbc.sql("""
                        select f.name, f.read_at, f.lines, f.stored, f.twice, f.aside, f.from_at, f.to_at, f.gaps
                        from reading_file f join sensor s on s.id = f.sensor_id
                        where f.collection_id = ? and s.stop_id = ? order by f.read_at desc limit ?
                        """)
                .params(collection.value(), stop.value(), most)
                .query((row, number) -> new FileLine(
                        row.getString(1),
                        row.getObject(2, OffsetDateTime.class),
                        row.getInt(3),
                        row.getInt(4),
                        row.getInt(5),
                        row.getInt(6),
                        row.getObject(7, OffsetDateTime.class),
                        row.getObject(8, OffsetDateTime.class),
                        row.getString(9)))
                .list();
    }

    private static OffsetDateTime at(Instant moment) {
        return moment.atOffset(ZoneOffset.UTC);
    }
}
