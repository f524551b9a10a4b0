package mildlantern.log;

import java.util.LinkedHashMap;
import java.util.Map;

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

    private static void verbs(String meaning, String... words) {
        for (String word : words) {
            VERBS.put(word, meaning);
        }
    }

    private Verbs() {}
}
