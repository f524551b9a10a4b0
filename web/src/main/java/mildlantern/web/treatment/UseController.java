package mildlantern.web.treatment;

import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
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
            @AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, UseService.Asked asked, Reply reply) {
        UseService.Page page = uses.page(member.collection(), id, asked);
        reply.put("page", page);
        reply.put("here", page.stop());
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
