package mildlantern.light;

/** What hangs before a window. */
public enum Curtain {
    NONE("nothing"),
    NET("a net curtain"),
    SHADE("a shading blind");

    private final String words;

    Curtain(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
