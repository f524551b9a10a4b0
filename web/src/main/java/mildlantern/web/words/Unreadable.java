package mildlantern.web.words;

import java.io.Serial;

/** What was typed is no number or no amount; the message says why in the reader's words, and what would be understood. */
public final class Unreadable extends NumberFormatException {
    @Serial
    private static final long serialVersionUID = 1L;

    Unreadable(String words) {
        super(words);
    }
}
