package mildlantern.care;

import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Range;

/**
 * A figure with how it swings and where it comes from.
 *
 * @param value the mean of the days that count
 * @param spread lowest and highest of those days
 * @param days of how many days it is; 0 where it is reckoned and not read
 * @param from where it comes from
 * @param atLeaf whether it is that of a leaf by the glass, not of the air
 */
public record Figure(double value, Range spread, int days, Message from, boolean atLeaf) {
    /** A figure of the air. */
    public Figure(double value, Range spread, int days, Message from) {
        this(value, spread, days, from, false);
    }

    /** A figure that was given once, without its swing. */
    public static Figure of(double value, MessageKey from) {
        return of(value, from.with());
    }

    /** A figure that was given once, without its swing. */
    public static Figure of(double value, Message from) {
        return new Figure(value, new Range(value, value), 0, from);
    }

    /** The same swing about another mean. */
    Figure shifted(double by, double low, double high, MessageKey why) {
        return new Figure(
                clamped(value + by, low, high),
                new Range(clamped(spread.low() + by, low, high), clamped(spread.high() + by, low, high)),
                0,
                why.with());
    }

    private static double clamped(double value, double low, double high) {
        return Math.max(low, Math.min(high, value));
    }
}
