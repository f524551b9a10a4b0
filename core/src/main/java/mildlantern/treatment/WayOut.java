package mildlantern.treatment;

import java.util.Optional;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.pest.Hopeless;

/**
 * What is better than going on with a course that falls short.
 *
 * @param advice which way out
 * @param style the style that reaches control here, where one does
 * @param uses uses that it takes, or that were made in vain
 */
public record WayOut(Advice advice, Optional<Style> style, int uses) {
    /** Which way out. */
    public enum Advice implements MessageKey {
        /** Another style reaches control here: its name and its uses. */
        OTHER_STYLE,
        /** No treatment of a pot plant brings it under control: the plant goes into the bin. */
        BIN,
        /** No treatment does, and the plant lives with it. */
        LIVE_WITH,
        /** So many uses did not bring it under control. */
        TOO_MANY;

        static Advice of(Hopeless what) {
            return what == Hopeless.BIN ? BIN : LIVE_WITH;
        }
    }

    /** In words. */
    public Message message() {
        return advice == Advice.OTHER_STYLE ? advice.with(style.orElseThrow(), uses) : advice.with(uses);
    }
}
