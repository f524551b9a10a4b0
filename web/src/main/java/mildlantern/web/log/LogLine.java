package mildlantern.web.log;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Optional;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.SignedIn;
import org.jspecify.annotations.Nullable;

/**
 * An entry of a plant's log with all that is kept beside it.
 *
 * @param onDay when it happened
 * @param entry what happened
 * @param words further words
 * @param writtenAt when it was written; always after the plant's entries before
 * @param batch what was written together with it, and can be taken back together
 * @param undoes the entry that this one takes back
 * @param before what of the plant this entry changed, as it was before
 * @param writtenBy the name of who wrote it
 * @param replaces the entry that it stands for, which was edited or put back
 */
public record LogLine(
        EntryId id,
        PlantId plant,
        LocalDate onDay,
        LogEntry entry,
        Optional<String> words,
        OffsetDateTime writtenAt,
        Optional<BatchId> batch,
        Optional<EntryId> undoes,
        Optional<PlantState> before,
        Optional<String> writtenBy,
        Optional<EntryId> replaces) {

    /** A new entry; the words may be null. */
    public static LogLine of(
            PlantId plant, LocalDate onDay, LogEntry entry, @Nullable String words, OffsetDateTime writtenAt) {
        return new LogLine(
                EntryId.fresh(),
                plant,
                onDay,
                entry,
                Optional.ofNullable(words),
                writtenAt,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                SignedIn.now().map(SignedIn::name),
                Optional.empty());
    }

    public LogLine inBatch(Optional<BatchId> together) {
        return new LogLine(id, plant, onDay, entry, words, writtenAt, together, undoes, before, writtenBy, replaces);
    }

    public LogLine replacing(Optional<EntryId> other) {
        return new LogLine(id, plant, onDay, entry, words, writtenAt, batch, undoes, before, writtenBy, other);
    }

    public LogLine undoing(EntryId other) {
        return new LogLine(
                id, plant, onDay, entry, words, writtenAt, batch, Optional.of(other), before, writtenBy, replaces);
    }

    public LogLine over(PlantState state) {
        return new LogLine(
                id, plant, onDay, entry, words, writtenAt, batch, undoes, Optional.of(state), writtenBy, replaces);
    }

    public LogKind kind() {
        return entry.kind();
    }

    /** What happened, if it is of a kind. */
    public <T extends LogEntry> Optional<T> as(Class<T> type) {
        return type.isInstance(entry) ? Optional.of(type.cast(entry)) : Optional.empty();
    }
}
