package mildlantern.web.care;

import java.util.Optional;
import mildlantern.care.Change;
import mildlantern.outcome.Verdict;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.stop.Houses;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Whether changes worked: the answer of one plant, the list of all, and what was learned of them. */
@Controller
class OutcomeController {
    private final OutcomePages pages;
    private final OutcomeWriter writer;
    private final Experiences experiences;
    private final Houses houses;

    OutcomeController(OutcomePages pages, OutcomeWriter writer, Experiences experiences, Houses houses) {
        this.pages = pages;
        this.writer = writer;
        this.experiences = experiences;
        this.houses = houses;
    }

    @GetMapping("/care/worked")
    String all(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("page", pages.all(member.collection()));
        return "care/worked";
    }

    /** @param said how the plant itself looks against the day on which the change began */
    @PostMapping("/plants/{id}/care/worked")
    String judge(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam BatchId plan,
            @RequestParam Optional<Verdict> said,
            Reply reply) {
        writer.judge(member.collection(), id, form, plan, said)
                .ifPresent(verdict ->
                        reply.next("told", Wording.say("care.outcome-controller.kept", Wording.of(verdict))));
        return "redirect:/plants/" + id + "/care";
    }

    /** Forgets what counts of pests have taught until today. */
    @PostMapping("/care/worked/forget-counts")
    String forgetCounts(@AuthenticationPrincipal SignedIn member) {
        houses.learnsAnew(member.collection());
        return "redirect:/care/worked";
    }

    @PostMapping("/care/worked/forget")
    String forget(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam String plantKind,
            @RequestParam Change.Kind change) {
        experiences.forget(member.collection(), plantKind, change);
        return "redirect:/care/worked";
    }
}
