package mildlantern.web.casework;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;

/** The turns a case may take beside the straight way: recalling, resting, taking up again, and looking back on opinions. */
@Controller
class CaseTurnsController {
    private final CaseService cases;
    private final CasePages pages;
    private final CaseStory story;
    private final Clock clock;

    CaseTurnsController(CaseService cases, CasePages pages, CaseStory story, Clock clock) {
        this.cases = cases;
        this.pages = pages;
        this.story = story;
        this.clock = clock;
    }

    /** Where on the walk the plant of a case stands, for the frame of its pages. */
    @ModelAttribute("here")
    Optional<StopId> here(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id) {
        return cases.stopOf(member.collection(), id);
    }

    /** What the grower recalls of the last weeks. */
    @PostMapping("/cases/{id}/recall")
    String recall(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam FormKey form,
            @RequestParam long version,
            @RequestParam LogKind kind,
            @RequestParam CaseRecall.Answer state,
            @RequestHeader(name = "HX-Request", required = false) Optional<String> htmx,
            Model model) {
        cases.recall(member.collection(), id, form, version, kind, state);
        if (htmx.isEmpty()) {
            return "redirect:/cases/" + id + "?recall=true";
        }
        model.addAttribute("board", pages.board(member.collection(), id, new Panels.Asked(Optional.empty(), "", true)));
        return "casework/case :: board";
    }

    /** Every ladder that the case ever showed. */
    @GetMapping("/cases/{id}/opinion")
    String opinion(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, Model model) {
        model.addAttribute("page", story.page(member.collection(), id));
        return "casework/opinion";
    }

    @PostMapping("/cases/{id}/pause")
    String pause(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam FormKey form,
            @RequestParam long version,
            @RequestParam String until,
            HttpServletResponse response,
            Model model) {
        Map<String, String> problems = new LinkedHashMap<>();
        Optional<LocalDate> day = FutureDay.read(until, "until", clock, problems);
        if (day.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("pauseProblem", problems.get("until"));
            model.addAttribute("typedUntil", until);
            model.addAttribute("page", pages.closePage(member.collection(), id));
            model.addAttribute("forms", CaseController.formKeys());
            return "casework/close";
        }
        cases.pause(member.collection(), id, form, version, day.get());
        return "redirect:/cases/" + id;
    }

    @PostMapping("/cases/{id}/reopen")
    String reopen(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam FormKey form,
            @RequestParam long version) {
        return "redirect:/cases/" + cases.reopen(member.collection(), id, form, version);
    }
}
