package mildlantern.web.exchange;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.Routine;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Brings plants and entries of the log in from a table: columns are matched by their names, every row is checked and told what is
 * wrong with it, and either all rows come in or none.
 */
@Service
class CsvIn {
    private final Routine routine;
    private final WrittenForms forms;
    private final Clock clock;
    private final CsvDrafts csvDrafts;
    private final PlantsOfTable plantsOfTable;
    private final EntriesOfTable entriesOfTable;
    private final TakeBack takeBack;

    CsvIn(
            Routine routine,
            WrittenForms forms,
            Clock clock,
            CsvDrafts csvDrafts,
            PlantsOfTable plantsOfTable,
            EntriesOfTable entriesOfTable,
            TakeBack takeBack) {
        this.routine = routine;
        this.forms = forms;
        this.clock = clock;
        this.csvDrafts = csvDrafts;
        this.plantsOfTable = plantsOfTable;
        this.entriesOfTable = entriesOfTable;
        this.takeBack = takeBack;
    }

    /**
     * A table on its way in.
     *
     * @param draft where it waits
     * @param heads its columns
     * @param match for each field the number of its column, or -1
     * @param rows the first rows with what is made of each
     * @param good how many rows can come in
     * @param problems what is wrong, by row
     */
    record Preview(
            BatchId draft,
            CsvColumns.What what,
            List<String> heads,
            Map<String, Integer> match,
            List<RowMade> rows,
            int good,
            List<Problem> problems) {
        /** How many rows cannot come in. */
        public long bad() {
            return problems.stream()
                    .map(Problem::row)
                    .filter(row -> row > 0)
                    .distinct()
                    .count();
        }

        /** Whether it can come in as it is. */
        public boolean whole() {
            return problems.isEmpty() && good > 0;
        }
    }

    /** A row and what it would become. */
    record RowMade(int number, String words, boolean good) {}

    /** What is wrong with a row; row 0 is the head. */
    record Problem(int row, String words) {}

    private static final int ROWS_SHOWN = 12;

    /**
     * What a table would become.
     *
     * @param chosen columns by field as the grower chose them; what is missing is matched by name
     */
    @Transactional(readOnly = true)
    Preview preview(CollectionId collection, BatchId id, Map<String, Integer> chosen) {
        CsvDrafts.Draft draft = csvDrafts.draft(collection, id);
        Map<String, Integer> match = match(draft, chosen);
        Made made = made(collection, draft, match, id);
        return new Preview(id, draft.what(), draft.table().heads(), match, made.rows(), made.good(), made.problems());
    }

    /** What became of a table, row by row. */
    private record Made(
            List<RowMade> rows, List<Problem> problems, Set<PlantId> touched, List<Runnable> writes, int good) {}

    private Made made(CollectionId collection, CsvDrafts.Draft draft, Map<String, Integer> match, BatchId batch) {
        List<RowMade> rows = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (CsvColumns.Field field : CsvColumns.fields(draft.what())) {
            if (field.needed() && match.getOrDefault(field.id(), -1) < 0) {
                problems.add(new Problem(0, Wording.say("exchange.csv-in.choose-which-column", field.words())));
            }
        }
        if (!problems.isEmpty()) {
            return new Made(rows, problems, Set.of(), List.of(), 0);
        }
        LocalDate today = LocalDate.now(clock);
        RowMaker maker = draft.what() == CsvColumns.What.PLANTS
                ? plantsOfTable.of(collection, batch)
                : entriesOfTable.of(collection, batch, today);
        Set<PlantId> touched = new HashSet<>();
        List<Runnable> writes = new ArrayList<>();
        int number = 1;
        for (List<String> cells : draft.table().rows()) {
            number++;
            CsvRow row = new CsvRow(number, match, cells, today);
            RowMaker.Made made = maker.make(row);
            made.plant().ifPresent(touched::add);
            writes.add(made.write());
            problems.addAll(row.problems());
            boolean fine = row.problems().isEmpty();
            if (rows.size() < ROWS_SHOWN || !fine) {
                rows.add(new RowMade(number, made.words(), fine));
            }
        }
        int bad = (int) problems.stream().map(Problem::row).distinct().count();
        return new Made(rows, problems, touched, writes, writes.size() - bad);
    }

    private static Map<String, Integer> match(CsvDrafts.Draft draft, Map<String, Integer> chosen) {
        Map<String, Integer> match = new LinkedHashMap<>();
        Set<Integer> used = new HashSet<>(chosen.values());
        List<String> heads = draft.table().heads().stream().map(CsvTable::plain).toList();
        for (CsvColumns.Field field : CsvColumns.fields(draft.what())) {
            Integer column = chosen.get(field.id());
            if (column == null) {
                column = field.heads().stream()
                        .map(heads::indexOf)
                        .filter(at -> at >= 0 && !used.contains(at))
                        .findFirst()
                        .orElse(-1);
            }
            used.add(column);
            match.put(field.id(), column >= heads.size() ? -1 : column);
        }
        return match;
    }

    /**
     * Takes a table in, all of it or nothing, once.
     *
     * @return what came in, or what is wrong
     */
    @Transactional
    Preview take(CollectionId collection, BatchId id, Map<String, Integer> chosen) {
        Preview preview = preview(collection, id, chosen);
        if (forms.stored(collection, new FormKey(id.value()))) {
            // It came in when it was sent before; measured against itself it would be taken for a table of duplicates.
            return new Preview(
                    id,
                    preview.what(),
                    preview.heads(),
                    preview.match(),
                    preview.rows(),
                    preview.good() + (int) preview.bad(),
                    List.of());
        }
        if (preview.whole()) {
            forms.once(collection, new FormKey(id.value()), () -> {
                Made made = made(collection, csvDrafts.draft(collection, id), preview.match(), id);
                routine.write(collection, made.touched(), () -> made.writes().forEach(Runnable::run));
            });
        }
        return preview;
    }

    /** Takes back all that came in with a table. */
    @Transactional(rollbackFor = TakeBack.CannotTakeBack.class)
    int takeBack(CollectionId collection, BatchId batch) throws TakeBack.CannotTakeBack {
        return takeBack.batch(collection, batch);
    }
}
