package mildlantern.plant;

import mildlantern.message.MessageKey;

/** What time of its own year it is for a plant. */
public enum Phase implements MessageKey {
    /** It makes leaves, shoots and roots. */
    GROWING,
    /** An evergreen in poor light or cool air: it keeps what it has. */
    SLOW,
    /** It rests in the cool, its roots moist or nearly so. */
    COOL_REST,
    /** It rests dry. */
    DRY_REST,
    /** From buds that are set until the last flower. */
    SPIKING;

    /** Whether it rests. */
    public boolean rests() {
        return this == COOL_REST || this == DRY_REST;
    }

    /** Whether it makes new growth or flowers, and can use food and recover from work at its roots. */
    public boolean grows() {
        return this == GROWING || this == SPIKING;
    }
}
