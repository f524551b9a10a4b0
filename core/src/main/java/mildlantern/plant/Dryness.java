package mildlantern.plant;

import mildlantern.message.MessageKey;

/** How dry the medium gets before the next watering. */
public enum Dryness implements MessageKey {
    BOG,
    EVENLY_MOIST,
    SURFACE_DRY,
    TOP_DRY,
    NEARLY_DRY,
    LONG_DRY
}
