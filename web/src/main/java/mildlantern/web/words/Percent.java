package mildlantern.web.words;

/** Shares as people say them: "under 1 %", "34 %". */
public final class Percent {
    private Percent() {}

    /** A share from 0 to 1. */
    public static String of(double share) {
        if (share < 0.01) {
            return Wording.say("words.percent.under-one");
        }
        return share > 0.99 && share < 1
                ? Wording.say("words.percent.over-ninety-nine")
                : Wording.say("words.percent.of", Math.round(share * 100));
    }
}
