package mildlantern.web.arrival;

import java.util.Optional;
import mildlantern.arrival.Journey;
import mildlantern.arrival.Wrap;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Entered;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A new plant: its path on one page. */
@Controller
class ArrivalController {
    private static final double MOST_MINUTES = 10_000;
    private static final double COLDEST = -40;
    private static final double WARMEST = 50;

    private final ArrivalPages pages;

    ArrivalController(ArrivalPages pages) {
        this.pages = pages;
    }

    /** The way home as it was typed. */
    record Typed(
            @Nullable String celsius,
            @Nullable String out,
            @Nullable String car,
            @Nullable Boolean sunny,
            @Nullable Wrap wrap) {}

    @GetMapping("/plants/{id}/arrival")
    String path(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Typed typed, Reply reply) {
        Optional<Journey> journey = Optional.empty();
        try {
            journey = read(typed);
        } catch (IllegalArgumentException e) {
            reply.put("problem", Wording.why(e));
        }
        reply.put("page", pages.page(member.collection(), id, journey));
        reply.put("typed", typed);
        reply.put("wraps", Wrap.values());
        return "arrival/path";
    }

    @PostMapping("/plants/{id}/arrival")
    String travelled(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            Typed typed,
            Reply reply) {
        Optional<Journey> journey;
        try {
            journey = read(typed);
        } catch (IllegalArgumentException e) {
            reply.wrong();
            return path(member, id, typed, reply);
        }
        journey.ifPresent(way -> pages.travelled(member.collection(), id, form, way));
        return "redirect:/plants/" + id + "/arrival";
    }

    /** The way home; empty where no temperature was told. */
    private static Optional<Journey> read(Typed typed) {
        if (typed.celsius() == null || typed.celsius().isBlank()) {
            return Optional.empty();
        }
        double celsius = Entered.amount(
                typed.celsius(), 0, COLDEST, WARMEST, Unit.Of.TEMPERATURE, Wording.say("arrival.path.celsius"));
        return Optional.of(new Journey(
                celsius,
                Entered.number(typed.out(), 0, 0, MOST_MINUTES, Wording.say("arrival.path.out")),
                Entered.number(typed.car(), 0, 0, MOST_MINUTES, Wording.say("arrival.path.car")),
                Boolean.TRUE.equals(typed.sunny()),
                Optional.ofNullable(typed.wrap()).orElse(Wrap.BARE)));
    }
}
