package mildlantern.web.quickline;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogLine;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.routine.RecordWriter;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The quick field of every page, and taking entries back. */
@Controller
class QuickController {
    private static final int LONGEST_LINE = 400;

    private final QuickService quick;
    private final RecordWriter log;

    QuickController(QuickService quick, RecordWriter log) {
        this.quick = quick;
        this.log = log;
    }

    /** What was understood of a line so far; nothing is stored. */
    @GetMapping("/quick/preview")
    String preview(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam(defaultValue = "") String line,
            @RequestParam Optional<PlantId> plant,
            Model model) {
        model.addAttribute(
                "preview",
                tooLong(line)
                        ? quick.tooLong(line, LONGEST_LINE)
                        : quick.preview(member.collection(), line.strip(), plant));
        return "quickline/quick :: preview(preview=${preview})";
    }

    /** Stores a line; one that was not understood comes back with what was wrong. */
    @PostMapping("/quick")
    String write(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam FormKey form,
            @RequestParam(defaultValue = "") String line,
            @RequestParam Optional<PlantId> plant,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        QuickService.Preview written = tooLong(line)
                ? quick.tooLong(line, LONGEST_LINE)
                : quick.write(member.collection(), form, line.strip(), plant);
        model.addAttribute("preview", written);
        model.addAttribute("form", FormKey.fresh().toString());
        if (!written.complete()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        boolean fragment = request.getHeader("HX-Request") != null;
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
    String takeBack(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable EntryId id,
            @RequestParam(defaultValue = "") String back,
            HttpServletResponse response,
            Model model) {
        try {
            LogLine row = log.takeBack(member.collection(), id);
            return "redirect:" + (back.matches("/[a-z/]{1,40}") ? back : "/plants/" + row.plant());
        } catch (RecordWriter.CannotTakeBack e) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute("heading", "That cannot be taken back yet");
            model.addAttribute("what", String.valueOf(e.getMessage()));
            model.addAttribute("kept", "Nothing was changed.");
            model.addAttribute("back", back.matches("/[a-z/]{1,40}") ? back : "/");
            model.addAttribute("typed", List.of());
            return "frame/problem";
        }
    }
}
