package mildlantern.web.climate;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mildlantern.air.AirKnowledge;
import mildlantern.light.Sky;
import mildlantern.light.WindowLight;
import mildlantern.place.StopId;
import mildlantern.sensing.HourOfAir;
import mildlantern.sensing.LoggerFile;
import mildlantern.web.edge.BodyLimits;
import mildlantern.web.edge.Gates;
import mildlantern.web.edge.Spooled;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.RecordForms;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.StaleEdit;
import mildlantern.web.platform.StaleForms;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartFile;

/** A stop's own page: what it gives, who stands badly there, what was read, and what it is. */
@Controller
class StopController {
    private static final int USUAL_DAYS = 14;

    private final Stops stops;
    private final StopWriter stopWriter;
    private final Houses houses;
    private final Readings readings;
    private final StopPages pages;
    private final AirKnowledge air;
    private final RecordForms forms;
    private final StaleForms stale;
    private final Gates gates;
    private final Clock clock;

    StopController(
            Stops stops,
            StopWriter stopWriter,
            Houses houses,
            Readings readings,
            StopPages pages,
            AirKnowledge air,
            RecordForms forms,
            StaleForms stale,
            Gates gates,
            Clock clock) {
        this.stops = stops;
        this.stopWriter = stopWriter;
        this.houses = houses;
        this.readings = readings;
        this.pages = pages;
        this.air = air;
        this.forms = forms;
        this.stale = stale;
        this.gates = gates;
        this.clock = clock;
    }

    @GetMapping("/stops/{id}")
    String show(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @RequestParam(defaultValue = "" + USUAL_DAYS) int days,
            Reply reply) {
        return page(member, id, days, reply);
    }

    /** Shows the page; a form that is in the model already, with what was typed, stays. */
    private String page(SignedIn member, StopId id, int days, Reply reply) {
        Stop stop = stops.stop(member.collection(), id);
        LocalDate today = LocalDate.now(clock);
        show(reply, "reading", new StopForms.Reading(FormKey.fresh(), today, null, null, null, null, null));
        show(reply, "shape", StopForms.Shape.of(stop));
        show(
                reply,
                "meter",
                new StopForms.Meter(
                        FormKey.fresh(),
                        today,
                        LocalTime.now(clock).withMinute(0).withSecond(0).withNano(0),
                        null,
                        StopForms.MeterUnit.LUX,
                        Sky.OVERCAST));
        show(reply, "site", StopForms.Site.of(houses.site(member.collection())));
        reply.put("page", pages.page(member.collection(), id, days));
        reply.put("here", id);
        reply.put("form", FormKey.fresh());
        return "climate/stop";
    }

    private void show(Reply reply, String name, Record form) {
        if (!reply.has(name)) {
            forms.show(reply, name, form);
        }
    }

    private String wrong(SignedIn member, StopId id, Reply reply) {
        reply.wrong();
        return page(member, id, USUAL_DAYS, reply);
    }

    @PostMapping("/stops/{id}/readings")
    String read(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @Valid @ModelAttribute("reading") StopForms.Reading reading,
            BindingResult problems,
            Reply reply) {
        stops.stop(member.collection(), id);
        if (!problems.hasErrors() && reading.empty()) {
            problems.rejectValue("humidity", "empty", "Read at least one thing: light, humidity or warmth.");
        }
        if (problems.hasErrors()) {
            return wrong(member, id, reply);
        }
        stopWriter.read(
                member.collection(),
                id,
                Objects.requireNonNull(reading.form()),
                stop -> new StopReading(stop, Objects.requireNonNull(reading.onDay()), OffsetDateTime.now(clock))
                        .read(
                                reading.light(),
                                reading.dailyLight(),
                                reading.humidity(),
                                reading.day(),
                                reading.night()));
        return "redirect:/stops/" + id;
    }

    @PostMapping("/stops/{id}/meter")
    String meter(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @Valid @ModelAttribute("meter") StopForms.Meter meter,
            BindingResult problems,
            Reply reply) {
        Stop stop = stops.stop(member.collection(), id);
        Optional<WindowLight.Corrected> corrected =
                problems.hasErrors() ? Optional.empty() : pages.byMeter(stop, meter);
        if (!problems.hasErrors() && corrected.isEmpty()) {
            problems.rejectValue("at", "dark", "The sun is not up then: read between morning and evening.");
        }
        if (problems.hasErrors()) {
            return wrong(member, id, reply);
        }
        double mol = Math.round(corrected.orElseThrow().mol() * 10) / 10.0;
        stopWriter.read(
                member.collection(),
                id,
                Objects.requireNonNull(meter.form()),
                now -> now.lit(corrected.orElseThrow().factor()),
                now -> new StopReading(now, Objects.requireNonNull(meter.onDay()), OffsetDateTime.now(clock))
                        .read(null, mol, null, null, null)
                        .by(StopReading.Origin.METER));
        reply.next("told", "That comes to about %s mol/m² on a usual day at this time of the year.".formatted(mol));
        return "redirect:/stops/" + id;
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
            reply.put(
                    "zoneProblem",
                    "No zone is called that; write it as CET or UTC, or leave it blank for the house's.");
            return wrong(member, id, reply);
        }
        try {
            gates.tables().behind(() -> {
                readings.bring(
                        member.collection(),
                        id,
                        sent.form(),
                        Optional.ofNullable(sent.table().getOriginalFilename()).orElse("table"),
                        text(Spooled.bytes(sent.table())),
                        new LoggerFile.Asked(zone(sent.zone()), sent.degrees(), sent.order()));
                return true;
            });
        } catch (LoggerFile.Unreadable e) {
            reply.put("tableProblem", String.valueOf(e.getMessage()));
            reply.put("tableLines", e.lines());
            reply.put("degrees", sent.degrees());
            reply.put("order", sent.order());
            return wrong(member, id, reply);
        }
        reply.next("told", "The table was read in.");
        return "redirect:/stops/" + id + "#tables";
    }

    private ZoneId zone(String typed) {
        return typed.isBlank() ? clock.getZone() : ZoneId.of(typed.strip());
    }

    /** Loggers write UTF-8 or an old single-byte code, of which only the sign for degrees matters. */
    private static String text(byte[] bytes) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, StandardCharsets.ISO_8859_1);
        }
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
            reply.put("sensorProblem", "Give the sensor a name of up to 80 characters, as in shelf 2.");
            return wrong(member, id, reply);
        }
        readings.pushing(member.collection(), id, sensor.form(), sensor.name())
                .ifPresent(token -> reply.next("token", token.words()));
        return "redirect:/stops/" + id + "#sensors";
    }

    @PostMapping("/sensors/{id}/retire")
    String retire(@AuthenticationPrincipal SignedIn member, @PathVariable SensorId id) {
        return "redirect:/stops/" + readings.retire(member.collection(), id) + "#sensors";
    }

    @PostMapping("/stops/{id}/site")
    String site(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @Valid @ModelAttribute("site") StopForms.Site site,
            BindingResult problems,
            Reply reply) {
        if (problems.hasErrors()) {
            return wrong(member, id, reply);
        }
        try {
            houses.stands(
                    member.collection(),
                    Objects.requireNonNull(site.form()),
                    site.version(),
                    Objects.requireNonNull(site.latitude()),
                    Objects.requireNonNull(site.longitude()));
        } catch (StaleEdit e) {
            StopForms.Site now = StopForms.Site.of(houses.site(member.collection()));
            return stale.show(reply, "site", site, now, "/stops/" + id + "/site", "/stops/" + id, (field, raw) -> raw);
        }
        return "redirect:/stops/" + id;
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

    @PostMapping("/stops/{id}")
    String keep(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @Valid @ModelAttribute("shape") StopForms.Shape shape,
            BindingResult problems,
            Reply reply) {
        if (problems.hasErrors()) {
            return wrong(member, id, reply);
        }
        try {
            stopWriter.reshape(
                    member.collection(),
                    id,
                    Objects.requireNonNull(shape.form()),
                    shape.version(),
                    Objects.requireNonNull(shape.position()),
                    stop -> shape.into(stop, air.heaterReachCm()));
        } catch (StaleEdit e) {
            StopForms.Shape now = StopForms.Shape.of(stops.stop(member.collection(), id));
            return stale.show(
                    reply, "stop", shape, now, "/stops/" + id, "/stops/" + id, (field, raw) -> StaleForms.plain(raw));
        }
        return "redirect:/stops/" + id;
    }
}
