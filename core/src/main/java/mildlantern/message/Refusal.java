package mildlantern.message;

/** A value that cannot be; what is wrong is a fact that a person can be told. */
public final class Refusal extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final transient Message told;

    public Refusal(Message told) {
        super(told.what().key() + " " + told.with());
        this.told = told;
    }

    /** What is wrong. */
    public Message told() {
        return told;
    }
}
