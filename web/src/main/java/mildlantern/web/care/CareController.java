package mildlantern.web.care;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import mildlantern.care.Change;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.TaskId;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Care that adjusts: needs against what a plant gets, one change to accept, and the steps of a move. */
@Controller
class CareController {
    private final CarePages pages;
    private final PlannedTasks tasks;
    private final CareWriter writer;

    CareController(CarePages pages, PlannedTasks tasks, CareWriter writer) {
        this.pages = pages;
        this.tasks = tasks;
        this.writer = writer;
    }

    @GetMapping("/care")
    String all(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("page", pages.all(member.collection()));
        return "care/all";
    }

    @GetMapping("/plants/{id}/care")
    String plant(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Reply reply) {
        CareViews.Page page = pages.page(member.collection(), id);
        reply.put("page", page);
        reply.put("here", page.stop());
        reply.put("quickPlant", id);
        return "care/plant";
    }

    /** The change that is accepted, and to which stop if it is a move. */
    record Accepted(@NotNull FormKey form, Change.@NotNull Kind kind, Optional<StopId> stop) {}

    @PostMapping("/plants/{id}/care")
    String accept(
            @AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, @Valid Accepted accepted, Reply reply) {
        if (!writer.accept(member.collection(), id, accepted.form(), accepted.kind(), accepted.stop())) {
            reply.next("told", Wording.say("care.care-controller.something-was-measured-moved"));
        }
        return "redirect:/plants/" + id + "/care";
    }

    @PostMapping("/plants/{id}/care/move")
    String plan(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam StopId to) {
        writer.chooseMove(member.collection(), id, form, to);
        return "redirect:/plants/" + id + "/care";
    }

    @PostMapping("/plants/{id}/care/drop")
    String drop(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id) {
        writer.dropPlan(member.collection(), id);
        return "redirect:/plants/" + id + "/care";
    }

    @PostMapping("/plants/{id}/care/steps/{step}")
    @ForRole(Role.HELPER)
    String done(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, @PathVariable TaskId step) {
        tasks.done(member.collection(), step);
        return "redirect:/plants/" + id + "/care";
    }
}
