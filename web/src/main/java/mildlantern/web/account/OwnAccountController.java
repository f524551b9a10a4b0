package mildlantern.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.function.Supplier;
import mildlantern.web.mail.Post;
import mildlantern.web.platform.RecordForms;
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
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** One's own account: name and mail, a new password, the calendar's address, and signing out everywhere. */
@Controller
class OwnAccountController {
    private static final String PAGE = "redirect:/account";

    private final AccountService accounts;
    private final Absent absent;
    private final Post post;
    private final RecordForms forms;
    private final Sessions sessions;

    OwnAccountController(AccountService accounts, Absent absent, Post post, RecordForms forms, Sessions sessions) {
        this.accounts = accounts;
        this.absent = absent;
        this.post = post;
        this.forms = forms;
        this.sessions = sessions;
    }

    /** A new password. */
    record NewPassword(
            @NotBlank(message = "{account.own-account-controller.enter-your-current-password}")
            String old,

            @PasswordRule String fresh) {}

    /**
     * Who somebody is.
     *
     * @param mail where his mail goes; blank where none is to
     * @param morning whether he wants a message every morning
     */
    record Self(
            @NotBlank(message = "{account.account-controller.enter-your-name}")
            @Size(max = 80, message = "{platform.form.most-80-characters}")
            String name,

            @Email(message = "{account.once-link.enter-mail}")
            @Size(max = 200, message = "{account.once-link.enter-mail}")
            @Nullable
            String mail,

            @Nullable Boolean morning) {}

    @GetMapping("/account")
    String page(@AuthenticationPrincipal SignedIn member, Reply reply) {
        show(reply, "password", () -> new NewPassword("", ""));
        show(reply, "self", () -> accounts.self(member.getUsername()));
        reply.put("me", member);
        reply.put("mailWorks", post.works());
        reply.put(
                "calendar",
                ServletUriComponentsBuilder.fromCurrentContextPath()
                        .path("/calendar/" + absent.calendar(member.getUsername()) + ".ics")
                        .toUriString());
        return "account/account";
    }

    private void show(Reply reply, String name, Supplier<Record> form) {
        if (!reply.has(name)) {
            forms.show(reply, name, form.get());
        }
    }

    private String wrong(SignedIn member, Reply reply) {
        reply.wrong();
        return page(member, reply);
    }

    @PostMapping("/account/self")
    @ForRole(Role.READER)
    String self(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("self") Self self,
            BindingResult problems,
            HttpServletRequest request,
            Reply reply) {
        if (Boolean.TRUE.equals(self.morning())
                && (self.mail() == null || self.mail().isBlank())) {
            problems.rejectValue("mail", "missing", Wording.say("account.once-link.enter-mail"));
        }
        if (problems.hasErrors()) {
            return wrong(member, reply);
        }
        accounts.isCalled(member.getUsername(), self);
        sessions.nowCalled(request.getSession(), member.called(self.name().strip()));
        reply.next("told", Wording.say("account.settings.saved"));
        return PAGE;
    }

    @PostMapping("/account/password")
    @ForRole(Role.READER)
    String password(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("password") NewPassword password,
            BindingResult problems,
            HttpServletRequest request,
            Reply reply) {
        if (!problems.hasErrors() && !accounts.changePassword(member.getUsername(), password.old(), password.fresh())) {
            problems.rejectValue("old", "wrong", Wording.say("account.own-account-controller.not-your-password"));
        }
        if (problems.hasErrors()) {
            return wrong(member, reply);
        }
        sessions.endAllBut(member.getUsername(), request.getSession().getId());
        reply.next("told", Wording.say("account.own-account-controller.your-password-changed-you"));
        return PAGE;
    }

    @PostMapping("/account/calendar")
    @ForRole(Role.READER)
    String calendar(@AuthenticationPrincipal SignedIn member, Reply reply) {
        absent.anotherCalendar(member.getUsername());
        reply.next("told", Wording.say("account.account.calendar-renewed"));
        return PAGE;
    }

    @PostMapping("/account/sign-out-everywhere")
    @ForRole(Role.READER)
    String signOutEverywhere(@AuthenticationPrincipal SignedIn member) {
        sessions.end(member.getUsername());
        return "redirect:/sign-in?out";
    }
}
