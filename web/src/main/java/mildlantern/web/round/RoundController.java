package mildlantern.web.round;

import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The round, which is the first page. */
@Controller
class RoundController {
    private final RoundService rounds;

    RoundController(RoundService rounds) {
        this.rounds = rounds;
    }

    @GetMapping("/")
    String round(@AuthenticationPrincipal SignedIn member, @RequestParam Optional<UUID> stop, Model model) {
        // The frame has worked out the day already, for the walk.
        RoundService.Today today = model.getAttribute(FrameAdvice.FRAME) instanceof FrameAdvice.FrameSource frame
                ? frame.today()
                : rounds.today(member.collection());
        var page = rounds.round(today, stop);
        if (page.isEmpty()) {
            return "round/empty";
        }
        model.addAttribute("page", page.get());
        model.addAttribute("here", page.get().stop());
        return "round/round";
    }
}
