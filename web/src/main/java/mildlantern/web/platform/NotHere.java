package mildlantern.web.platform;

/** Something was asked for that is not in this collection: it may not exist, or belong to another. Answered with 404. */
public final class NotHere extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotHere(String what) {
        super(what);
    }
}
