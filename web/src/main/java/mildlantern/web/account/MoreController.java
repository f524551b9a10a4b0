package mildlantern.web.account;

import mildlantern.web.platform.Reply;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** All places of the house that the frame of a phone has no room for. */
@Controller
class MoreController {
    private final boolean mailbox;

    MoreController(@Value("${lantern.stand-in-mail:false}") boolean mailbox) {
        this.mailbox = mailbox;
    }

    @GetMapping("/more")
    String more(Reply reply) {
        reply.put("mailbox", mailbox);
        return "frame/more";
    }
}
