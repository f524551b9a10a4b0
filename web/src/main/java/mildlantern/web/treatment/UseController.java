package mildlantern.web.treatment;

import java.util.Optional;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Whether something may be used on a plant. */
@Controller
class UseController {
    private final UseService uses;

    UseController(UseService uses) {
        this.uses = uses;
    }

    @GetMapping("/plants/{id}/use")
    String ask(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam Optional<String> means,
            @RequestParam Optional<String> against,
            @RequestParam(defaultValue = "") String amount,
            @RequestParam(defaultValue = "false") boolean sun,
            Model model) {
        UseService.Page page = uses.page(member.collection(), id, new UseService.Asked(means, against, amount, sun));
        model.addAttribute("page", page);
        model.addAttribute("here", page.stop());
        return "treatment/use";
    }

    @PostMapping("/plants/{id}/use")
    String used(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam String means) {
        uses.used(member.collection(), id, form, means);
        return "redirect:/plants/" + id;
    }
}
