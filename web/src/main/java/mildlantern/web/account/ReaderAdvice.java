package mildlantern.web.account;

import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.Role;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Gives every page the settings of its reader (theme, size of text, keys), and what he may do. */
@ControllerAdvice
class ReaderAdvice {
    private final Readers readers;

    ReaderAdvice(Readers readers) {
        this.readers = readers;
    }

    /** What the reader may do; an owner's where nobody is signed in, for pages that ask nothing. */
    @ModelAttribute("role")
    Role role(@AuthenticationPrincipal @Nullable SignedIn member) {
        return member == null ? Role.OWNER : readers.of(member).role();
    }

    @ModelAttribute("reader")
    ReaderSettings reader(@AuthenticationPrincipal @Nullable SignedIn member) {
        return member == null ? ReaderSettings.USUAL : readers.of(member).settings();
    }
}
