package mildlantern.web.collection;

/** Which way the glass of a stop looks. */
public enum Glass {
    NORTH("north"),
    EAST("east"),
    SOUTH("south"),
    WEST("west"),
    OVERHEAD("overhead");

    private final String words;

    Glass(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
