package mildlantern.web.round;

import mildlantern.message.MessageKey;

/** Why the round asks for a look by itself. */
enum RoundSays implements MessageKey {
    /** It is new here: which day of how many, and stands among others. */
    NEW_HERE
}
