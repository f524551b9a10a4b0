package mildlantern.web.climate;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Objects;
import java.util.Optional;
import mildlantern.air.AirKnowledge;
import mildlantern.light.WindowLight;
import mildlantern.place.StopId;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.StaleEdit;
import mildlantern.web.platform.StaleForms;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Amounts;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A stop's own page: what it gives, who stands badly there, what was read, and what it is. */
@Controller
class StopController {
    private final Stops stops;
    private final StopWriter stopWriter;
    private final Houses houses;
    private final StopPages pages;
    private final AirKnowledge air;
    private final StaleForms stale;
    private final Clock clock;
    private final StopScreen stopScreen;

    StopController(
            Stops stops,
            StopWriter stopWriter,
            Houses houses,
            StopPages pages,
            AirKnowledge air,
            StaleForms stale,
            Clock clock,
            StopScreen stopScreen) {
        this.stops = stops;
        this.stopWriter = stopWriter;
        this.houses = houses;
        this.pages = pages;
        this.air = air;
        this.stale = stale;
        this.clock = clock;
        this.stopScreen = stopScreen;
    }

    @GetMapping("/stops/{id}")
    String show(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @RequestParam(defaultValue = "" + StopScreen.USUAL_DAYS) int days,
            Reply reply) {
        return stopScreen.page(member, id, days, reply);
    }

    @PostMapping("/stops/{id}/readings")
    @ForRole(Role.HELPER)
    String read(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @Valid @ModelAttribute("reading") StopForms.Reading reading,
            BindingResult problems,
            Reply reply) {
        stops.stop(member.collection(), id);
        if (!problems.hasErrors() && reading.empty()) {
            problems.rejectValue("humidity", "empty", Wording.say("climate.stop-controller.enter-least-one-reading"));
        }
        if (problems.hasErrors()) {
            return stopScreen.wrong(member, id, reply);
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
                                Amounts.of(reading.day()),
                                Amounts.of(reading.night())));
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
            problems.rejectValue("at", "dark", Wording.say("climate.stop-controller.sun-not-up-then"));
        }
        if (problems.hasErrors()) {
            return stopScreen.wrong(member, id, reply);
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
        reply.next(
                "told",
                Wording.say(
                        "climate.stop-controller.about-mol-m-usual",
                        mol,
                        corrected.orElseThrow().moreThanSky()));
        return "redirect:/stops/" + id;
    }

    @PostMapping("/stops/{id}/site")
    String site(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @Valid @ModelAttribute("site") StopForms.Site site,
            BindingResult problems,
            Reply reply) {
        if (problems.hasErrors()) {
            return stopScreen.wrong(member, id, reply);
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

    @PostMapping("/stops/{id}")
    String keep(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @Valid @ModelAttribute("shape") StopForms.Shape shape,
            BindingResult problems,
            Reply reply) {
        if (problems.hasErrors()) {
            return stopScreen.wrong(member, id, reply);
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
