package mildlantern.web.climate;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import mildlantern.light.WindowLight;
import mildlantern.place.StopId;
import mildlantern.sensing.Aside;
import mildlantern.sensing.DayOfAir;
import mildlantern.sensing.Gap;
import mildlantern.sensing.HourOfAir;
import mildlantern.sensing.LoggerFile;
import mildlantern.sensing.Plausible;
import mildlantern.sensing.Sample;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Takes readings in from wherever they come, and keeps the hours and days that they come to. */
@Service
@Transactional
public class Readings {
    /** Single readings are kept so long; then their hours tell enough. */
    static final int RAW_DAYS = 90;

    private static final Duration CLOCKS_DIFFER = Duration.ofDays(1);
    private static final int TOKEN_BYTES = 24;
    private static final DayFormat MOMENT = DayFormat.MOMENT;

    private final Sensors sensors;
    private final ReadingStore store;
    private final Stops stops;
    private final StopWriter stopWriter;
    private final WindowLight light;
    private final WrittenForms forms;
    private final JsonMapper json;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    Readings(
            Sensors sensors,
            ReadingStore store,
            Stops stops,
            StopWriter stopWriter,
            WindowLight light,
            WrittenForms forms,
            JsonMapper json,
            Clock clock) {
        this.sensors = sensors;
        this.store = store;
        this.stops = stops;
        this.stopWriter = stopWriter;
        this.light = light;
        this.forms = forms;
        this.json = json;
        this.clock = clock;
    }

    /** What became of readings. */
    public record Taken(int stored, int twice, List<Aside> aside) {}

    /** Puts a simulated station at a stop. */
    public void simulate(SensorId id, Stop stop, Stations.Room room) {
        sensors.save(new Sensor(id, stop, "Station", Sensor.Kind.SIMULATED, OffsetDateTime.now(clock))
                .like(json.writeValueAsString(room)));
    }

    /** Stores the hours of a past of which no single readings are kept, and what its days came to. */
    public void remember(Stop stop, List<HourOfAir> hours, int samplesAnHour) {
        sensors.flush();
        store.addHours(stop.collection(), stop.id(), hours, samplesAnHour);
        LocalDate today = LocalDate.now(clock);
        DayOfAir.of(hours, clock.getZone()).stream()
                .filter(day -> day.day().isBefore(today))
                .forEach(day -> store.day(stop.collection(), stop.id(), day, OffsetDateTime.now(clock)));
    }

    /** Stores what a simulated station read. */
    public Taken takeFromStation(CollectionId collection, SensorId sensor, List<Sample> samples) {
        return take(
                sensors.findAndHoldByCollectionAndId(collection, sensor.value())
                        .orElseThrow(() -> new NotHere("sensor")),
                samples);
    }

    /** A token in words, shown once. */
    record Token(String words) {}

    /** Adds a sensor that pushes its readings; its token is told this once. */
    Optional<Token> pushing(CollectionId collection, StopId stopId, FormKey form, String name) {
        Stop stop = stops.stop(collection, stopId);
        if (!forms.firstTime(collection, form)) {
            return Optional.empty();
        }
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = "ml_" + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        sensors.save(new Sensor(
                        new SensorId(form.value()), stop, name.strip(), Sensor.Kind.PUSHED, OffsetDateTime.now(clock))
                .knownBy(hash(token)));
        return Optional.of(new Token(token));
    }

    /** Retires a sensor: its readings stay, its token opens nothing any more. */
    StopId retire(CollectionId collection, SensorId id) {
        Sensor sensor =
                sensors.findAndHoldByCollectionAndId(collection, id.value()).orElseThrow(() -> new NotHere("sensor"));
        if (!sensor.retired()) {
            sensor.retire(OffsetDateTime.now(clock));
            sensors.save(sensor);
        }
        return sensor.stop();
    }

    /** Whether a sensor has this token. */
    @Transactional(readOnly = true)
    public boolean knows(String token) {
        return sensors.existsByTokenHash(hash(token));
    }

    /** Takes what a sensor pushes; empty where no sensor has the token. */
    Optional<Taken> pushed(String token, List<Sample> samples) {
        return sensors.findAndHoldByTokenHash(hash(token)).map(sensor -> {
            Plausible.Sifted sifted = Plausible.sift(
                    samples.stream().sorted(Comparator.comparing(Sample::at)).toList());
            store.aside(sensor, sifted.aside());
            Taken taken = take(sensor, sifted.kept());
            return new Taken(taken.stored(), taken.twice(), sifted.aside());
        });
    }

    /**
     * Brings a logger's table to a stop, once.
     *
     * @throws LoggerFile.Unreadable if it makes no sense; then nothing of it is stored
     */
    @Transactional(rollbackFor = LoggerFile.Unreadable.class)
    void bring(
            CollectionId collection, StopId stopId, FormKey form, String fileName, String text, LoggerFile.Asked asked)
            throws LoggerFile.Unreadable {
        Stop stop = stops.stop(collection, stopId);
        LoggerFile.Read read =
                LoggerFile.read(text, asked, light, clock.instant().plus(CLOCKS_DIFFER));
        if (!forms.firstTime(collection, form)) {
            return;
        }
        Sensor sensor = sensors.findByCollectionAndStopOrderByName(collection, stopId).stream()
                .filter(one -> one.kind() == Sensor.Kind.LOGGER && !one.retired())
                .findFirst()
                .orElseGet(() -> sensors.save(
                        new Sensor(SensorId.fresh(), stop, "Logger", Sensor.Kind.LOGGER, OffsetDateTime.now(clock))));
        sensors.flush();
        store.aside(sensor, read.aside());
        Taken taken = take(sensor, read.samples());
        List<Sample> samples = read.samples();
        store.file(
                sensor,
                new ReadingStore.FileLine(
                        fileName.isBlank() ? "table" : fileName.substring(0, Math.min(200, fileName.length())),
                        OffsetDateTime.now(clock),
                        read.rows(),
                        taken.stored(),
                        read.twice() + taken.twice(),
                        read.aside().size(),
                        samples.get(0).at().atOffset(ZoneOffset.UTC),
                        samples.get(samples.size() - 1).at().atOffset(ZoneOffset.UTC),
                        gaps(read.gaps(), asked.zone())));
    }

    private static String gaps(List<Gap> gaps, ZoneId zone) {
        List<String> words = new ArrayList<>();
        gaps.stream()
                .limit(5)
                .forEach(gap -> words.add(Wording.say(
                        "climate.readings.to",
                        MOMENT.format(gap.from().atZone(zone)),
                        MOMENT.format(gap.to().atZone(zone)),
                        spoken(gap.length()))));
        if (gaps.size() > 5) {
            words.add(Wording.say("climate.readings.more", gaps.size() - 5));
        }
        return String.join("; ", words);
    }

    static String spoken(Duration length) {
        long hours = Math.round(length.toMinutes() / 60.0);
        return hours < 1
                ? Wording.say("climate.readings.min", length.toMinutes())
                : hours < 48
                        ? hours + (hours == 1 ? " hour" : " hours")
                        : Wording.say("climate.readings.days", Math.round(hours / 24.0));
    }

    private Taken take(Sensor sensor, List<Sample> samples) {
        if (samples.isEmpty()) {
            return new Taken(0, 0, List.of());
        }
        sensors.flush();
        int stored = store.add(sensor, samples);
        Instant first = samples.get(0).at();
        Instant last = samples.get(samples.size() - 1).at();
        Instant before = sensor.lastAt().map(OffsetDateTime::toInstant).orElse(first);
        sensor.readUntil(last.atOffset(ZoneOffset.UTC));
        sensors.save(sensor);
        store.hours(sensor.collection(), sensor.stop(), first, last);
        days(sensor, before.isBefore(first) ? before : first, last);
        return new Taken(stored, samples.size() - stored, List.of());
    }

    /** Sums up the days that are over and were touched; what stands at the stop is worked out anew from them. */
    private void days(Sensor sensor, Instant from, Instant to) {
        ZoneId zone = clock.getZone();
        LocalDate today = LocalDate.now(clock);
        LocalDate first = from.atZone(zone).toLocalDate();
        LocalDate last = to.atZone(zone).toLocalDate();
        LocalDate until = last.isBefore(today) ? last : today.minusDays(1);
        if (until.isBefore(first)) {
            return;
        }
        List<DayOfAir> over = days(sensor.collection(), sensor.stop(), first, until).stream()
                .filter(day -> day.mol().isPresent()
                        || day.humidity().isPresent()
                        || day.byDay().isPresent())
                .toList();
        stopWriter.measured(
                sensor.collection(),
                sensor.stop(),
                () -> over.forEach(
                        day -> store.day(sensor.collection(), sensor.stop(), day, OffsetDateTime.now(clock))));
    }

    /** The days of a stop, in order; the first and the last are included. */
    @Transactional(readOnly = true)
    public List<DayOfAir> days(CollectionId collection, StopId stop, LocalDate from, LocalDate to) {
        return DayOfAir.of(hours(collection, stop, from, to), clock.getZone());
    }

    /** The hours of a stop's days, in order. */
    @Transactional(readOnly = true)
    public List<HourOfAir> hours(CollectionId collection, StopId stop, LocalDate from, LocalDate to) {
        ZoneId zone = clock.getZone();
        return store.read(
                collection,
                stop,
                from.atStartOfDay(zone).toInstant(),
                to.plusDays(1).atStartOfDay(zone).toInstant());
    }

    @Transactional(readOnly = true)
    List<Sensor> sensors(CollectionId collection, StopId stop) {
        return sensors.findByCollectionAndStopOrderByName(collection, stop);
    }

    @Transactional(readOnly = true)
    List<ReadingStore.FileLine> files(CollectionId collection, StopId stop) {
        return store.files(collection, stop, 6);
    }

    @Transactional(readOnly = true)
    List<Aside> aside(CollectionId collection, StopId stop) {
        return store.aside(collection, stop, 8);
    }

    static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
