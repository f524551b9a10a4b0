package mildlantern.treatment;

import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.FindingId;

/**
 * Whether two trials can run at once on one plant and still teach something: neither may do what the other holds, and they must
 * be judged by different signs, or nobody can tell which of them worked.
 *
 * @param kind how they go together
 * @param hold what one does and the other holds, where they clash
 * @param shared ids of the findings that both are judged by, where they blur each other
 */
public record SideBySide(Kind kind, Optional<Hold> hold, List<FindingId> shared) {
    /** How two trials go together. */
    public enum Kind {
        /** They are the same change, which serves both causes. */
        SAME,
        /** They are judged by different signs and do not hinder each other. */
        APART,
        /** Both are judged by the same sign. */
        BLUR,
        /** One does what the other holds. */
        CLASH
    }

    /** Weighs two trials against each other; the order plays no part. */
    public static SideBySide of(Trial one, Trial other) {
        if (one.id().equals(other.id())) {
            return new SideBySide(Kind.SAME, Optional.empty(), one.recheck());
        }
        Optional<Hold> clash = firstOf(one.does(), other.holds()).or(() -> firstOf(other.does(), one.holds()));
        if (clash.isPresent()) {
            return new SideBySide(Kind.CLASH, clash, List.of());
        }
        List<FindingId> shared =
                one.recheck().stream().filter(other.recheck()::contains).toList();
        return new SideBySide(shared.isEmpty() ? Kind.APART : Kind.BLUR, Optional.empty(), shared);
    }

    private static Optional<Hold> firstOf(List<Hold> done, List<Hold> held) {
        return done.stream().filter(held::contains).findFirst();
    }
}
