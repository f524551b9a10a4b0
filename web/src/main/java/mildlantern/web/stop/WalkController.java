package mildlantern.web.stop;

import jakarta.validation.Valid;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/** Adding stops to the walk. */
@Controller
class WalkController {
    private final Stops stops;

    WalkController(Stops stops) {
        this.stops = stops;
    }

    @GetMapping("/stops/new")
    String newStop(Reply reply) {
        reply.put("stop", NewStop.fresh());
        return "stop/new-stop";
    }

    @PostMapping("/stops")
    String addStop(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("stop") NewStop stop,
            BindingResult problems) {
        if (problems.hasErrors()) {
            return "stop/new-stop";
        }
        stops.add(member.collection(), stop);
        return "redirect:/";
    }
}
