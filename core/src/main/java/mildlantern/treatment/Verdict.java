package mildlantern.treatment;

import java.util.Optional;

/**
 * What is said of using something: refused, or to be minded.
 *
 * @param rule which rule speaks, one word, for tests and machines
 * @param level refused or warned
 * @param reason why, in a sentence
 * @param instead the nearest safe way, in a sentence
 */
public record Verdict(String rule, Level level, String reason, Optional<String> instead) {
    /** How much it weighs. */
    public enum Level {
        REFUSED,
        WARNING
    }

    static Verdict refused(String rule, String reason, String instead) {
        return new Verdict(rule, Level.REFUSED, reason, Optional.of(instead));
    }

    static Verdict warning(String rule, String reason) {
        return new Verdict(rule, Level.WARNING, reason, Optional.empty());
    }

    public boolean refuses() {
        return level == Level.REFUSED;
    }
}
