package mildlantern.handwork;

import mildlantern.message.MessageKey;

/** What is cleaned and guarded around plants. */
public enum Errand implements MessageKey {
    /** Blades go through the flame, or into fresh bleach, after every plant. */
    FLAME_TOOLS,
    /** This plant has tools of its own. */
    OWN_TOOLS,
    WASH_SHELF,
    /** Fallen leaves and flowers go into the bin. */
    CLEAR_DEBRIS,
    /** Ants carry pests, and drive their enemies away. */
    KEEP_ANTS_OFF,
    /** Traps are looked at each morning. */
    SLUG_TRAPS,
    EMPTY_SAUCERS,
    WASH_GLASS,
    BEFORE_THEY_COME_IN,
    /** Enemies of mites and thrips are hung up before the heating dries the air. */
    RELEASE_GUARDS,
    CLEAN_TABLES,
    BLADES_AND_TIES
}
