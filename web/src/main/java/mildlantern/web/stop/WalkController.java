package mildlantern.web.stop;

import jakarta.validation.Valid;
import mildlantern.place.StopId;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Wording;
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
            BindingResult problems,
            Reply reply) {
        if (stop.name() != null && stops.named(member.collection(), stop.name()).isPresent()) {
            problems.rejectValue("name", "taken", Wording.say("stop.new-stop.name-taken"));
        }
        if (problems.hasErrors()) {
            reply.wrong();
            return "stop/new-stop";
        }
        stops.add(member.collection(), stop);
        return "redirect:/?stop="
                + stops.named(member.collection(), String.valueOf(stop.name()))
                        .map(Stop::id)
                        .map(StopId::toString)
                        .orElse("");
    }
}
