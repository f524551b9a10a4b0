package mildlantern.web.climate;

import mildlantern.message.MessageKey;

/** Where a figure of a stop comes from. */
enum FigureOrigin implements MessageKey {
    ENTERED,
    METER,
    WINDOW,
    ESTIMATED,
    /** The mean of so many days. */
    MEASURED,
    /** Of a leaf so far from the glass. */
    LEAF,
    /** At a plant's own place on its stop; how the middle is known. */
    OWN_PLACE
}
