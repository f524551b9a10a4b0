package mildlantern.web.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.Locale;

/**
 * A made-up language for tests: every letter accented and every text a third longer, so that a text which is not in the bundles stands out as
 * plain English, and one that has no room to grow is seen cut off.
 */
final class TestLanguage {
    private static final String PLAIN = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ";
    private static final String ACCENTED = "áƀćđéƒǵĥíĵķĺɱńóƥɋŕšťúṽŵẋýžÁƁĆĐÉƑǴĤÍĴĶĹṀŃÓƤɊŔŠŤÚṼŴẊÝŽ";

    /** By how much a text grows when it is put into another language. */
    private static final double LONGER = 0.35;

    /** Letters of a long word. */
    private static final int WORD = 12;

    private TestLanguage() {}

    /** Whether a reader has chosen it: the private region of CLDR for accented English. */
    static boolean chosen(Locale locale) {
        return "XA".equals(locale.getCountry());
    }

    /** The pattern with its words changed; what stands in it for values stays. */
    static String of(String pattern) {
        MessagePattern parts = new MessagePattern(pattern);
        StringBuilder changed = new StringBuilder();
        int letters = 0;
        boolean[] spoken = new boolean[pattern.length()];
        for (int i = 0; i < parts.countParts(); i++) {
            Part part = parts.getPart(i);
            if (part.getType() == Part.Type.MSG_START) {
                mark(
                        spoken,
                        part.getLimit(),
                        parts.getPart(parts.getLimitPartIndex(i)).getIndex(),
                        true);
            } else if (part.getType() == Part.Type.ARG_START) {
                mark(
                        spoken,
                        part.getIndex(),
                        parts.getPart(parts.getLimitPartIndex(i)).getLimit(),
                        false);
            } else if (part.getType() == Part.Type.REPLACE_NUMBER || part.getType() == Part.Type.SKIP_SYNTAX) {
                mark(spoken, part.getIndex(), part.getLimit(), false);
            }
        }
        for (int at = 0; at < pattern.length(); at++) {
            char sign = pattern.charAt(at);
            int letter = spoken[at] ? PLAIN.indexOf(sign) : -1;
            changed.append(letter < 0 ? sign : ACCENTED.charAt(letter));
            letters += letter < 0 ? 0 : 1;
        }
        // What a text grows by breaks into lines as words do.
        for (int more = (int) Math.ceil(letters * LONGER); more > 0; more -= WORD) {
            changed.append("~".repeat(Math.min(more, WORD))).append(more > WORD ? " " : "");
        }
        return changed.toString();
    }

    private static void mark(boolean[] spoken, int from, int to, boolean as) {
        for (int i = from; i < to; i++) {
            spoken[i] = as;
        }
    }
}
