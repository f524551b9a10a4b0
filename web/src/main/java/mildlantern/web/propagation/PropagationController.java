package mildlantern.web.propagation;

import java.util.Optional;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Stage;
import mildlantern.propagation.Propagation;
import mildlantern.propagation.Recipe;
import mildlantern.propagation.Way;
import mildlantern.web.keeping.PlantKeeping;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
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

/** New plants from one: how, with which days, and whether they grew on. */
@Controller
class PropagationController {
    private static final int MOST = 50;
    private static final double USUAL_STEM_CM = 1;
    private static final double THINNEST_CM = 0.1;
    private static final double THICKEST_CM = 60;

    private final PropagationPages pages;
    private final PropagationService service;
    private final Plants plants;
    private final Propagation propagation;

    PropagationController(PropagationPages pages, PropagationService service, Plants plants, Propagation propagation) {
        this.pages = pages;
        this.service = service;
        this.plants = plants;
        this.propagation = propagation;
    }

    /** What was typed. */
    record Typed(
            @Nullable Way way,
            @Nullable String count,
            @Nullable String stem,
            @Nullable StopId stop) {}

    /** What was read of it. */
    private record Asked(int count, double stemCm) {
        static final Asked USUAL = new Asked(1, USUAL_STEM_CM);
    }

    @GetMapping("/new-plants")
    String all(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("page", pages.all(member.collection()));
        return "propagation/all";
    }

    @GetMapping("/plants/{id}/new-plants")
    String ask(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Typed typed, Reply reply) {
        Asked asked = Asked.USUAL;
        try {
            asked = read(typed);
        } catch (IllegalArgumentException e) {
            reply.put("problem", Wording.why(e));
        }
        reply.put("typed", typed);
        reply.put(
                "page",
                pages.page(member.collection(), id, Optional.ofNullable(typed.way()), asked.count(), asked.stemCm()));
        return "propagation/new";
    }

    @PostMapping("/plants/{id}/new-plants")
    String make(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam Way way,
            Typed typed,
            Reply reply) {
        Asked asked;
        try {
            asked = read(typed);
        } catch (IllegalArgumentException e) {
            reply.wrong();
            return ask(member, id, typed, reply);
        }
        Plant mother = plants.plant(member.collection(), id);
        Optional<String> medium = propagation
                .recipe(plants.profile(mother), way)
                .map(Recipe::medium)
                .filter(one -> !one.equals(Recipe.WATER));
        service.make(
                member.collection(),
                id,
                form,
                way,
                asked.stemCm(),
                new PlantKeeping.Made(asked.count(), stage(way), medium.orElse(null), typed.stop()));
        return "redirect:/new-plants";
    }

    private static Stage stage(Way way) {
        return way.parts() ? Stage.ADULT : way == Way.SEED ? Stage.SEEDLING : Stage.CUTTING;
    }

    private static Asked read(Typed typed) {
        return new Asked(
                Entered.whole(typed.count(), 1, 1, MOST, Wording.say("propagation.new.count")),
                Entered.amount(
                        typed.stem(),
                        USUAL_STEM_CM,
                        THINNEST_CM,
                        THICKEST_CM,
                        Unit.Of.LENGTH,
                        Wording.say("propagation.new.stem")));
    }

    @PostMapping("/plants/{id}/new-plants/found")
    String found(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam PropagationService.Found found) {
        service.found(member.collection(), id, form, found);
        return "redirect:/new-plants";
    }
}
