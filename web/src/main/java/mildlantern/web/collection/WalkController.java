package mildlantern.web.collection;

import jakarta.validation.Valid;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import mildlantern.plant.Family;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.web.platform.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Adding stops to the walk and plants to stops. */
@Controller
class WalkController {
    private final CollectionService collections;
    private final Kinds kinds;
    private final PlantKnowledge knowledge;

    WalkController(CollectionService collections, Kinds kinds, PlantKnowledge knowledge) {
        this.collections = collections;
        this.kinds = kinds;
        this.knowledge = knowledge;
    }

    @GetMapping("/stops/new")
    String newStop(Model model) {
        NewStop fresh = new NewStop();
        fresh.setForm(UUID.randomUUID());
        model.addAttribute("stop", fresh);
        return "collection/new-stop";
    }

    @PostMapping("/stops")
    String addStop(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("stop") NewStop stop,
            BindingResult problems) {
        if (problems.hasErrors()) {
            return "collection/new-stop";
        }
        UUID collection = member.collection();
        collections.once(collection, Objects.requireNonNull(stop.getForm()), () -> {
            Stop added = new Stop(
                            UUID.randomUUID(),
                            collection,
                            collections.nextPosition(collection),
                            stop.getName().strip())
                    .climate(stop.getLight(), stop.getHumidity(), stop.getDay(), stop.getNight())
                    .noted(stop.getNote().isBlank() ? null : stop.getNote().strip());
            collections.write(stop.isIsolation() ? added.isolating() : added);
        });
        return "redirect:/";
    }

    @GetMapping("/plants/new")
    String newPlant(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam(required = false) @Nullable UUID stop,
            @RequestParam(defaultValue = "") String kind,
            Model model) {
        NewPlant fresh = new NewPlant();
        fresh.setForm(UUID.randomUUID());
        fresh.setStop(stop);
        fresh.setProfile(kind);
        model.addAttribute("plant", fresh);
        return choices(member, model);
    }

    private String choices(SignedIn member, Model model) {
        model.addAttribute("stops", collections.walk(member.collection()));
        model.addAttribute("families", Family.values());
        model.addAttribute(
                "profiles",
                kinds.all(member.collection()).stream()
                        .sorted(Comparator.comparing(Profile::family).thenComparing(Profile::name))
                        .toList());
        model.addAttribute("media", List.<Medium>copyOf(knowledge.media()));
        return "collection/new-plant";
    }

    @PostMapping("/plants")
    String addPlant(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("plant") NewPlant plant,
            BindingResult problems,
            Model model) {
        if (!plant.getProfile().isBlank()
                && kinds.find(member.collection(), plant.getProfile()).isEmpty()) {
            problems.rejectValue("profile", "unknown", "Choose one of the list.");
        }
        if (knowledge.medium(plant.getMedium()).isEmpty()) {
            problems.rejectValue("medium", "unknown", "Choose one of the list.");
        }
        if (problems.hasErrors()) {
            return choices(member, model);
        }
        UUID collection = member.collection();
        Stop stop = collections.stop(collection, Objects.requireNonNull(plant.getStop()));
        collections.once(
                collection,
                Objects.requireNonNull(plant.getForm()),
                () -> collections.write(new Plant(
                                UUID.randomUUID(),
                                collection,
                                stop.id(),
                                collections.nextPlace(collection, stop.id()),
                                plant.getName().strip(),
                                plant.getProfile())
                        .potted(plant.getPot(), plant.getDiameter(), plant.getMedium(), plant.getPottedOn())
                        .kept(plant.getWater(), null, null, plant.isOuterPot(), null)
                        .counted(Objects.requireNonNullElse(plant.getLeaves(), 0), 0, 0, 0, 0)));
        return "redirect:/?stop=" + stop.id();
    }
}
