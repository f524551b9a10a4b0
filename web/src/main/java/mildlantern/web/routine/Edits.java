package mildlantern.web.routine;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Corrects entries of the log, and puts back what was taken back. The log itself is never changed: another entry stands for the one of before,
 * whose wording stays to be read.
 */
@Service
public class Edits {
    /** Entries that more hangs on than what they say; they are taken back and written anew. */
    private static final Set<LogKind> AS_THEY_ARE = EnumSet.of(
            LogKind.ARRIVED,
            LogKind.PHOTO,
            LogKind.SHIFTED,
            LogKind.SPLIT,
            LogKind.PROPAGATED,
            LogKind.RETIRED,
            LogKind.LOST,
            LogKind.UNDONE);

    private final LogBook log;
    private final TakeBack takeBack;
    private final RecordWriter writer;
    private final Routine routine;
    private final WrittenForms forms;

    Edits(LogBook log, TakeBack takeBack, RecordWriter writer, Routine routine, WrittenForms forms) {
        this.log = log;
        this.takeBack = takeBack;
        this.writer = writer;
        this.routine = routine;
        this.forms = forms;
    }

    /** Whether an entry can be corrected, or put back. */
    public static boolean may(LogLine line) {
        return !AS_THEY_ARE.contains(line.kind());
    }

    /**
     * Puts another entry in place of one, once.
     *
     * @param entry what really happened; of the same kind
     * @param words further words; may be blank
     * @throws TakeBack.CannotTakeBack if a later entry builds on it; then nothing is changed
     */
    @Transactional(rollbackFor = TakeBack.CannotTakeBack.class)
    public void edit(CollectionId collection, LogLine old, FormKey form, LocalDate day, LogEntry entry, String words)
            throws TakeBack.CannotTakeBack {
        routine.change(collection, List.of(old.plant()), () -> {
            if (may(old) && !log.takenBack(collection, old.id()) && forms.firstTime(collection, form)) {
                takeBack.entry(collection, old.id());
                write(collection, old, day, entry, words);
            }
            return old;
        });
    }

    /**
     * Puts an entry back that was taken back; one that stands already, or for which another stands, is left.
     *
     * @throws NotHere if the collection has no such entry
     */
    @Transactional
    public LogLine putBack(CollectionId collection, EntryId id) {
        LogLine old = log.find(collection, id).orElseThrow(() -> new NotHere("entry"));
        return routine.change(collection, List.of(old.plant()), () -> {
            if (may(old) && log.takenBack(collection, id) && !log.stoodFor(collection, id)) {
                write(collection, old, old.onDay(), old.entry(), old.words().orElse(""));
            }
            return old;
        });
    }

    private void write(CollectionId collection, LogLine old, LocalDate day, LogEntry entry, String words) {
        LogEntry again = entry instanceof LogEntry.Moved moved
                ? new LogEntry.Moved(Optional.empty(), moved.to(), OptionalDouble.empty(), OptionalDouble.empty())
                : entry;
        writer.write(
                collection,
                old.plant(),
                day,
                List.of(new RecordWriter.Line(again, words.isBlank() ? null : words.strip(), Optional.of(old.id()))),
                Optional.empty());
    }
}
