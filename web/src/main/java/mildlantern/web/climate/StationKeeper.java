package mildlantern.web.climate;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import mildlantern.sensing.Sample;
import mildlantern.sensing.Station;
import mildlantern.weather.WeatherSource;
import mildlantern.web.platform.LanternSettings;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.stop.Weathers;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Lets simulated stations read every ten minutes, as real ones would push, and throws away single readings that are old. */
@Component
public class StationKeeper {
    static final int EVERY_MINUTES = 10;

    private static final Logger LOG = LoggerFactory.getLogger(StationKeeper.class);
    private static final Duration A_MINUTE = Duration.ofMinutes(1);

    private final LanternSettings settings;
    private final Sensors sensors;
    private final Readings readings;
    private final ReadingStore store;
    private final Stations stations;
    private final Weathers weathers;
    private final Stops stops;
    private final TransactionTemplate transaction;
    private final JsonMapper json;
    private final Clock clock;

    StationKeeper(
            LanternSettings settings,
            Sensors sensors,
            Readings readings,
            ReadingStore store,
            Stations stations,
            Weathers weathers,
            Stops stops,
            TransactionTemplate transaction,
            JsonMapper json,
            Clock clock) {
        this.settings = settings;
        this.sensors = sensors;
        this.readings = readings;
        this.store = store;
        this.stations = stations;
        this.weathers = weathers;
        this.stops = stops;
        this.transaction = transaction;
        this.json = json;
        this.clock = clock;
    }

    @Scheduled(initialDelayString = "PT20S", fixedDelayString = "PT1M")
    @SchedulerLock(name = "stations", lockAtMostFor = "PT5M")
    void tick() {
        if (settings.stations()) {
            readOn();
        }
    }

    @Scheduled(initialDelayString = "PT5M", fixedDelayString = "PT12H")
    @SchedulerLock(name = "old-readings", lockAtMostFor = "PT10M")
    void tidy() {
        transaction.executeWithoutResult(
                status -> store.forgetBefore(LocalDate.now(clock).minusDays(Readings.RAW_DAYS)));
    }

    /** Lets all stations read up to now. One that cannot does not keep the others from it. */
    public void readOn() {
        for (Sensor sensor : sensors.findByKindAndRetiredAtIsNull(Sensor.Kind.SIMULATED)) {
            try {
                transaction.executeWithoutResult(status -> readOn(sensor));
            } catch (RuntimeException e) {
                LOG.warn("the station {} could not read", sensor.id(), e);
            }
        }
    }

    private void readOn(Sensor sensor) {
        Instant now =
                Instant.ofEpochSecond(clock.instant().getEpochSecond() / (60 * EVERY_MINUTES) * 60 * EVERY_MINUTES);
        Instant oldest = now.minus(Duration.ofDays(Readings.RAW_DAYS - 1));
        Instant from = sensor.lastAt()
                .map(OffsetDateTime::toInstant)
                .map(last -> last.plus(A_MINUTE.multipliedBy(EVERY_MINUTES)))
                .filter(oldest::isBefore)
                .orElse(oldest);
        Optional<WeatherSource> weather = weathers.of(sensor.collection());
        if (from.isAfter(now) || weather.isEmpty()) {
            return;
        }
        Stop stop = stops.stop(sensor.collection(), sensor.stop());
        Station station = stations.station(stop, json.readValue(sensor.settings(), Stations.Room.class), weather.get());
        List<Sample> samples = station.read(from, now, EVERY_MINUTES);
        readings.takeFromStation(sensor.collection(), sensor.id(), samples);
    }
}
