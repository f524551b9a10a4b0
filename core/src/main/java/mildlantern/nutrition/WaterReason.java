package mildlantern.nutrition;

import mildlantern.message.MessageKey;

/** What is to be said of a water for a kind of plant. */
public enum WaterReason implements MessageKey {
    /** So much dissolved; what it bears. */
    DISSOLVED,
    /** So much with feed; what it bears. */
    WITH_FEED,
    /** So alkaline that the pH rises over months. */
    ALKALINE,
    /** So alkaline that iron is locked. */
    LOCKS_IRON,
    /** So much sodium. */
    SODIUM,
    /** What standing for a day changes. */
    STANDING
}
