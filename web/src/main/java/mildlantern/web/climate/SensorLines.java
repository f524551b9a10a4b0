package mildlantern.web.climate;

import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import mildlantern.place.StopId;
import mildlantern.quantity.Limits;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** The sensors of a stop, the tables that were read in, and what was set aside. */
@Component
class SensorLines {
    private static final DayFormat MOMENT = DayFormat.MOMENT;

    private final Readings readings;
    private final Clock clock;

    SensorLines(Readings readings, Clock clock) {
        this.readings = readings;
        this.clock = clock;
    }

    /** A sensor in a list. */
    record SensorLine(SensorId id, String name, String kind, String last, boolean retired, boolean simulated) {}

    /** A table that was brought, in words. */
    record FileRow(String name, String words, String gaps) {}

    List<SensorLine> sensors(CollectionId collection, StopId stop) {
        return readings.sensors(collection, stop).stream()
                .map(sensor -> new SensorLine(
                        sensor.id(),
                        sensor.name(),
                        sensor.kind().words(),
                        sensor.lastAt()
                                .map(at -> Wording.say(
                                        "climate.sensor-lines.last-reading",
                                        MOMENT.format(at.atZoneSameInstant(clock.getZone()))))
                                .orElse(Wording.say("climate.sensor-lines.no-readings-yet")),
                        sensor.retired(),
                        sensor.kind() == Sensor.Kind.SIMULATED))
                .toList();
    }

    List<FileRow> files(CollectionId collection, StopId stop) {
        ZoneId zone = clock.getZone();
        return readings.files(collection, stop).stream()
                .map(file -> new FileRow(
                        file.name(),
                        Wording.say(
                                "climate.sensor-lines.lines-from-new",
                                count(file.lines()),
                                MOMENT.format(file.from().atZoneSameInstant(zone)),
                                MOMENT.format(file.to().atZoneSameInstant(zone)),
                                count(file.stored()),
                                file.twice() > 0
                                        ? Wording.say("climate.sensor-lines.known-before", count(file.twice()))
                                        : "",
                                file.aside() > 0
                                        ? Wording.say("climate.sensor-lines.rejected", count(file.aside()))
                                        : ""),
                        file.gaps()))
                .toList();
    }

    private static String count(int number) {
        return String.format(Locale.UK, "%,d", number).replace(',', '\u202f');
    }

    List<String> aside(CollectionId collection, StopId stop) {
        return readings.aside(collection, stop).stream()
                .map(line -> Wording.say(
                        "climate.sensor-lines.set-aside",
                        MOMENT.format(line.at().atZone(clock.getZone())),
                        line.what(),
                        Limits.tenths(line.value()),
                        line.what().unit(),
                        line.why()
                                .with(
                                        Limits.plain(line.what().low()),
                                        Limits.plain(line.what().high()),
                                        line.what().unit())))
                .toList();
    }
}
