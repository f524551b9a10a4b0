package mildlantern.treatment;

import mildlantern.message.MessageKey;

/** Why something must not be used, or what to mind; the first value is the name of the means, where a rule speaks of one. */
public enum Rule implements MessageKey {
    /** Something that is never used on plants: why. */
    NEVER,
    /** It harms plants like this one: which. */
    HARMS,
    /** It is for other plants only: which. */
    ONLY_FOR,
    /** It can mark plants like this one: which. */
    MAY_MARK,
    /** This plant has a crown that holds water. */
    CROWN,
    /** This plant has few leaves. */
    FEW_LEAVES,
    EDIBLE,
    /** Days until something of it may be eaten again. */
    HARVEST,
    FLOWERING,
    /** Days before flowers open in which it is not used. */
    IN_BUD,
    THIRSTY,
    NEWLY_POTTED,
    ON_HOLD,
    FEED_ON_HOLD,
    USELESS,
    /** From and to how many degrees it may be used, and how warm or cold it gets there. */
    TOO_HOT,
    TOO_COLD,
    /** The least humidity, and what it is there. */
    TOO_DRY,
    /** From and to how many degrees of the medium it works. */
    MEDIUM_COLD,
    SUN,
    /** The time of day. */
    SUN_LATER,
    INDOORS,
    HARD_WATER,
    /** The unit of the rate, and that of the label. */
    WRONG_UNIT,
    /** The strongest rate, and this one; whose, a label's or usual. */
    TOO_STRONG,
    /** What was used on that day. */
    TWO_PRODUCTS,
    /** Days after which it would be used, and days that lie between at least. */
    TOO_SOON,
    /** The other means, days between, and why. */
    CANCELS,
    /** How often it was used, the most, and whose limit that is. */
    TOO_OFTEN,
    /** How often in a row. */
    IN_A_ROW,
    /** The group. */
    SAME_GROUP,
    REGISTERED_UNKNOWN,
    NOT_REGISTERED,
    /** The kind of plant. */
    LABEL_FORBIDS,
    /** What it is not. */
    WRONG_PRODUCT
}
