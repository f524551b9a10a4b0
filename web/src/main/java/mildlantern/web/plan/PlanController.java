package mildlantern.web.plan;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The bench plan of a stop. */
@Controller
class PlanController {
    private final PlanService plans;

    PlanController(PlanService plans) {
        this.plans = plans;
    }

    @GetMapping("/stops/{id}/plan")
    String plan(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @RequestParam Optional<UUID> plant,
            HttpServletRequest request,
            Model model) {
        return show(member, id, plant, request, model);
    }

    private String show(SignedIn member, UUID stop, Optional<UUID> plant, HttpServletRequest request, Model model) {
        model.addAttribute("page", plans.page(member.collection(), stop, plant));
        model.addAttribute("here", stop);
        return request.getHeader("HX-Request") == null ? "plan/plan" : "plan/plan :: board(page=${page})";
    }

    /** A pot was shifted on its stop. */
    @PostMapping("/stops/{id}/plan/shift")
    String shift(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @RequestParam UUID plant,
            @RequestParam UUID form,
            @RequestParam double x,
            @RequestParam double y,
            HttpServletRequest request,
            Model model) {
        plans.shift(member.collection(), plant, form, x, y);
        return request.getHeader("HX-Request") == null
                ? "redirect:/stops/" + id + "/plan?plant=" + plant
                : show(member, id, Optional.of(plant), request, model);
    }

    /** A pot was moved to another stop. */
    @PostMapping("/stops/{id}/plan/move")
    String move(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @RequestParam UUID plant,
            @RequestParam UUID form,
            @RequestParam UUID to) {
        plans.move(member.collection(), plant, form, to);
        return "redirect:/stops/" + to + "/plan?plant=" + plant;
    }
}
