package mildlantern.web.collection;

import jakarta.validation.Valid;
import java.util.Objects;
import java.util.UUID;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/** Adding stops to the walk. */
@Controller
class WalkController {
    private final CollectionService collections;

    WalkController(CollectionService collections) {
        this.collections = collections;
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
}
