package mildlantern.web.plant;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.Family;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A kind of plant of the grower's own: choose the nearest, then change what differs. */
@Controller
class KindController {
    private final Kinds kinds;
    private final PlantKnowledge knowledge;

    KindController(Kinds kinds, PlantKnowledge knowledge) {
        this.kinds = kinds;
        this.knowledge = knowledge;
    }

    @GetMapping("/kinds/new")
    String fresh(@RequestParam Optional<String> nearest, Model model) {
        Optional<Profile> like = nearest.filter(id -> !id.isBlank())
                .map(id -> knowledge.profile(id).orElseThrow(() -> new NotHere("kind of plant")));
        NewKind kind = like.map(NewKind::like).orElseGet(NewKind::new);
        kind.setForm(FormKey.fresh());
        model.addAttribute("kind", kind);
        return page(like, model);
    }

    private String page(Optional<Profile> like, Model model) {
        model.addAttribute("like", like);
        model.addAttribute("families", Family.values());
        model.addAttribute(
                "profiles",
                knowledge.profiles().stream()
                        .sorted(Comparator.comparing(Profile::family).thenComparing(Profile::name))
                        .toList());
        return "plant/new-kind";
    }

    @PostMapping("/kinds")
    String add(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("kind") NewKind kind,
            BindingResult problems,
            HttpServletResponse response,
            Model model) {
        Optional<Profile> like = knowledge.profile(kind.getNearest());
        if (like.isEmpty()) {
            problems.rejectValue("nearest", "unknown", "Choose one of the list.");
        }
        inOrder(problems, "humidityHigh", kind.getHumidityLow(), kind.getHumidityHigh());
        inOrder(problems, "dayHigh", kind.getDayLow(), kind.getDayHigh());
        inOrder(problems, "daysHigh", kind.getDaysLow(), kind.getDaysHigh());
        inOrder(problems, "feedHigh", kind.getFeedLow(), kind.getFeedHigh());
        if (problems.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(like, model);
        }
        FormKey form = Objects.requireNonNull(kind.getForm());
        // The same form always makes the same kind, so that sending it twice leads to the same place.
        UUID id = UUID.nameUUIDFromBytes((member.collection() + " kind " + form).getBytes(StandardCharsets.UTF_8));
        kinds.add(member.collection(), form, new OwnKind(id, member.collection(), kind));
        return "redirect:/plants/new?kind=" + id;
    }

    private static void inOrder(BindingResult problems, String field, @Nullable Double low, @Nullable Double high) {
        if (low != null && high != null && low > high) {
            problems.rejectValue(field, "order", "Not below the lower end.");
        }
    }
}
