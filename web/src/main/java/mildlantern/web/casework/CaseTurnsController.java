package mildlantern.web.casework;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** The turns a case may take beside the straight way: recalling, resting, taking up again, and looking back on opinions. */
@Controller
class CaseTurnsController {
    private final CaseService cases;
    private final CasePages pages;
    private final CaseStory story;
    private final Clock clock;
    private final LookAgainPages closing;

    CaseTurnsController(CaseService cases, CasePages pages, CaseStory story, Clock clock, LookAgainPages closing) {
        this.cases = cases;
        this.pages = pages;
        this.story = story;
        this.clock = clock;
        this.closing = closing;
    }

    /** What the grower recalls of the last weeks. */
    @PostMapping("/cases/{id}/recall")
    String recall(@AuthenticationPrincipal SignedIn member, @Valid CaseForms.Recalled recalled, Reply reply) {
        cases.recall(
                member.collection(),
                recalled.id(),
                recalled.form(),
                recalled.version(),
                recalled.kind(),
                recalled.state());
        if (!reply.fragment()) {
            return "redirect:/cases/" + recalled.id() + "?recall=true";
        }
        reply.put(
                "board", pages.board(member.collection(), recalled.id(), new Panels.Asked(Optional.empty(), "", true)));
        return "casework/case :: board";
    }

    /** Every ladder that the case ever showed. */
    @GetMapping("/cases/{id}/opinion")
    String opinion(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, Reply reply) {
        reply.put("page", story.page(member.collection(), id));
        return "casework/opinion";
    }

    @PostMapping("/cases/{id}/pause")
    String pause(@AuthenticationPrincipal SignedIn member, @Valid CaseForms.Until typed, Reply reply) {
        Map<String, String> problems = new LinkedHashMap<>();
        Optional<LocalDate> day = FutureDay.read(typed.until(), "until", clock, problems);
        if (day.isEmpty()) {
            reply.wrong();
            reply.put("pauseProblem", problems.get("until"));
            reply.put("typedUntil", typed.until());
            reply.put("page", closing.closePage(member.collection(), typed.id()));
            reply.put("forms", LookAgainController.formKeys());
            return "casework/close";
        }
        cases.pause(member.collection(), typed.id(), typed.form(), typed.version(), day.get());
        return "redirect:/cases/" + typed.id();
    }

    @PostMapping("/cases/{id}/reopen")
    String reopen(@AuthenticationPrincipal SignedIn member, @Valid CaseForms.Turn turn) {
        return "redirect:/cases/" + cases.reopen(member.collection(), turn.id(), turn.form(), turn.version());
    }
}
