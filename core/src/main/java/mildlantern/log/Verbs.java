package mildlantern.log;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The words with which a clause of a typed line can begin, and what each of them means. */
final class Verbs {
    static final Map<String, String> VERBS = new LinkedHashMap<>();

    static {
        verbs("watered", "watered", "water");
        verbs("soaked", "soaked", "soak");
        verbs("filled", "filled", "fill", "refilled");
        verbs("probe", "probe", "probed", "finger", "felt");
        verbs("weighed", "weighed", "weighs", "weight");
        verbs("fed", "fed", "feed");
        verbs("granules", "granules");
        verbs("measured", "measured", "measure");
        verbs("repotted", "repotted", "repot");
        verbs("moved", "moved", "move");
        verbs("counted", "counted", "count");
        verbs("sprayed", "sprayed", "spray", "treated", "drenched", "swabbed", "released", "dusted", "applied");
        verbs("bloom", "bloom", "flowers");
        verbs("pruned", "pruned", "trimmed", "cut");
        verbs("looked", "looked", "fine");
        verbs("emptied", "emptied", "tipped");
        verbs("note", "note", "noted");
    }

    /** Words that say a plant is gone, which a line does not write. */
    static final Set<String> GONE = Set.of("died", "dead", "lost", "gone", "sold");

    /** A verb that a word may be a slip of: one letter other, too many, too few, or two that changed places. */
    static Optional<String> nearly(String word) {
        return word.length() < 4
                ? Optional.empty()
                : VERBS.keySet().stream()
                        .filter(verb -> verb.length() > 4 && slip(word, verb))
                        .findFirst();
    }

    private static boolean slip(String word, String verb) {
        int longer = Math.max(word.length(), verb.length());
        if (longer - Math.min(word.length(), verb.length()) > 1) {
            return false;
        }
        int start = 0;
        while (start < Math.min(word.length(), verb.length()) && word.charAt(start) == verb.charAt(start)) {
            start++;
        }
        String one = word.substring(start);
        String other = verb.substring(start);
        return one.length() == other.length()
                ? !one.isEmpty() && one.substring(1).equals(other.substring(1)) || swapped(one, other)
                : one.length() > other.length()
                        ? one.substring(1).equals(other)
                        : other.substring(1).equals(one);
    }

    private static boolean swapped(String one, String other) {
        return one.length() > 1
                && one.charAt(0) == other.charAt(1)
                && one.charAt(1) == other.charAt(0)
                && one.substring(2).equals(other.substring(2));
    }

    private static void verbs(String meaning, String... words) {
        for (String word : words) {
            VERBS.put(word, meaning);
        }
    }

    private Verbs() {}
}
