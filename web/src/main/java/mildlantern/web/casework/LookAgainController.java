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
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Looking again at a case, closing it, and going on. */
@Controller
class LookAgainController {
    private static final int FORMS_ON_CLOSING = 4;

    private final CaseClosing closing;
    private final LookAgainPages pages;
    private final Clock clock;

    LookAgainController(CaseClosing closing, LookAgainPages pages, Clock clock) {
        this.closing = closing;
        this.pages = pages;
        this.clock = clock;
    }

    @GetMapping("/cases/{id}/look-again")
    String lookAgain(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, Reply reply) {
        if (closing.waitsForOutcome(member.collection(), id)) {
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
            reply.put("problem", Wording.say("casework.look-again-controller.answer-least-one-question"));
            return "casework/look-again";
        }
        closing.lookAgain(member.collection(), turn.id(), turn.form(), turn.version(), states);
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
            @Valid CaseForms.Closing typed,
            @RequestParam Map<String, String> fields) {
        if (Words.find(
                        TroubleCase.Outcome.class,
                        typed.outcome().toLowerCase(Locale.ROOT).replace('_', '-'))
                .isEmpty()) {
            throw new NotHere("outcome");
        }
        Map<CareSetting, CaseWriter.CareChange> care = new EnumMap<>(CareSetting.class);
        for (CareSetting setting : CareSetting.values()) {
            String text = cut(fields.getOrDefault("care." + setting.name(), ""), 500);
            if (fields.containsKey("change." + setting.name()) && !text.isBlank()) {
                String reason = cut(fields.getOrDefault("reason." + setting.name(), ""), 500);
                care.put(
                        setting,
                        new CaseWriter.CareChange(
                                text,
                                reason.isBlank() ? Wording.say("casework.look-again-controller.closed-case") : reason));
            }
        }
        PlantId plant = closing.close(
                member.collection(),
                typed.id(),
                new CaseClosing.ClosingForm(
                        typed.form(), typed.version(), typed.outcome(), cut(typed.lesson(), 2000), care));
        return "redirect:/plants/" + plant + "?closed";
    }

    /** Keys for the forms of the closing page, one each. */
    static List<FormKey> formKeys() {
        return Stream.generate(FormKey::fresh).limit(FORMS_ON_CLOSING).toList();
    }

    static String cut(String text, int most) {
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
        closing.goOn(member.collection(), typed.id(), typed.form(), typed.version(), day.get());
        return "redirect:/cases/" + typed.id();
    }

    @PostMapping("/cases/{id}/look-further")
    String lookFurther(@AuthenticationPrincipal SignedIn member, @Valid CaseForms.Turn turn) {
        closing.lookFurther(member.collection(), turn.id(), turn.form(), turn.version());
        return "redirect:/cases/" + turn.id();
    }
}
