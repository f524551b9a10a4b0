package mildlantern.treatment;

import java.util.Locale;

/** Names of the knowledge base at the beginning of a sentence. */
final class Say {
    private Say() {}

    static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
