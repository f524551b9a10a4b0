package mildlantern.outcome;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import mildlantern.care.Need;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;

/** Figures of {@code outcome.yaml}: how far a reading can be trusted, and from when a change is said to have helped. */
public final class OutcomeKnowledge {
    final double least;
    final double sure;
    final double daysAlike;
    final double leafSpread;
    final int leavesBefore;
    final double countSize;
    private final Map<Need.Kind, Error> errors = new EnumMap<>(Need.Kind.class);

    /**
     * How far a figure may be off; as a share of it where {@code inShares}.
     *
     * @param read where days were measured
     * @param reckoned where none were
     */
    record Error(boolean inShares, double read, double reckoned) {}

    private OutcomeKnowledge(Entry file) {
        least = file.number("least", 0, 1);
        sure = file.number("sure", 0.5, 1);
        daysAlike = file.number("days-alike", 1, 30);
        leafSpread = file.number("leaf-spread", 0.01, 2);
        leavesBefore = (int) file.number("leaves-before", 1, 1000);
        countSize = file.number("count-size", 0.1, 100);
        for (Need.Kind kind : Need.Kind.values()) {
            Entry error = file.at("errors").at(Words.id(kind));
            errors.put(
                    kind,
                    new Error(
                            "shares".equals(error.text("in")),
                            error.number("read", 0, 50),
                            error.number("reckoned", 0, 50)));
        }
    }

    /**
     * @throws mildlantern.knowledge.KnowledgeException if the file is wrong; the message names the key
     */
    public static OutcomeKnowledge load() {
        return new OutcomeKnowledge(KnowledgeFiles.open("outcome.yaml"));
    }

    Error error(Need.Kind kind) {
        return Objects.requireNonNull(errors.get(kind));
    }
}
