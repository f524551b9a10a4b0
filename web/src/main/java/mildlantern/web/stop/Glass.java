package mildlantern.web.stop;

/** Which way the glass of a stop looks. */
public enum Glass {
    NORTH("north", 0),
    EAST("east", 90),
    SOUTH("south", 180),
    WEST("west", 270),
    OVERHEAD("overhead", 180);

    private final String words;
    private final double degrees;

    Glass(String words, double degrees) {
        this.words = words;
        this.degrees = degrees;
    }

    /** Degrees from north over east; of no meaning for overhead glass. */
    public double degrees() {
        return degrees;
    }

    public String words() {
        return words;
    }
}
