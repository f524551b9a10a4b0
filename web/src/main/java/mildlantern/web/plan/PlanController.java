package mildlantern.web.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import mildlantern.place.StopId;
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
            Reply reply) {
        return show(member, id, plant, reply);
    }

    private String show(SignedIn member, StopId stop, Optional<PlantId> plant, Reply reply) {
        reply.put("page", plans.page(member.collection(), stop, plant));
        reply.put("here", stop);
        return !reply.fragment() ? "plan/plan" : "plan/plan :: board(page=${page})";
    }

    /** Where a pot was put on its stop: its middle from the left and from the glass, cm. */
    record Shift(
            @NotNull PlantId plant,
            @NotNull FormKey form,
            @NotNull Double x,
            @NotNull Double y) {}

    /** To which stop a pot goes. */
    record Move(
            @NotNull PlantId plant,
            @NotNull FormKey form,
            @NotNull StopId to) {}

    /** A pot was shifted on its stop. */
    @PostMapping("/stops/{id}/plan/shift")
    String shift(@AuthenticationPrincipal SignedIn member, @PathVariable StopId id, @Valid Shift shift, Reply reply) {
        plans.shift(member.collection(), shift.plant(), shift.form(), shift.x(), shift.y());
        return !reply.fragment()
                ? "redirect:/stops/" + id + "/plan?plant=" + shift.plant()
                : show(member, id, Optional.of(shift.plant()), reply);
    }

    /** A pot was moved to another stop. */
    @PostMapping("/stops/{id}/plan/move")
    String move(@AuthenticationPrincipal SignedIn member, @Valid Move move) {
        plans.move(member.collection(), move.plant(), move.form(), move.to());
        return "redirect:/stops/" + move.to() + "/plan?plant=" + move.plant();
    }
}
