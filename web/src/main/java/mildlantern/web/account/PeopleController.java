package mildlantern.web.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.message.MessageKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The people of a collection: who may do what and until when, who is invited, who leaves. */
@Controller
class PeopleController {
    private static final String PAGE = "redirect:/people";

    private final People people;
    private final OnceLinks links;
    private final Clock clock;

    PeopleController(People people, OnceLinks links, Clock clock) {
        this.people = people;
        this.links = links;
        this.clock = clock;
    }

    /** What somebody is invited to. */
    enum As implements MessageKey {
        HELPER(Role.HELPER),
        KEEPER(Role.KEEPER),
        READER(Role.READER),
        OWNER(Role.OWNER),
        /** A collection of his own, on the same installation. */
        APART(null);

        private final @Nullable Role role;

        As(@Nullable Role role) {
            this.role = role;
        }

        Optional<Role> role() {
            return Optional.ofNullable(role);
        }
    }

    /**
     * An invitation, as typed.
     *
     * @param until the last day; null for good
     */
    record Invitation(
            @NotNull(message = "{account.people.choose}") @Nullable
            As as,

            @Nullable LocalDate until) {}

    /** What somebody may do, as typed. */
    record May(
            @NotNull(message = "{account.people.choose}") @Nullable
            Role role,

            @Nullable LocalDate until) {}

    @GetMapping("/people")
    @ForRole(Role.OWNER)
    String page(@AuthenticationPrincipal SignedIn member, Reply reply) {
        if (!reply.has("invitation")) {
            reply.put("invitation", new Invitation(As.HELPER, null));
        }
        reply.put("people", people.of(member.collection()));
        reply.put("roles", Role.values());
        reply.put("kinds", List.of(As.values()));
        reply.put("me", member.getUsername());
        return "account/people";
    }

    @PostMapping("/people/invitations")
    @ForRole(Role.OWNER)
    String invite(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("invitation") Invitation invitation,
            BindingResult problems,
            Reply reply) {
        if (past(invitation.until())) {
            problems.rejectValue("until", "past", Wording.say("account.people.past"));
        }
        if (problems.hasErrors() || invitation.as() == null) {
            reply.wrong();
            return page(member, reply);
        }
        String secret =
                links.invite(member.collection(), invitation.as().role(), Optional.ofNullable(invitation.until()));
        reply.next("link", address("/invited/" + secret));
        reply.next("told", Wording.say("account.people.invited"));
        return PAGE;
    }

    private boolean past(@Nullable LocalDate day) {
        return day != null && day.isBefore(LocalDate.now(clock));
    }

    private static String address(String path) {
        return ServletUriComponentsBuilder.fromCurrentContextPath().path(path).toUriString();
    }

    @PostMapping("/people/{id}")
    @ForRole(Role.OWNER)
    String may(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @Valid May may,
            BindingResult problems,
            Reply reply) {
        if (problems.hasErrors() || may.role() == null || past(may.until())) {
            reply.next("wrong", Wording.say("account.people.not-changed"));
        } else if (people.mayDo(member.collection(), id, may.role(), Optional.ofNullable(may.until()))) {
            reply.next("told", Wording.say("account.people.changed"));
        } else {
            reply.next("wrong", Wording.say("account.people.last-owner"));
        }
        return PAGE;
    }

    @PostMapping("/people/{id}/new-password")
    @ForRole(Role.OWNER)
    String newPassword(@AuthenticationPrincipal SignedIn member, @PathVariable UUID id, Reply reply) {
        reply.next("link", address("/new-password/" + people.newPassword(member.collection(), id)));
        reply.next("told", Wording.say("account.people.new-password-link"));
        return PAGE;
    }

    @PostMapping("/people/{id}/leave")
    @ForRole(Role.OWNER)
    String leave(@AuthenticationPrincipal SignedIn member, @PathVariable UUID id, Reply reply) {
        if (people.leave(member.collection(), id)) {
            reply.next("told", Wording.say("account.people.left"));
        } else {
            reply.next("wrong", Wording.say("account.people.last-owner"));
        }
        return PAGE;
    }
}
