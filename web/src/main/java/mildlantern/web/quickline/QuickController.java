package mildlantern.web.quickline;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogLine;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.words.Wording;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The quick field of every page, and taking entries back. */
@Controller
class QuickController {
    private static final int LONGEST_LINE = 400;

    private final QuickService quick;
    private final TakeBack takeBack;

    QuickController(QuickService quick, TakeBack takeBack) {
        this.quick = quick;
        this.takeBack = takeBack;
    }

    /** What was understood of a line so far; nothing is stored. */
    @GetMapping("/quick/preview")
    String preview(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam(defaultValue = "") String line,
            @RequestParam Optional<PlantId> plant,
            Reply reply) {
        reply.put(
                "preview",
                tooLong(line)
                        ? quick.tooLong(line, LONGEST_LINE)
                        : quick.preview(member.collection(), line.strip(), plant));
        return "quickline/quick :: preview(preview=${preview})";
    }

    /** A line that was typed, and on which plant's page. */
    record Written(@NotNull FormKey form, String line, Optional<PlantId> plant) {
        Written {
            line = Objects.requireNonNullElse(line, "");
        }
    }

    /** Stores a line; one that was not understood comes back with what was wrong. */
    @PostMapping("/quick")
    @ForRole(Role.HELPER)
    String write(@AuthenticationPrincipal SignedIn member, @Valid Written typed, Reply reply) {
        QuickService.Preview written = tooLong(typed.line())
                ? quick.tooLong(typed.line(), LONGEST_LINE)
                : quick.write(member.collection(), typed.form(), typed.line().strip(), typed.plant());
        reply.put("preview", written);
        reply.put("form", FormKey.fresh().toString());
        if (!written.complete()) {
            reply.wrong();
        }
        boolean fragment = reply.fragment();
        if (written.complete() && !fragment) {
            return "redirect:/plants/" + written.plantId().orElseThrow();
        }
        return fragment ? "quickline/quick :: written(preview=${preview},form=${form})" : "quickline/quick";
    }

    private static boolean tooLong(String line) {
        return line.strip().length() > LONGEST_LINE;
    }

    /** Takes an entry back and goes back to where that was asked for. */
    @PostMapping("/log/{id}/take-back")
    @ForRole(Role.HELPER)
    String takeBack(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable EntryId id,
            @RequestParam(defaultValue = "") String back,
            Reply reply) {
        try {
            LogLine row = takeBack.entry(member.collection(), id);
            return "redirect:" + (back.matches("/[a-z/]{1,40}") ? back : "/plants/" + row.plant());
        } catch (TakeBack.CannotTakeBack e) {
            reply.status(HttpStatus.CONFLICT);
            reply.put("heading", Wording.say("quickline.quick-controller.cannot-taken-back-yet"));
            reply.put("what", String.valueOf(e.getMessage()));
            reply.put("kept", Wording.say("quickline.quick-controller.nothing-was-changed"));
            reply.put("back", back.matches("/[a-z/]{1,40}") ? back : "/");
            reply.put("typed", List.of());
            return "frame/problem";
        }
    }
}
