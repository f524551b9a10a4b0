package mildlantern.web.account;

import mildlantern.web.platform.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Gives every page the settings of its reader: theme, size of text, keys. */
@ControllerAdvice
class ReaderAdvice {
    private final Readers readers;

    ReaderAdvice(Readers readers) {
        this.readers = readers;
    }

    @ModelAttribute("reader")
    ReaderSettings reader(@AuthenticationPrincipal @Nullable SignedIn member) {
        return member == null ? ReaderSettings.USUAL : readers.of(member).settings();
    }
}
