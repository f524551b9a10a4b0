package mildlantern.web.mail;

import mildlantern.web.platform.Reply;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The mailbox of the server that stands in, where there is one: what the demo would have sent. */
@Controller
@ConditionalOnProperty("lantern.stand-in-mail")
class MailboxController {
    private final StandInServer.Mailbox mailbox;

    MailboxController(StandInServer.Mailbox mailbox) {
        this.mailbox = mailbox;
    }

    @GetMapping("/mailbox")
    @ForRole(Role.OWNER)
    String mailbox(Reply reply) {
        reply.put("messages", mailbox.messages());
        return "mail/mailbox";
    }
}
