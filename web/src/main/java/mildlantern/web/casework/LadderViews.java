package mildlantern.web.casework;

import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;

/** What the templates show of the ladder of causes. */
final class LadderViews {
    private LadderViews() {}

    /** A cause on the ladder. */
    record Rung(
            DisorderId id,
            String name,
            String summary,
            String percent,
            int bar,
            String kind,
            String kindWords,
            List<Tag> tags,
            List<Said> speaksFor,
            List<Said> against,
            List<Said> moreFor,
            List<Said> moreAgainst,
            Optional<String> overturn) {}

    /**
     * A branch of the ladder: one cause, or several of one group that cannot be told apart yet.
     *
     * @param group what those are called together
     * @param likeliest which of them it may be, with how likely each is; empty for one cause
     */
    record Branch(Optional<String> group, String likeliest, String percent, int bar, List<Rung> rungs) {
        public String name() {
            return group.orElse(rungs.get(0).name());
        }
    }

    /** A mark on a rung. */
    record Tag(String words, boolean bright) {}

    /** A fact that speaks for or against; the pin is 0 where it comes from the record. */
    record Said(String sentence, int pin) {}
}
