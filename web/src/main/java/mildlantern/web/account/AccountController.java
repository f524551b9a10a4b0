package mildlantern.web.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import mildlantern.web.platform.Reply;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The first visit and the sign-in. */
@Controller
class AccountController {
    private final AccountService accounts;

    AccountController(AccountService accounts) {
        this.accounts = accounts;
    }

    /**
     * What the first visit asks.
     *
     * @param collectionName name of the collection
     * @param hemisphere north or south, for the seasons
     * @param name the grower's name
     * @param signIn what to sign in with
     * @param password the password
     */
    record FirstVisit(
            @NotBlank(message = "{account.account-controller.name-collection}")
            @Size(max = 120, message = "{platform.form.most-120-characters}")
            String collectionName,

            @Pattern(regexp = "north|south", message = "{account.account-controller.choose-northern-southern}")
            @NotBlank(message = "{account.account-controller.choose-northern-southern}")
            String hemisphere,

            @NotBlank(message = "{account.account-controller.enter-your-name}")
            @Size(max = 80, message = "{platform.form.most-80-characters}")
            String name,

            @NotBlank(message = "{account.account-controller.choose-user-name}")
            @Size(min = 3, max = 80, message = "{account.account-controller.3-80-characters}")
            String signIn,

            @PasswordRule String password) {}

    @GetMapping("/sign-in")
    String signIn(@RequestParam(name = "wait", defaultValue = "") String wait, Reply reply) {
        if (wait.matches("\\d{1,4}")) {
            reply.put("wait", Integer.valueOf(wait));
        }
        return accounts.nobodyYet() ? "redirect:/welcome" : "account/sign-in";
    }

    @GetMapping("/welcome")
    String welcome(Reply reply) {
        if (!accounts.nobodyYet()) {
            return "redirect:/";
        }
        reply.put("visit", new FirstVisit("", "north", "", "", ""));
        return "account/welcome";
    }

    @PostMapping("/welcome")
    String open(@Valid @ModelAttribute("visit") FirstVisit visit, BindingResult problems, Reply reply) {
        if (problems.hasErrors()) {
            reply.wrong();
            return "account/welcome";
        }
        boolean made = accounts.openFirst(
                visit.collectionName(), visit.hemisphere(), visit.signIn(), visit.name(), visit.password());
        return made ? "redirect:/sign-in?new" : "redirect:/sign-in?quicker";
    }
}
