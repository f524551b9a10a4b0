package mildlantern.quantity;

/** A quantity that is held in one unit, whichever it was measured in. */
public interface Measured {
    /** The amount in the unit that it is held in. */
    double amount();
}
