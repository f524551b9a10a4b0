package mildlantern.web.casework;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.StaleVersion;
import mildlantern.web.words.Wording;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.util.UriComponentsBuilder;

/** The pages of a case, in the order of the work. */
@Controller
class CaseController {
    private static final int LONGEST_NOTE = 1000;
    private static final int LONGEST_QUERY = 120;

    private final CaseService cases;
    private final CasePages pages;
    private final DecidePages deciding;
    private final Clock clock;
    private final CaseClosing closing;

    CaseController(CaseService cases, CasePages pages, DecidePages deciding, Clock clock, CaseClosing closing) {
        this.cases = cases;
        this.pages = pages;
        this.deciding = deciding;
        this.clock = clock;
        this.closing = closing;
    }

    @PostMapping("/plants/{plant}/cases")
    String open(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId plant) {
        return "redirect:/cases/" + cases.open(member.collection(), plant);
    }

    @GetMapping("/cases/{id}")
    String show(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, CaseForms.Open open, Reply reply) {
        if (closing.waitsForOutcome(member.collection(), id)) {
            return "redirect:/cases/" + id + "/close";
        }
        reply.put(
                "board",
                pages.board(
                        member.collection(),
                        id,
                        new Panels.Asked(
                                open.part().map(CaseController::part),
                                LookAgainController.cut(open.q(), LONGEST_QUERY),
                                open.recalls())));
        return reply.fragment() ? "casework/case :: board" : "casework/case";
    }

    /** An answer to a finding. On a page that has moved on, the case as it stands is shown with the answer still to be sent. */
    @PostMapping("/cases/{id}/answers")
    String answer(@AuthenticationPrincipal SignedIn member, @Valid CaseForms.Answered answer, Reply reply) {
        Panels.Asked shown = !answer.stays()
                ? Panels.Asked.NOTHING
                : answer.q().isBlank()
                        ? Panels.Asked.of(part(answer.part()))
                        : new Panels.Asked(Optional.empty(), answer.q(), false);
        Optional<Differential> opinion;
        try {
            opinion = cases.answer(
                    member.collection(),
                    answer.id(),
                    answer.version(),
                    answer.finding(),
                    answer.state(),
                    part(answer.part()));
        } catch (StaleVersion problem) {
            reply.status(HttpStatus.CONFLICT);
            reply.put("movedOn", new Unsent(answer.finding(), answer.state(), answer.part(), problem.kept()));
            reply.put("board", pages.board(member.collection(), answer.id(), shown));
            return reply.fragment() ? "casework/case :: board" : "casework/case";
        }
        if (!reply.fragment()) {
            UriComponentsBuilder back = UriComponentsBuilder.fromPath("/cases/{id}");
            if (answer.stays()) {
                back.queryParam(answer.q().isBlank() ? "part" : "q", "{shown}");
            }
            return "redirect:"
                    + back.encode().buildAndExpand(answer.id(), answer.q().isBlank() ? answer.part() : answer.q());
        }
        reply.put("board", pages.board(member.collection(), answer.id(), shown, opinion));
        return "casework/case :: board";
    }

    /** An answer that was not stored because the page had moved on. */
    record Unsent(FindingId finding, String state, String part, String words) {}

    @GetMapping("/cases/{id}/decide")
    String decide(
            @AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, CaseForms.Causes causes, Reply reply) {
        reply.put("page", deciding.page(member.collection(), id, causes.cause(), causes.also()));
        reply.put("form", FormKey.fresh());
        reply.put("typed", new Typed("", "", "", "", Map.of()));
        return "casework/decide";
    }

    /** What was typed into the decision, and what is wrong with it by field. */
    record Typed(String note, String trial, String alsoTrial, String lookAgainOn, Map<String, String> problems) {}

    @PostMapping("/cases/{id}/decide")
    String decided(@AuthenticationPrincipal SignedIn member, @Valid CaseForms.Decision typed, Reply reply) {
        Map<String, String> problems = new LinkedHashMap<>();
        if (typed.trial().isBlank()) {
            problems.put("trial", Wording.say("casework.case-controller.choose-one-trial-one"));
        }
        if (typed.also().isPresent() && typed.alsoTrial().isBlank()) {
            problems.put("alsoTrial", Wording.say("casework.case-controller.choose-trial-second-cause"));
        }
        deciding.whyNotBeside(typed.trial(), typed.alsoTrial())
                .ifPresent(
                        why -> problems.put("alsoTrial", Wording.say("casework.case-controller.not-both-once", why)));
        Optional<LocalDate> day = FutureDay.read(typed.lookAgainOn(), "lookAgainOn", clock, problems);
        if (typed.note().length() > LONGEST_NOTE) {
            problems.put(
                    "note",
                    Wording.say(
                            "casework.case-controller.most-characters",
                            LONGEST_NOTE,
                            typed.note().length()));
        }
        if (typed.note().isBlank() && cases.overrules(member.collection(), typed.id(), typed.cause())) {
            problems.put("note", Wording.say("casework.case-controller.you-overrule-ranking-say"));
        }
        if (!problems.isEmpty()) {
            reply.wrong();
            reply.put("page", deciding.page(member.collection(), typed.id(), Optional.of(typed.cause()), typed.also()));
            reply.put("form", typed.form());
            reply.put(
                    "typed", new Typed(typed.note(), typed.trial(), typed.alsoTrial(), typed.lookAgainOn(), problems));
            return "casework/decide";
        }
        cases.decide(
                member.collection(),
                typed.id(),
                new CaseService.DecisionForm(
                        typed.form(),
                        typed.version(),
                        typed.cause(),
                        typed.trial(),
                        day.orElseThrow(),
                        typed.note().strip(),
                        typed.also().map(also -> new CaseService.Second(also, typed.alsoTrial()))));
        return "redirect:/cases/" + typed.id();
    }

    private static Part part(String id) {
        return Words.find(Part.class, id).orElseThrow(() -> new NotHere("part"));
    }
}
