package mildlantern.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.function.Supplier;
import mildlantern.web.platform.RecordForms;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/** One's own account: a new password, somebody else for this collection, another collection. */
@Controller
class OwnAccountController {
    private static final String PAGE = "redirect:/account";

    private final AccountService accounts;
    private final RecordForms forms;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    OwnAccountController(
            AccountService accounts, RecordForms forms, FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.accounts = accounts;
        this.forms = forms;
        this.sessions = sessions;
    }

    /** A new password. */
    record NewPassword(
            @NotBlank(message = "{account.own-account-controller.enter-your-current-password}")
            String old,

            @PasswordRule String fresh) {}

    /**
     * Somebody who gets an account.
     *
     * @param collectionName of a collection of his own; blank where he helps with this one
     */
    record NewPerson(
            @Size(max = 120, message = "{platform.form.most-120-characters}")
            String collectionName,

            @Pattern(regexp = "north|south", message = "{account.own-account-controller.choose-northern-southern}")
            String hemisphere,

            @NotBlank(message = "{account.own-account-controller.enter-name}")
            @Size(max = 80, message = "{platform.form.most-80-characters}")
            String name,

            @NotBlank(message = "{account.own-account-controller.choose-user-name}")
            @Size(min = 3, max = 80, message = "{account.own-account-controller.3-80-characters}")
            String signIn,

            @PasswordRule String password) {}

    @GetMapping("/account")
    String page(@AuthenticationPrincipal SignedIn member, Reply reply) {
        show(reply, "password", () -> new NewPassword("", ""));
        show(reply, "person", () -> new NewPerson("", "north", "", "", ""));
        reply.put("people", accounts.people(member.collection()));
        reply.put("me", member);
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

    @PostMapping("/account/password")
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
        String here = request.getSession().getId();
        sessions.findByPrincipalName(member.getUsername()).keySet().stream()
                .filter(session -> !session.equals(here))
                .forEach(sessions::deleteById);
        reply.next("told", Wording.say("account.own-account-controller.your-password-changed-you"));
        return PAGE;
    }

    @PostMapping("/account/people")
    String person(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("person") NewPerson person,
            BindingResult problems,
            Reply reply) {
        if (!problems.hasErrors() && accounts.taken(person.signIn())) {
            problems.rejectValue("signIn", "taken", Wording.say("account.own-account-controller.user-name-taken"));
        }
        if (problems.hasErrors()) {
            return wrong(member, reply);
        }
        Optional<String> own = Optional.of(person.collectionName()).filter(name -> !name.isBlank());
        own.ifPresentOrElse(
                name -> accounts.openWithCollection(
                        name, person.hemisphere(), person.signIn(), person.name(), person.password()),
                () -> accounts.open(member.collection(), person.signIn(), person.name(), person.password()));
        reply.next(
                "told",
                Wording.say(
                        "account.own-account-controller.can-sign-now",
                        person.name().strip(),
                        own.map(name -> Wording.say("account.own-account-controller.new-collection", name.strip()))
                                .orElse(Wording.say("account.own-account-controller.collection"))));
        return PAGE;
    }
}
