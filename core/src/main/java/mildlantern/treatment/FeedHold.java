package mildlantern.treatment;

import java.util.Optional;
import java.util.Set;

/** What a hold on feeding refuses. */
public final class FeedHold {
    private FeedHold() {}

    /**
     * Whether a plant may be fed: never while feeding is on hold.
     *
     * @param holds what must not be done on it now
     * @return a refusal, or nothing
     */
    public static Optional<Verdict> feeding(Set<Hold> holds) {
        return holds.contains(Hold.FEED)
                ? Optional.of(Verdict.refused(Rule.FEED_ON_HOLD.with(), Instead.HALF_WHEN_CLOSED.with()))
                : Optional.empty();
    }
}
