package mildlantern.web.words;

import java.text.DecimalFormatSymbols;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Numbers as people type them. A point or a comma may part decimals or thousands: what can only be one of them is read so, by the reader's own
 * manner where that tells, and what could be either is refused with both.
 */
public final class Numbers {
    /** As programs and people write it without thousands; what only programs write (NaN, 1e9, 0x1p3) is no number here. */
    private static final Pattern PLAIN = Pattern.compile("[+-]?(\\d{1,15}([.,]\\d{0,15})?|[.,]\\d{1,15})");

    /** Thousands parted by spaces or apostrophes, which never part decimals. */
    private static final Pattern SPACED =
            Pattern.compile("[+-]?\\d{1,3}([ '\\u2019\\u00a0\\u202f]\\d{3})+([.,]\\d{1,15})?");

    /** Thousands parted by one sign and decimals, if any, by the other. */
    private static final Pattern GROUPED =
            Pattern.compile("[+-]?\\d{1,3}(?:(,\\d{3})+(\\.\\d{1,15})?|(\\.\\d{3})+(,\\d{1,15})?)");

    /** One to three figures that do not begin with 0, one sign, three figures: decimals or thousands. */
    private static final Pattern EITHER = Pattern.compile("[+-]?[1-9]\\d{0,2}([.,])\\d{3}");

    private Numbers() {}

    /**
     * Reads a number.
     *
     * @throws NumberFormatException if it is none, or could be two; the message says so in the reader's words
     */
    public static double read(String text) {
        return read(text, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /**
     * Reads a number of which it is known between what it lies: of two that it could be, the one that is possible is meant. Whether it lies
     * between them is not checked.
     *
     * @throws NumberFormatException if it is none, or could be two; the message says so in the reader's words
     */
    public static double read(String text, double low, double high) {
        String typed = text.strip().replace('\u2212', '-');
        Matcher either = EITHER.matcher(typed);
        if (either.matches()) {
            return either(typed, either.group(1).charAt(0), low, high);
        }
        if (PLAIN.matcher(typed).matches()) {
            return Double.parseDouble(typed.replace(',', '.'));
        }
        if (SPACED.matcher(typed).matches()) {
            return Double.parseDouble(typed.replaceAll("[^\\d.,+-]", "").replace(',', '.'));
        }
        if (GROUPED.matcher(typed).matches()) {
            int last = Math.max(typed.lastIndexOf('.'), typed.lastIndexOf(','));
            boolean mixed = typed.indexOf('.') >= 0 && typed.indexOf(',') >= 0;
            String whole = mixed ? typed.substring(0, last) : typed;
            return Double.parseDouble(whole.replaceAll("[.,]", "") + (mixed ? "." + typed.substring(last + 1) : ""));
        }
        throw new Unreadable(
                typed.isEmpty() ? Wording.say("words.numbers.none") : Wording.say("words.numbers.no-number", typed));
    }

    private static double either(String typed, char sign, double low, double high) {
        double decimal = Double.parseDouble(typed.replace(',', '.'));
        double thousands = decimal * 1000;
        boolean mayBeDecimal = decimal >= low && decimal <= high;
        boolean mayBeThousands = thousands >= low && thousands <= high;
        if (mayBeDecimal != mayBeThousands) {
            return mayBeDecimal ? decimal : thousands;
        }
        if (DecimalFormatSymbols.getInstance(Wording.reader()).getGroupingSeparator() == sign) {
            return thousands;
        }
        throw new Unreadable(Wording.say(
                "words.numbers.either",
                typed,
                String.format(Locale.ROOT, "%.0f", thousands),
                String.format(Locale.ROOT, "%.1f", decimal)));
    }
}
