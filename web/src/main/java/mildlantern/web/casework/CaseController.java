package mildlantern.web.casework;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.StaleVersion;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

/** The pages of a case, in the order of the work. */
@Controller
class CaseController {
    private static final int LONGEST_NOTE = 1000;
    private static final int LONGEST_QUERY = 120;
    private static final int FORMS_ON_CLOSING = 4;

    private final CaseService cases;
    private final CasePages pages;
    private final DecidePages deciding;
    private final Clock clock;

    CaseController(CaseService cases, CasePages pages, DecidePages deciding, Clock clock) {
        this.cases = cases;
        this.pages = pages;
        this.deciding = deciding;
        this.clock = clock;
    }

    /** Where on the walk the plant of a case stands, for the frame of its pages. */
    @ModelAttribute("here")
    Optional<StopId> here(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable(required = false) Optional<CaseId> id,
            @RequestHeader(name = "HX-Request", required = false) Optional<String> htmx) {
        return htmx.isPresent() ? Optional.empty() : id.flatMap(it -> cases.stopOf(member.collection(), it));
    }

    @PostMapping("/plants/{plant}/cases")
    String open(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId plant) {
        return "redirect:/cases/" + cases.open(member.collection(), plant);
    }

    @GetMapping("/cases/{id}")
    String show(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, CaseForms.Open open, Reply reply) {
        if (cases.waitsForOutcome(member.collection(), id)) {
            return "redirect:/cases/" + id + "/close";
        }
        reply.put(
                "board",
                pages.board(
                        member.collection(),
                        id,
                        new Panels.Asked(
                                open.part().map(CaseController::part), cut(open.q(), LONGEST_QUERY), open.recalls())));
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
            problems.put("trial", "Choose one trial: one change at a time.");
        }
        if (typed.also().isPresent() && typed.alsoTrial().isBlank()) {
            problems.put("alsoTrial", "Choose a trial for the second cause, or leave that cause out.");
        }
        deciding.whyNotBeside(typed.trial(), typed.alsoTrial())
                .ifPresent(why -> problems.put("alsoTrial", "Not both at once: " + why + "."));
        Optional<LocalDate> day = FutureDay.read(typed.lookAgainOn(), "lookAgainOn", clock, problems);
        if (typed.note().length() > LONGEST_NOTE) {
            problems.put(
                    "note",
                    "At most %d characters; this is %d."
                            .formatted(LONGEST_NOTE, typed.note().length()));
        }
        if (typed.note().isBlank() && cases.overrules(member.collection(), typed.id(), typed.cause())) {
            problems.put("note", "You overrule the ranking: say in a few words why, so that you can learn from it.");
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

    @GetMapping("/cases/{id}/look-again")
    String lookAgain(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, Reply reply) {
        if (cases.waitsForOutcome(member.collection(), id)) {
            return "redirect:/cases/" + id + "/close";
        }
        reply.put("page", pages.lookAgainPage(member.collection(), id));
        reply.put("form", FormKey.fresh());
        return "casework/look-again";
    }

    @PostMapping("/cases/{id}/look-again")
    String lookedAgain(
            @AuthenticationPrincipal SignedIn member,
            @Valid CaseForms.Turn turn,
            @RequestParam Map<String, String> fields,
            Reply reply) {
        Map<FindingId, String> states = new LinkedHashMap<>();
        fields.forEach((name, value) -> {
            if (name.startsWith("seen.") && !CaseAnswer.SKIPPED.equals(value)) {
                states.put(new FindingId(name.substring("seen.".length())), value);
            }
        });
        if (states.isEmpty()) {
            reply.wrong();
            reply.put("page", pages.lookAgainPage(member.collection(), turn.id()));
            reply.put("form", turn.form());
            reply.put("problem", "Answer at least one finding, so that there is something to compare.");
            return "casework/look-again";
        }
        cases.lookAgain(member.collection(), turn.id(), turn.form(), turn.version(), states);
        return "redirect:/cases/" + turn.id() + "/close";
    }

    @GetMapping("/cases/{id}/close")
    String close(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, Reply reply) {
        reply.put("page", pages.closePage(member.collection(), id));
        reply.put("forms", formKeys());
        return "casework/close";
    }

    @PostMapping("/cases/{id}/close")
    String closed(
            @AuthenticationPrincipal SignedIn member,
            @Valid CaseForms.Closing closing,
            @RequestParam Map<String, String> fields) {
        if (Words.find(
                        TroubleCase.Outcome.class,
                        closing.outcome().toLowerCase(Locale.ROOT).replace('_', '-'))
                .isEmpty()) {
            throw new NotHere("outcome");
        }
        Map<CareSetting, CaseWriter.CareChange> care = new EnumMap<>(CareSetting.class);
        for (CareSetting setting : CareSetting.values()) {
            String text = cut(fields.getOrDefault("care." + setting.name(), ""), 500);
            if (fields.containsKey("change." + setting.name()) && !text.isBlank()) {
                String reason = cut(fields.getOrDefault("reason." + setting.name(), ""), 500);
                care.put(setting, new CaseWriter.CareChange(text, reason.isBlank() ? "closed case" : reason));
            }
        }
        PlantId plant = cases.close(
                member.collection(),
                closing.id(),
                new CaseService.ClosingForm(
                        closing.form(), closing.version(), closing.outcome(), cut(closing.lesson(), 2000), care));
        return "redirect:/plants/" + plant + "?closed";
    }

    /** Keys for the forms of the closing page, one each. */
    static List<FormKey> formKeys() {
        return Stream.generate(FormKey::fresh).limit(FORMS_ON_CLOSING).toList();
    }

    private static String cut(String text, int most) {
        String stripped = text.strip();
        return stripped.length() <= most ? stripped : stripped.substring(0, most);
    }

    @PostMapping("/cases/{id}/go-on")
    String goOn(@AuthenticationPrincipal SignedIn member, @Valid CaseForms.GoOn typed, Reply reply) {
        Map<String, String> problems = new LinkedHashMap<>();
        Optional<LocalDate> day = FutureDay.read(typed.lookAgainOn(), "lookAgainOn", clock, problems);
        if (day.isEmpty()) {
            reply.wrong();
            reply.put("problem", problems.get("lookAgainOn"));
            return close(member, typed.id(), reply);
        }
        cases.goOn(member.collection(), typed.id(), typed.form(), typed.version(), day.get());
        return "redirect:/cases/" + typed.id();
    }

    @PostMapping("/cases/{id}/look-further")
    String lookFurther(@AuthenticationPrincipal SignedIn member, @Valid CaseForms.Turn turn) {
        cases.lookFurther(member.collection(), turn.id(), turn.form(), turn.version());
        return "redirect:/cases/" + turn.id();
    }

    private static Part part(String id) {
        return Words.find(Part.class, id).orElseThrow(() -> new NotHere("part"));
    }
}
