package mildlantern.light;

/** What gives the light that a meter reads: the same lux of another is another number of photons. */
public enum LightSource {
    DAYLIGHT("daylight"),
    WHITE_LED("white LED"),
    FLUORESCENT("fluorescent tube"),
    SODIUM("sodium lamp");

    private final String words;

    LightSource(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
