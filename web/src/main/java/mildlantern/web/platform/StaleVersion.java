package mildlantern.web.platform;

/** A form was sent from a page that is no longer current; nothing of it was stored. Answered with 409. */
public final class StaleVersion extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String back;
    private final String kept;

    /**
     * @param what what moved on, as a sentence
     * @param back address of the current page
     * @param kept what the person had typed or chosen, to be shown again; may be empty
     */
    public StaleVersion(String what, String back, String kept) {
        super(what);
        this.back = back;
        this.kept = kept;
    }

    public String back() {
        return back;
    }

    public String kept() {
        return kept;
    }
}
