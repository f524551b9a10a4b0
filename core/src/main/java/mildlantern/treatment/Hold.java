package mildlantern.treatment;

/** What must not be done while a trial runs. */
public enum Hold {
    FEED("no feed"),
    REPOT("no repotting"),
    MOVE("no moving"),
    WATER("no water but as the trial says"),
    PRUNE("no cutting"),
    SPRAY("no spraying but as the trial says");

    private final String words;

    Hold(String words) {
        this.words = words;
    }

    /** The hold in a sentence, as in "no feed". */
    public String words() {
        return words;
    }
}
