package mildlantern.web.casework;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.Words;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.StaleVersion;
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
    String show(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam Optional<String> part,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "false") boolean recall,
            @RequestHeader(name = "HX-Request", required = false) Optional<String> htmx,
            Model model) {
        if (cases.waitsForOutcome(member.collection(), id)) {
            return "redirect:/cases/" + id + "/close";
        }
        model.addAttribute(
                "board",
                pages.board(
                        member.collection(),
                        id,
                        new Panels.Asked(part.map(CaseController::part), cut(q, LONGEST_QUERY), recall)));
        return htmx.isPresent() ? "casework/case :: board" : "casework/case";
    }

    /** An answer to a finding. On a page that has moved on, the case as it stands is shown with the answer still to be sent. */
    @PostMapping("/cases/{id}/answers")
    String answer(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam long version,
            @RequestParam String finding,
            @RequestParam String state,
            @RequestParam String part,
            @RequestParam(defaultValue = "false") boolean stay,
            @RequestParam(defaultValue = "") String q,
            @RequestHeader(name = "HX-Request", required = false) Optional<String> htmx,
            HttpServletResponse response,
            Model model) {
        Panels.Asked shown = !stay
                ? Panels.Asked.NOTHING
                : q.isBlank() ? Panels.Asked.of(part(part)) : new Panels.Asked(Optional.empty(), q, false);
        try {
            cases.answer(member.collection(), id, version, finding, state, part(part));
        } catch (StaleVersion problem) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("movedOn", new Unsent(finding, state, part, problem.kept()));
            model.addAttribute("board", pages.board(member.collection(), id, shown));
            return htmx.isPresent() ? "casework/case :: board" : "casework/case";
        }
        if (htmx.isEmpty()) {
            UriComponentsBuilder back = UriComponentsBuilder.fromPath("/cases/{id}");
            if (stay) {
                back.queryParam(q.isBlank() ? "part" : "q", "{shown}");
            }
            return "redirect:" + back.encode().buildAndExpand(id, q.isBlank() ? part : q);
        }
        model.addAttribute("board", pages.board(member.collection(), id, shown));
        return "casework/case :: board";
    }

    /** An answer that was not stored because the page had moved on. */
    record Unsent(String finding, String state, String part, String words) {}

    @GetMapping("/cases/{id}/decide")
    String decide(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam Optional<String> cause,
            @RequestParam Optional<String> also,
            Model model) {
        model.addAttribute("page", deciding.page(member.collection(), id, cause, also));
        model.addAttribute("form", FormKey.fresh());
        model.addAttribute("typed", new Typed("", "", "", "", Map.of()));
        return "casework/decide";
    }

    /** What was typed into the decision, and what is wrong with it by field. */
    record Typed(String note, String trial, String alsoTrial, String lookAgainOn, Map<String, String> problems) {}

    @PostMapping("/cases/{id}/decide")
    String decided(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam FormKey form,
            @RequestParam long version,
            @RequestParam String cause,
            @RequestParam(defaultValue = "") String trial,
            @RequestParam(defaultValue = "") String also,
            @RequestParam(defaultValue = "") String alsoTrial,
            @RequestParam(defaultValue = "") String lookAgainOn,
            @RequestParam(defaultValue = "") String note,
            HttpServletResponse response,
            Model model) {
        Map<String, String> problems = new LinkedHashMap<>();
        if (trial.isBlank()) {
            problems.put("trial", "Choose one trial: one change at a time.");
        }
        if (!also.isBlank() && alsoTrial.isBlank()) {
            problems.put("alsoTrial", "Choose a trial for the second cause, or leave that cause out.");
        }
        deciding.whyNotBeside(trial, alsoTrial)
                .ifPresent(why -> problems.put("alsoTrial", "Not both at once: " + why + "."));
        Optional<LocalDate> day = FutureDay.read(lookAgainOn, "lookAgainOn", clock, problems);
        if (note.length() > LONGEST_NOTE) {
            problems.put("note", "At most %d characters; this is %d.".formatted(LONGEST_NOTE, note.length()));
        }
        if (note.isBlank() && cases.overrules(member.collection(), id, cause)) {
            problems.put("note", "You overrule the ranking: say in a few words why, so that you can learn from it.");
        }
        if (!problems.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("page", deciding.page(member.collection(), id, Optional.of(cause), Optional.of(also)));
            model.addAttribute("form", form);
            model.addAttribute("typed", new Typed(note, trial, alsoTrial, lookAgainOn, problems));
            return "casework/decide";
        }
        cases.decide(
                member.collection(),
                id,
                new CaseService.DecisionForm(
                        form,
                        version,
                        cause,
                        trial,
                        day.orElseThrow(),
                        note.strip(),
                        also.isBlank() ? Optional.empty() : Optional.of(new CaseService.Second(also, alsoTrial))));
        return "redirect:/cases/" + id;
    }

    @GetMapping("/cases/{id}/look-again")
    String lookAgain(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, Model model) {
        if (cases.waitsForOutcome(member.collection(), id)) {
            return "redirect:/cases/" + id + "/close";
        }
        model.addAttribute("page", pages.lookAgainPage(member.collection(), id));
        model.addAttribute("form", FormKey.fresh());
        return "casework/look-again";
    }

    @PostMapping("/cases/{id}/look-again")
    String lookedAgain(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam FormKey form,
            @RequestParam long version,
            @RequestParam Map<String, String> fields,
            HttpServletResponse response,
            Model model) {
        Map<String, String> states = new LinkedHashMap<>();
        fields.forEach((name, value) -> {
            if (name.startsWith("seen.") && !CaseAnswer.SKIPPED.equals(value)) {
                states.put(name.substring("seen.".length()), value);
            }
        });
        if (states.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("page", pages.lookAgainPage(member.collection(), id));
            model.addAttribute("form", form);
            model.addAttribute("problem", "Answer at least one finding, so that there is something to compare.");
            return "casework/look-again";
        }
        cases.lookAgain(member.collection(), id, form, version, states);
        return "redirect:/cases/" + id + "/close";
    }

    @GetMapping("/cases/{id}/close")
    String close(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, Model model) {
        model.addAttribute("page", pages.closePage(member.collection(), id));
        model.addAttribute("forms", formKeys());
        return "casework/close";
    }

    @PostMapping("/cases/{id}/close")
    String closed(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam FormKey form,
            @RequestParam long version,
            @RequestParam String outcome,
            @RequestParam(defaultValue = "") String lesson,
            @RequestParam Map<String, String> fields) {
        if (Words.find(
                        TroubleCase.Outcome.class,
                        outcome.toLowerCase(Locale.ROOT).replace('_', '-'))
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
                member.collection(), id, new CaseService.ClosingForm(form, version, outcome, cut(lesson, 2000), care));
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
    String goOn(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam FormKey form,
            @RequestParam long version,
            @RequestParam String lookAgainOn,
            HttpServletResponse response,
            Model model) {
        Map<String, String> problems = new LinkedHashMap<>();
        Optional<LocalDate> day = FutureDay.read(lookAgainOn, "lookAgainOn", clock, problems);
        if (day.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", problems.get("lookAgainOn"));
            return close(member, id, model);
        }
        cases.goOn(member.collection(), id, form, version, day.get());
        return "redirect:/cases/" + id;
    }

    @PostMapping("/cases/{id}/look-further")
    String lookFurther(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam FormKey form,
            @RequestParam long version) {
        cases.lookFurther(member.collection(), id, form, version);
        return "redirect:/cases/" + id;
    }

    private static Part part(String id) {
        return Words.find(Part.class, id).orElseThrow(() -> new NotHere("part"));
    }
}
