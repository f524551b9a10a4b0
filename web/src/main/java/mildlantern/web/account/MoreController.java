package mildlantern.web.account;

import mildlantern.web.platform.LanternSettings;
import mildlantern.web.platform.Reply;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** All places of the house that the frame of a phone has no room for. */
@Controller
class MoreController {
    private final LanternSettings settings;

    MoreController(LanternSettings settings) {
        this.settings = settings;
    }

    @GetMapping("/more")
    String more(Reply reply) {
        reply.put("mailbox", settings.standInMail());
        return "frame/more";
    }
}
