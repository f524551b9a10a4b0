package mildlantern.log;

import mildlantern.message.MessageKey;

/** Why a typed line, or a part of it, cannot be taken; each holds the typed words that it speaks of. */
public enum LineProblem implements MessageKey {
    NO_PLANT_NAMED,
    /** The words that name none. */
    NO_SUCH_PLANT,
    /** The words, and how many plants they may mean. */
    SEVERAL_PLANTS,
    NOTHING_SAID,
    /** The words that are no day. */
    NO_DAY,
    DAY_TO_COME,
    /** The clause that says that a plant is gone. */
    GONE,
    /** The word, the verb that it may be a slip of, and the clause. */
    SLIP,
    /** The word. */
    NOT_AFTER_WATERED,
    /** The word. */
    NOT_AFTER_PROBE,
    /** The word. */
    NOT_AFTER_WEIGHED,
    PROBE_DEPTHS,
    NO_WEIGHT,
    NO_GRAMS,
    NO_LENGTH,
    NO_COUNT,
    NO_BLOOM,
    /** The words, and the media that are known. */
    NO_MEDIUM,
    /** A stop as an example. */
    NO_STOP,
    NO_STOPS,
    /** The words, and how many stops they may mean. */
    SEVERAL_STOPS,
    /** The two words that were begun. */
    FELT,
    /** Millilitres without a unit, and how many litres they are. */
    SO_MANY_LITRES,
    /** The word that is no unit of volume. */
    NO_UNIT_OF_VOLUME
}
