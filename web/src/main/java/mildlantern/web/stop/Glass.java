package mildlantern.web.stop;

import mildlantern.message.MessageKey;
import mildlantern.web.words.Wording;

/** Which way the glass of a stop looks. */
public enum Glass implements MessageKey {
    NORTH(0),
    EAST(90),
    SOUTH(180),
    WEST(270),
    OVERHEAD(180);

    private final double degrees;

    Glass(double degrees) {

        this.degrees = degrees;
    }

    /** Degrees from north over east; of no meaning for overhead glass. */
    public double degrees() {
        return degrees;
    }

    public String words() {
        return Wording.of(this);
    }
}
