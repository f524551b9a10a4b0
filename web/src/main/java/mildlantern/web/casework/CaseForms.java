package mildlantern.web.casework;

import jakarta.validation.constraints.NotNull;
import java.util.Objects;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.log.LogKind;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.FormKey;
import org.jspecify.annotations.Nullable;

/** What the pages of a case send. What was not sent reads as blank. */
final class CaseForms {
    private CaseForms() {}

    private static String orBlank(@Nullable String text) {
        return Objects.requireNonNullElse(text, "");
    }

    /** What of the board is open: a part, what was looked for, or what the grower recalls. */
    record Open(Optional<String> part, String q, @Nullable Boolean recall) {
        Open {
            q = orBlank(q);
        }

        boolean recalls() {
            return Boolean.TRUE.equals(recall);
        }
    }

    /** An answer to a finding, and what of the board stays open. */
    record Answered(
            @NotNull CaseId id,
            @NotNull Long version,
            @NotNull FindingId finding,
            @NotNull String state,
            @NotNull String part,
            @Nullable Boolean stay,
            String q) {
        Answered {
            q = orBlank(q);
        }

        boolean stays() {
            return Boolean.TRUE.equals(stay);
        }
    }

    /** The causes between which a decision is made. */
    record Causes(Optional<DisorderId> cause, Optional<DisorderId> also) {}

    /** A decision as it was typed. */
    record Decision(
            @NotNull CaseId id,
            @NotNull FormKey form,
            @NotNull Long version,
            @NotNull DisorderId cause,
            String trial,
            Optional<DisorderId> also,
            String alsoTrial,
            String lookAgainOn,
            String note) {
        Decision {
            trial = orBlank(trial);
            alsoTrial = orBlank(alsoTrial);
            lookAgainOn = orBlank(lookAgainOn);
            note = orBlank(note);
        }
    }

    /** A turn of a case of which nothing more is said. */
    record Turn(
            @NotNull CaseId id,
            @NotNull FormKey form,
            @NotNull Long version) {}

    /** A turn of a case until a day, as it was typed. */
    record Until(
            @NotNull CaseId id,
            @NotNull FormKey form,
            @NotNull Long version,
            @NotNull String until) {}

    /** The next look of a case that goes on, as it was typed. */
    record GoOn(
            @NotNull CaseId id,
            @NotNull FormKey form,
            @NotNull Long version,
            @NotNull String lookAgainOn) {}

    /** How a case ended and what was learned. */
    record Closing(
            @NotNull CaseId id,
            @NotNull FormKey form,
            @NotNull Long version,
            @NotNull String outcome,
            String lesson) {
        Closing {
            lesson = orBlank(lesson);
        }
    }

    /** Whether something happened lately. */
    record Recalled(
            @NotNull CaseId id,
            @NotNull FormKey form,
            @NotNull Long version,
            @NotNull LogKind kind,
            CaseRecall.@NotNull Answer state) {}
}
