package mildlantern.web.plant;

/** What a plant stands in. */
public enum PotKind {
    CLAY("clay pot"),
    PLASTIC("plastic pot"),
    TRAY("bonsai tray"),
    MOUNT("mount");

    private final String words;

    PotKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
