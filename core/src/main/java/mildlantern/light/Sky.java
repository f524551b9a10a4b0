package mildlantern.light;

/** How the sky is while a meter is read. */
public enum Sky {
    CLEAR("clear"),
    BROKEN("sun and cloud"),
    OVERCAST("overcast");

    private final String words;

    Sky(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
