package mildlantern.web.words;

import mildlantern.quantity.Length;
import mildlantern.quantity.Measured;
import org.jspecify.annotations.Nullable;

/** Quantities of forms, which may be missing, as the numbers that are stored. */
public final class Amounts {
    private Amounts() {}

    /** The amount in the unit that the quantity is held in. */
    public static @Nullable Double of(@Nullable Measured quantity) {
        return quantity == null ? null : Double.valueOf(quantity.amount());
    }

    /** Whole centimetres. */
    public static @Nullable Integer centimetres(@Nullable Length length) {
        return length == null ? null : Integer.valueOf((int) Math.round(length.centimetres()));
    }

    /** A length of so many centimetres. */
    public static @Nullable Length length(@Nullable Number centimetres) {
        return centimetres == null ? null : new Length(centimetres.doubleValue());
    }
}
