package mildlantern.web.casework;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Objects;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Ticking off what a trial asks for. */
@Controller
class TrialStepController {
    private final TrialSteps steps;

    TrialStepController(TrialSteps steps) {
        this.steps = steps;
    }

    @PostMapping("/cases/{id}/trial-step")
    @ForRole(Role.HELPER)
    String done(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @Valid TrialSteps.Done done,
            BindingResult problems,
            Reply reply) {
        List<String> warnings = problems.hasErrors() ? List.of() : steps.warnings(member.collection(), id, done);
        if (problems.hasErrors()) {
            reply.next("stepProblem", Wording.say("casework.trial-step.pot-size"));
        } else if (!warnings.isEmpty()) {
            reply.next("stepProblem", String.join(" ", warnings)).next("stepStop", Objects.requireNonNull(done.stop()));
        } else {
            steps.done(member.collection(), id, done);
        }
        return "redirect:/cases/" + id;
    }
}
