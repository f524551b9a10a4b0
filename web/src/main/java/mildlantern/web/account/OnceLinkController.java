package mildlantern.web.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import mildlantern.web.mail.Post;
import mildlantern.web.platform.Reply;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.TaskExecutor;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Where links lead that let somebody in once, and where somebody asks for one who has forgotten his password. */
@Controller
class OnceLinkController {
    private final OnceLinks links;
    private final Joining joining;
    private final Post post;
    private final TaskExecutor later;

    OnceLinkController(
            OnceLinks links, Joining joining, Post post, @Qualifier("applicationTaskExecutor") TaskExecutor later) {
        this.links = links;
        this.joining = joining;
        this.post = post;
        this.later = later;
    }

    /**
     * Somebody who was invited.
     *
     * @param collectionName of a collection of his own; not asked where he joins one
     * @param hemisphere of it
     */
    record Invited(
            @Size(max = 120, message = "{platform.form.most-120-characters}") @Nullable
            String collectionName,

            @Nullable String hemisphere,

            @NotBlank(message = "{account.account-controller.enter-your-name}")
            @Size(max = 80, message = "{platform.form.most-80-characters}")
            String name,

            @NotBlank(message = "{account.account-controller.choose-user-name}")
            @Size(min = 3, max = 80, message = "{account.account-controller.3-80-characters}")
            String signIn,

            @PasswordRule String password) {

        AccountService.NewAccount account() {
            return new AccountService.NewAccount(signIn, name, password);
        }

        /** The collection of his own, if he names one and says where it stands. */
        Optional<Joining.OwnCollection> own() {
            return Optional.ofNullable(collectionName)
                    .map(String::strip)
                    .filter(named -> !named.isEmpty())
                    .map(named -> new Joining.OwnCollection(named, "south".equals(hemisphere) ? "south" : "north"));
        }
    }

    /** A new password. */
    record Fresh(@PasswordRule String password) {}

    /** Who has forgotten his password. */
    record Forgotten(
            @NotBlank(message = "{account.once-link.enter-mail}")
            @Size(max = 200, message = "{account.once-link.enter-mail}")
            String mail) {}

    private static String over(Reply reply) {
        reply.status(HttpStatus.NOT_FOUND);
        return "account/link-over";
    }

    @GetMapping("/invited/{secret}")
    String invited(@PathVariable String secret, Reply reply) {
        Optional<OnceLinks.Link> link = links.open(OnceLinks.Kind.INVITATION, secret);
        if (link.isEmpty()) {
            return over(reply);
        }
        reply.put("apart", link.get().role().isEmpty());
        reply.put("collection", joining.named(link.get()));
        reply.put("role", link.get().role().orElse(null));
        reply.put("until", link.get().until().orElse(null));
        reply.put("secret", secret);
        if (!reply.has("invited")) {
            reply.put("invited", new Invited("", "north", "", "", ""));
        }
        return "account/invited";
    }

    @PostMapping("/invited/{secret}")
    @ForRole(Role.READER)
    String join(
            @PathVariable String secret,
            @Valid @ModelAttribute("invited") Invited invited,
            BindingResult problems,
            Reply reply) {
        Optional<OnceLinks.Link> link = links.open(OnceLinks.Kind.INVITATION, secret);
        if (link.isEmpty()) {
            return over(reply);
        }
        if (link.get().role().isEmpty() && invited.own().isEmpty()) {
            problems.rejectValue(
                    "collectionName", "missing", Wording.say("account.account-controller.name-collection"));
        }
        if (!problems.hasErrors() && !joining.join(secret, link.get(), invited.account(), invited.own())) {
            problems.rejectValue("signIn", "taken", Wording.say("account.own-account-controller.user-name-taken"));
        }
        if (problems.hasErrors()) {
            reply.wrong();
            return invited(secret, reply);
        }
        return "redirect:/sign-in?new";
    }

    @GetMapping("/new-password/{secret}")
    String newPassword(@PathVariable String secret, Reply reply) {
        if (links.open(OnceLinks.Kind.NEW_PASSWORD, secret).isEmpty()) {
            return over(reply);
        }
        reply.put("secret", secret);
        if (!reply.has("fresh")) {
            reply.put("fresh", new Fresh(""));
        }
        return "account/new-password";
    }

    @PostMapping("/new-password/{secret}")
    @ForRole(Role.READER)
    String renew(
            @PathVariable String secret,
            @Valid @ModelAttribute("fresh") Fresh fresh,
            BindingResult problems,
            Reply reply) {
        if (problems.hasErrors()) {
            reply.wrong();
            return newPassword(secret, reply);
        }
        return joining.renew(secret, fresh.password()) ? "redirect:/sign-in?renewed" : over(reply);
    }

    @GetMapping("/forgotten")
    String forgotten(Reply reply) {
        reply.put("mailWorks", post.works());
        if (!reply.has("forgotten")) {
            reply.put("forgotten", new Forgotten(""));
        }
        return "account/forgotten";
    }

    /** Says the same whether or not anybody has that address; who has it reads on in his mail. */
    @PostMapping("/forgotten")
    @ForRole(Role.READER)
    String ask(@Valid @ModelAttribute("forgotten") Forgotten forgotten, BindingResult problems, Reply reply) {
        if (problems.hasErrors() || !post.works()) {
            reply.wrong();
            return forgotten(reply);
        }
        String start = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/new-password/")
                .toUriString();
        later.execute(() -> joining.letters(forgotten.mail(), start)
                .forEach(letter -> post.send(letter.to(), letter.subject(), letter.text())));
        reply.put("asked", true);
        return forgotten(reply);
    }
}
