package mildlantern.web.words;

import org.jspecify.annotations.Nullable;

/** Numbers and amounts as a form was filled in: read, and held against the ends between which they may lie. */
public final class Entered {
    private Entered() {}

    /**
     * A number.
     *
     * @param text as typed; blank for the usual one
     * @param usual what a blank field means; NaN where it must be filled in
     * @param what the label of the field
     * @throws IllegalArgumentException if it is none, or lies outside; the message says so in the reader's words
     */
    public static double number(@Nullable String text, double usual, double low, double high, String what) {
        double number = blank(text) ? usual : Numbers.read(String.valueOf(text), low, high);
        if (!(number >= low && number <= high)) {
            throw new IllegalArgumentException(Wording.say("words.entered.number", what, low, high));
        }
        return number;
    }

    /** A whole number; otherwise like {@link #number}. */
    public static int whole(@Nullable String text, int usual, int low, int high, String what) {
        double number = blank(text) ? usual : Numbers.read(String.valueOf(text), low, high);
        if (!(number >= low && number <= high) || number != Math.rint(number)) {
            throw new IllegalArgumentException(Wording.say("words.entered.whole", what, low, high));
        }
        return (int) number;
    }

    /** An amount with or without its unit, in the unit that is reckoned in; otherwise like {@link #number}. */
    public static double amount(@Nullable String text, double usual, double low, double high, Unit.Of of, String what) {
        double amount = blank(text) ? usual : Units.read(String.valueOf(text), of);
        if (!(amount >= low && amount <= high)) {
            throw new IllegalArgumentException(
                    Wording.say("words.entered.amount", what, Units.shown(low, of), Units.shown(high, of)));
        }
        return amount;
    }

    private static boolean blank(@Nullable String text) {
        return text == null || text.isBlank();
    }
}
