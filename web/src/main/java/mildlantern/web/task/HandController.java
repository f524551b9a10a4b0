package mildlantern.web.task;

import java.util.Optional;
import mildlantern.handwork.Errand;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.TaskId;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Work by hand: what is due, and one press when it is done. */
@Controller
class HandController {
    private final HandPages pages;
    private final HandTasks tasks;
    private final Errands errands;

    HandController(HandPages pages, HandTasks tasks, Errands errands) {
        this.pages = pages;
        this.tasks = tasks;
        this.errands = errands;
    }

    @GetMapping("/hands")
    String hands(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("page", pages.page(member.collection()));
        return "task/hands";
    }

    @PostMapping("/hands/{id}/done")
    @ForRole(Role.HELPER)
    String done(
            @AuthenticationPrincipal SignedIn member, @PathVariable TaskId id, @RequestParam Optional<String> back) {
        tasks.done(member.collection(), id);
        return back(back);
    }

    @PostMapping("/hands/errands")
    @ForRole(Role.HELPER)
    String errand(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam FormKey form,
            @RequestParam Errand errand,
            @RequestParam Optional<PlantId> plant,
            @RequestParam Optional<String> back) {
        errands.done(member.collection(), form, errand, plant);
        return back(back);
    }

    private static String back(Optional<String> back) {
        return back.filter("round"::equals).isPresent() ? "redirect:/" : "redirect:/hands";
    }
}
