package mildlantern.quantity;

import mildlantern.message.MessageKey;
import mildlantern.message.Refusal;

/** Refuses values outside what is physically or practically possible, saying which and why. */
public final class Limits {
    private Limits() {}

    /** What a person is told of a value outside its limits. */
    public enum Outside implements MessageKey {
        /** Which value, what it is, the lowest and highest allowed, and the symbol of its unit. */
        ALLOWED
    }

    /**
     * Refuses a value that a person wrote.
     *
     * @param what which value
     * @param unit symbol of its unit
     * @return the value, unchanged
     * @throws Refusal if the value is not a number from low to high
     */
    public static double require(MessageKey what, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw new Refusal(Outside.ALLOWED.with(what, plain(value), plain(low), plain(high), unit));
        }
        return value;
    }

    /**
     * @param what name of the value, for the message
     * @param value the value
     * @param low lowest allowed value
     * @param high highest allowed value
     * @param unit unit, for the message
     * @return the value, unchanged
     * @throws IllegalArgumentException if the value is not a number from low to high
     */
    public static double require(String what, double value, double low, double high, String unit) {
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException(
                    "%s is %s %s; allowed is %s to %s".formatted(what, plain(value), unit, plain(low), plain(high)));
        }
        return value;
    }

    /** A number without needless decimals: 3 rather than 3.0, 0.5 as it is. */
    public static String plain(double value) {
        double rounded = Math.round(value * 100) / 100.0;
        return rounded == Math.rint(rounded) ? Long.toString(Math.round(rounded)) : Double.toString(rounded);
    }

    /** A number to one decimal at most: 3.1 rather than 3.14, 3 rather than 3.0. */
    public static String tenths(double value) {
        return plain(Math.round(value * 10) / 10.0);
    }
}
