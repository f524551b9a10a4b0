package mildlantern.web.away;

import jakarta.validation.Valid;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Objects;
import mildlantern.away.Waterer;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.RecordForms;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Going away, and coming back. */
@Controller
class AwayController {
    private static final int MOST_DAYS = 60;
    private static final int MOST_AHEAD = 365;

    private final Absences absences;
    private final AwayPages pages;
    private final SheetPages sheets;
    private final BackPages backs;
    private final RecordForms forms;
    private final Clock clock;

    AwayController(
            Absences absences, AwayPages pages, SheetPages sheets, BackPages backs, RecordForms forms, Clock clock) {
        this.absences = absences;
        this.pages = pages;
        this.sheets = sheets;
        this.backs = backs;
        this.forms = forms;
        this.clock = clock;
    }

    @GetMapping("/away")
    String away(@AuthenticationPrincipal SignedIn member, Reply reply) {
        if (!reply.has("away")) {
            forms.show(
                    reply,
                    "away",
                    AwayForm.of(absences.open(member.collection()).map(Absence::dates), LocalDate.now(clock)));
        }
        reply.put("whos", Waterer.values());
        reply.put("page", pages.page(member.collection()));
        reply.put("formKey", FormKey.fresh());
        return "away/away";
    }

    @PostMapping("/away")
    String plan(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("away") AwayForm away,
            BindingResult problems,
            Reply reply) {
        LocalDate today = LocalDate.now(clock);
        LocalDate leaves = away.leaves();
        LocalDate back = away.back();
        if (leaves != null && leaves.isBefore(today)) {
            problems.rejectValue("leaves", "past", Wording.say("away.form.past"));
        }
        if (leaves != null && leaves.isAfter(today.plusDays(MOST_AHEAD))) {
            problems.rejectValue("leaves", "far", Wording.say("away.form.far"));
        }
        if (leaves != null && back != null) {
            long days = ChronoUnit.DAYS.between(leaves, back);
            if (days < 1) {
                problems.rejectValue("back", "order", Wording.say("away.form.order"));
            } else if (days > MOST_DAYS) {
                problems.rejectValue("back", "long", Wording.say("away.form.long", MOST_DAYS));
            }
        }
        if (problems.hasErrors()) {
            reply.wrong();
            return away(member, reply);
        }
        absences.plan(member.collection(), Objects.requireNonNull(away.form()), away.dates());
        return "redirect:/away";
    }

    @PostMapping("/away/off")
    String callOff(@AuthenticationPrincipal SignedIn member) {
        absences.callOff(member.collection());
        return "redirect:/away";
    }

    @PostMapping("/away/left")
    String left(@AuthenticationPrincipal SignedIn member, @RequestParam FormKey form) {
        absences.left(member.collection(), form);
        return "redirect:/away";
    }

    @GetMapping("/away/sheet")
    String sheet(@AuthenticationPrincipal SignedIn member, Reply reply) {
        return sheets.sheet(member.collection())
                .map(sheet -> {
                    reply.put("sheet", sheet);
                    return "away/sheet";
                })
                .orElse("redirect:/away");
    }

    @GetMapping("/away/back")
    String back(@AuthenticationPrincipal SignedIn member, Reply reply) {
        return backs.back(member.collection())
                .map(page -> {
                    reply.put("page", page);
                    reply.put("formKey", FormKey.fresh());
                    return "away/back";
                })
                .orElse("redirect:/away");
    }

    @PostMapping("/away/back")
    String isBack(
            @AuthenticationPrincipal SignedIn member, @RequestParam FormKey form, @RequestParam boolean asPlanned) {
        absences.back(member.collection(), form, asPlanned);
        return "redirect:/";
    }
}
