package mildlantern.web.climate;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mildlantern.place.StopId;
import mildlantern.sensing.HourOfAir;
import mildlantern.sensing.LoggerFile;
import mildlantern.web.edge.BodyLimits;
import mildlantern.web.edge.Gates;
import mildlantern.web.edge.Spooled;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.UploadedText;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartFile;

/** Sensors of a stop, and tables of loggers that are brought in. */
@Controller
class SensorController {
    private final Stops stops;
    private final Readings readings;
    private final Gates gates;
    private final Clock clock;
    private final StopScreen stopScreen;

    SensorController(Stops stops, Readings readings, Gates gates, Clock clock, StopScreen stopScreen) {
        this.stops = stops;
        this.readings = readings;
        this.gates = gates;
        this.clock = clock;
        this.stopScreen = stopScreen;
    }

    /** A logger's table, and how it is to be read. */
    record Table(
            @NotNull FormKey form,
            @NotNull MultipartFile table,
            LoggerFile.Degrees degrees,
            LoggerFile.DayOrder order,
            String zone) {
        Table {
            degrees = Objects.requireNonNullElse(degrees, LoggerFile.Degrees.AS_WRITTEN);
            order = Objects.requireNonNullElse(order, LoggerFile.DayOrder.AS_WRITTEN);
            zone = Objects.requireNonNullElse(zone, "");
        }
    }

    @PostMapping("/stops/{id}/tables")
    String bring(@AuthenticationPrincipal SignedIn member, @PathVariable StopId id, @Valid Table sent, Reply reply)
            throws IOException {
        stops.stop(member.collection(), id);
        if (sent.table().getSize() > BodyLimits.LOGGER_TABLE) {
            throw new MaxUploadSizeExceededException(BodyLimits.LOGGER_TABLE);
        }
        reply.put("zone", sent.zone());
        if (!sent.zone().isBlank()
                && !ZoneId.getAvailableZoneIds().contains(sent.zone().strip())) {
            reply.put("zoneProblem", Wording.say("climate.sensor-controller.time-zone-not-known"));
            return stopScreen.wrong(member, id, reply);
        }
        try {
            gates.tables().behind(() -> {
                readings.bring(
                        member.collection(),
                        id,
                        sent.form(),
                        Optional.ofNullable(sent.table().getOriginalFilename()).orElse("table"),
                        UploadedText.of(Spooled.bytes(sent.table())),
                        new LoggerFile.Asked(zone(sent.zone()), sent.degrees(), sent.order()));
                return true;
            });
        } catch (LoggerFile.Unreadable e) {
            reply.put("tableProblem", Wording.of(e.told()));
            reply.put("tableLines", e.lines().stream().map(Wording::of).toList());
            reply.put("degrees", sent.degrees());
            reply.put("order", sent.order());
            return stopScreen.wrong(member, id, reply);
        }
        reply.next("told", Wording.say("climate.sensor-controller.table-was-imported"));
        return "redirect:/stops/" + id + "#tables";
    }

    private ZoneId zone(String typed) {
        return typed.isBlank() ? clock.getZone() : ZoneId.of(typed.strip());
    }

    /** A sensor that is to push its readings. */
    record NewSensor(@NotNull FormKey form, String name) {
        NewSensor {
            name = Objects.requireNonNullElse(name, "");
        }
    }

    @PostMapping("/stops/{id}/sensors")
    String sensor(
            @AuthenticationPrincipal SignedIn member, @PathVariable StopId id, @Valid NewSensor sensor, Reply reply) {
        if (sensor.name().isBlank() || sensor.name().strip().length() > 80) {
            reply.put("sensorProblem", Wording.say("climate.sensor-controller.give-sensor-name-up"));
            return stopScreen.wrong(member, id, reply);
        }
        readings.pushing(member.collection(), id, sensor.form(), sensor.name())
                .ifPresent(token -> reply.next("token", token.words()));
        return "redirect:/stops/" + id + "#sensors";
    }

    @PostMapping("/sensors/{id}/retire")
    String retire(@AuthenticationPrincipal SignedIn member, @PathVariable SensorId id) {
        return "redirect:/stops/" + readings.retire(member.collection(), id) + "#sensors";
    }

    /** The hours of a stop as a table, for other programs. */
    @GetMapping("/stops/{id}/hours.csv")
    ResponseEntity<String> hours(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @RequestParam(defaultValue = "366") int days) {
        Stop stop = stops.stop(member.collection(), id);
        LocalDate today = LocalDate.now(clock);
        List<HourOfAir> hours = readings.hours(
                member.collection(), stop.id(), today.minusDays(Math.max(1, Math.min(4000, days))), today);
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, "text/csv;charset=UTF-8")
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"hours.csv\"")
                .body(HoursTable.csv(hours));
    }
}
