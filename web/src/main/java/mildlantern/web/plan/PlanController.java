package mildlantern.web.plan;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import mildlantern.place.StopId;
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
            @PathVariable StopId id,
            @RequestParam Optional<PlantId> plant,
            HttpServletRequest request,
            Model model) {
        return show(member, id, plant, request, model);
    }

    private String show(
            SignedIn member, StopId stop, Optional<PlantId> plant, HttpServletRequest request, Model model) {
        model.addAttribute("page", plans.page(member.collection(), stop, plant));
        model.addAttribute("here", stop);
        return request.getHeader("HX-Request") == null ? "plan/plan" : "plan/plan :: board(page=${page})";
    }

    /** A pot was shifted on its stop. */
    @PostMapping("/stops/{id}/plan/shift")
    String shift(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable StopId id,
            @RequestParam PlantId plant,
            @RequestParam FormKey form,
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
            @PathVariable PlantId id,
            @RequestParam PlantId plant,
            @RequestParam FormKey form,
            @RequestParam StopId to) {
        plans.move(member.collection(), plant, form, to);
        return "redirect:/stops/" + to + "/plan?plant=" + plant;
    }
}
