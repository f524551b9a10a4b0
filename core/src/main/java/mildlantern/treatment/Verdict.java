package mildlantern.treatment;

import java.util.Optional;
import mildlantern.message.Message;

/**
 * What is said of using something: refused, or to be minded.
 *
 * @param level refused or warned
 * @param reason why: a {@link Rule} with its values
 * @param instead the nearest safe way
 */
public record Verdict(Level level, Message reason, Optional<Message> instead) {
    /** How much it weighs. */
    public enum Level {
        REFUSED,
        WARNING
    }

    static Verdict refused(Message reason, Message instead) {
        return new Verdict(Level.REFUSED, reason, Optional.of(instead));
    }

    static Verdict warning(Message reason) {
        return new Verdict(Level.WARNING, reason, Optional.empty());
    }

    /** Which rule speaks. */
    public Rule rule() {
        return (Rule) reason.what();
    }

    public boolean refuses() {
        return level == Level.REFUSED;
    }
}
