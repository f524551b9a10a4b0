package mildlantern.web.casework;

import java.util.Optional;
import mildlantern.place.StopId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;

/** Where on the walk the plant of a case stands, for the frame of its pages. */
@ControllerAdvice(basePackageClasses = CaseHere.class)
class CaseHere {
    private final CaseService cases;

    CaseHere(CaseService cases) {
        this.cases = cases;
    }

    @ModelAttribute("here")
    Optional<StopId> here(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable(required = false) Optional<CaseId> id,
            @RequestHeader(name = "HX-Request", required = false) Optional<String> htmx) {
        return htmx.isPresent() ? Optional.empty() : id.flatMap(it -> cases.stopOf(member.collection(), it));
    }
}
