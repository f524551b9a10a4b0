package mildlantern.web.collection;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import mildlantern.knowledge.Words;
import mildlantern.quantity.Limits;
import mildlantern.web.platform.RecordForms;
import mildlantern.web.platform.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** A stop's own page: what was read there, and what it is. */
@Controller
class StopController {
    private static final int READINGS_SHOWN = 30;

    private final CollectionService collections;
    private final RecordForms forms;
    private final Clock clock;

    StopController(CollectionService collections, RecordForms forms, Clock clock) {
        this.collections = collections;
        this.forms = forms;
        this.clock = clock;
    }

    /** A stop in a head line. */
    record Head(UUID id, String name, String words) {}

    /** A reading in words. */
    record Read(LocalDate day, String light, String humidity, String warmth, String night) {}

    @GetMapping("/stops/{id}")
    String show(@AuthenticationPrincipal SignedIn member, @PathVariable UUID id, Model model) {
        Stop stop = collections.stop(member.collection(), id);
        forms.show(model, "reading", reading());
        forms.show(model, "shape", shape(stop));
        return page(stop, model);
    }

    private StopForms.Reading reading() {
        return new StopForms.Reading(UUID.randomUUID(), LocalDate.now(clock), null, null, null, null, null);
    }

    private static StopForms.Shape shape(Stop stop) {
        return new StopForms.Shape(
                UUID.randomUUID(),
                stop.name(),
                stop.kind(),
                stop.glass(),
                stop.glassCm(),
                stop.widthCm(),
                stop.depthCm(),
                stop.position());
    }

    private String page(Stop stop, Model model) {
        model.addAttribute("here", stop.id());
        model.addAttribute(
                "stop",
                new Head(
                        stop.id(),
                        stop.name(),
                        stop.kind().words()
                                + (stop.glass() == null
                                        ? ""
                                        : ", " + stop.glass().words() + " glass")
                                + (stop.glassCm() == null ? "" : " at " + stop.glassCm() + " cm")));
        List<Read> readings = collections.readings(stop).stream()
                .sorted(Comparator.comparing(StopReading::onDay).reversed())
                .limit(READINGS_SHOWN)
                .map(reading -> new Read(
                        reading.onDay(),
                        reading.dailyLight() != null
                                ? Limits.plain(reading.dailyLight()) + " mol/m² d"
                                : Optional.ofNullable(reading.light())
                                        .map(Words::id)
                                        .orElse(""),
                        with(reading.humidityPercent(), " %"),
                        with(reading.dayCelsius(), " °C"),
                        with(reading.nightCelsius(), " °C")))
                .toList();
        model.addAttribute("readings", readings);
        return "collection/stop";
    }

    private static String with(@Nullable Double value, String unit) {
        return value == null ? "" : Limits.plain(value) + unit;
    }

    @PostMapping("/stops/{id}/readings")
    String read(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @Valid @ModelAttribute("reading") StopForms.Reading reading,
            BindingResult problems,
            HttpServletResponse response,
            Model model) {
        Stop stop = collections.stop(member.collection(), id);
        if (!problems.hasErrors() && reading.empty()) {
            problems.rejectValue("humidity", "empty", "Read at least one thing: light, humidity or warmth.");
        }
        if (problems.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            forms.show(model, "shape", shape(stop));
            return page(stop, model);
        }
        collections.once(
                member.collection(),
                Objects.requireNonNull(reading.form()),
                () -> collections.write(
                        stop,
                        new StopReading(stop, Objects.requireNonNull(reading.onDay()), OffsetDateTime.now(clock))
                                .read(
                                        reading.light(),
                                        reading.dailyLight(),
                                        reading.humidity(),
                                        reading.day(),
                                        reading.night())));
        return "redirect:/stops/" + id;
    }

    @PostMapping("/stops/{id}")
    String keep(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @Valid @ModelAttribute("shape") StopForms.Shape shape,
            BindingResult problems,
            HttpServletResponse response,
            Model model) {
        Stop stop = collections.stop(member.collection(), id);
        if (problems.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            forms.show(model, "reading", reading());
            return page(stop, model);
        }
        collections.once(
                member.collection(),
                Objects.requireNonNull(shape.form()),
                () -> collections.reshape(
                        stop.renamed(Objects.requireNonNull(shape.name()).strip())
                                .built(Objects.requireNonNull(shape.kind()), shape.glass(), shape.glassCm())
                                .sized(
                                        Objects.requireNonNull(shape.widthCm()),
                                        Objects.requireNonNull(shape.depthCm())),
                        Objects.requireNonNull(shape.position())));
        return "redirect:/stops/" + id;
    }
}
