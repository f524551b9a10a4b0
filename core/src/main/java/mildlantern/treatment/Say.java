package mildlantern.treatment;

import java.util.List;
import java.util.Locale;
import mildlantern.mixing.Rate;
import mildlantern.quantity.Limits;

/** Small words of the sentences of this room. */
final class Say {
    private Say() {}

    static String rate(Rate rate) {
        return Limits.plain(rate.amount()) + " " + rate.measure().symbol() + " "
                + rate.carrier().words();
    }

    static String numeral(int number) {
        List<String> words = List.of(
                "No", "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine", "Ten", "Eleven",
                "Twelve");
        return number >= 0 && number < words.size() ? words.get(number) : String.valueOf(number);
    }

    static String days(double days) {
        long whole = Math.round(days);
        return whole == 1 ? "1 day" : whole + " days";
    }

    /** A share in words: "under 1 %", "34 %". */
    static String percent(double share) {
        if (share < 0.01) {
            return "under 1 %";
        }
        return share > 0.99 && share < 1 ? "over 99 %" : Math.round(share * 100) + " %";
    }

    static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    static String lower(String words) {
        return words.substring(0, 1).toLowerCase(Locale.ROOT) + words.substring(1);
    }

    static String notOfStyle(Style style) {
        return "Not of the style \"" + style.words() + "\".";
    }
}
