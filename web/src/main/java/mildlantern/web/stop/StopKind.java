package mildlantern.web.stop;

/** What a stop is. */
public enum StopKind {
    SILL("sill"),
    SHELF("shelf"),
    RAIL("hanging rail"),
    BENCH("bench"),
    CABINET("cabinet"),
    BOG_TRAY("bog tray"),
    OUTDOORS("outdoors"),
    ISOLATION("isolation corner");

    private final String words;

    StopKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
