package mildlantern.web.care;

import java.util.Optional;
import mildlantern.care.Change;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.TaskId;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Care that adjusts: needs against what a plant gets, one change to accept, and the steps of a move. */
@Controller
class CareController {
    private final CarePages pages;
    private final CareService care;
    private final PlannedTasks errands;

    CareController(CarePages pages, CareService care, PlannedTasks errands) {
        this.pages = pages;
        this.care = care;
        this.errands = errands;
    }

    @GetMapping("/care")
    String all(@AuthenticationPrincipal SignedIn member, Model model) {
        model.addAttribute("page", pages.all(member.collection()));
        return "care/all";
    }

    @GetMapping("/plants/{id}/care")
    String plant(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Model model) {
        CarePages.Page page = pages.page(member.collection(), id);
        model.addAttribute("page", page);
        model.addAttribute("here", page.stop());
        model.addAttribute("quickPlant", id);
        return "care/plant";
    }

    @PostMapping("/plants/{id}/care")
    String accept(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam Change.Kind kind,
            @RequestParam Optional<StopId> stop,
            RedirectAttributes flash) {
        if (!care.accept(member.collection(), id, form, kind, stop)) {
            flash.addFlashAttribute(
                    "told",
                    "Something was read or moved meanwhile, or another change runs, and that one is proposed no more. Nothing was changed; look again.");
        }
        return "redirect:/plants/" + id + "/care";
    }

    @PostMapping("/plants/{id}/care/move")
    String plan(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam StopId to) {
        care.planMove(member.collection(), id, form, to);
        return "redirect:/plants/" + id + "/care";
    }

    @PostMapping("/plants/{id}/care/drop")
    String drop(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id) {
        care.dropPlan(member.collection(), id);
        return "redirect:/plants/" + id + "/care";
    }

    @PostMapping("/plants/{id}/care/steps/{step}")
    String done(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, @PathVariable TaskId step) {
        errands.done(member.collection(), step);
        return "redirect:/plants/" + id + "/care";
    }
}
