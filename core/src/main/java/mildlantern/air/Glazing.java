package mildlantern.air;

/** How a window is glazed. */
public enum Glazing {
    SINGLE("single glass"),
    DOUBLE("double glass"),
    COATED("coated double glass"),
    TRIPLE("triple glass");

    private final String words;

    Glazing(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
