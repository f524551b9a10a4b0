package mildlantern.web.exchange;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
     * @param here how many rows are here already, and do not come in again
     * @param problems what is wrong, by row
     * @param unknown values that are not known here, each with what it may mean
     * @param askDays a day of the table that can be read as two, where nothing says which of day and month comes first
     * @param mends what was mended so far
     */
    record Preview(
            BatchId draft,
            CsvColumns.What what,
            List<String> heads,
            Map<String, Integer> match,
            List<RowMade> rows,
            int good,
            int here,
            List<Problem> problems,
            List<Unknown> unknown,
            Optional<String> askDays,
            CsvMends mends) {
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

    /**
     * A row and what it would become.
     *
     * @param here whether it is here already
     */
    record RowMade(int number, String words, boolean good, boolean here) {}

    /**
     * What is wrong with a row; row 0 is the head.
     *
     * @param field the cell that can be written anew; blank where none can
     * @param written what stands in it
     */
    record Problem(int row, String words, String field, String written) {
        /** The name under which the cell is written anew. */
        public String mend() {
            return CsvMends.cell(row, field);
        }
    }

    /** Something that a value may mean: what is read for it, and in words. */
    record Choice(String read, String words) {}

    /**
     * A value that is not known here.
     *
     * @param rows in how many rows it stands
     * @param choices what it may mean, the likeliest first
     */
    record Unknown(String field, String written, int rows, List<Choice> choices) {
        /** The name under which it is said what it means. */
        public String mend() {
            return CsvMends.value(field, written);
        }
    }

    private static final int ROWS_SHOWN = 12;

    /**
     * What a table would become.
     *
     * @param chosen columns by field as the grower chose them; what is missing is matched by name
     */
    @Transactional(readOnly = true)
    Preview preview(CollectionId collection, BatchId id, Map<String, Integer> chosen) {
        CsvDrafts.Draft draft = csvDrafts.draft(collection, id);
        Map<String, Integer> match =
                CsvColumns.match(draft.what(), draft.table().heads(), chosen);
        Made made = made(collection, draft, match, id);
        return new Preview(
                id,
                draft.what(),
                draft.table().heads(),
                match,
                made.rows(),
                made.good(),
                made.here(),
                made.problems(),
                made.unknown(),
                made.askDays(),
                draft.mends());
    }

    /** What became of a table, row by row. */
    private record Made(
            List<RowMade> rows,
            List<Problem> problems,
            Set<PlantId> touched,
            List<Runnable> writes,
            int good,
            int here,
            List<Unknown> unknown,
            Optional<String> askDays) {}

    private Made made(CollectionId collection, CsvDrafts.Draft draft, Map<String, Integer> match, BatchId batch) {
        List<RowMade> rows = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (CsvColumns.Field field : CsvColumns.fields(draft.what())) {
            if (field.needed() && match.getOrDefault(field.id(), -1) < 0) {
                problems.add(new Problem(0, Wording.say("exchange.csv-in.choose-which-column", field.words()), "", ""));
            }
        }
        if (!problems.isEmpty()) {
            return new Made(rows, problems, Set.of(), List.of(), 0, 0, List.of(), Optional.empty());
        }
        LocalDate today = LocalDate.now(clock);
        Optional<String> askDays = Optional.empty();
        CsvMends mends = draft.mends();
        if (mends.monthFirst().isEmpty()) {
            List<String> days = days(draft, match);
            Optional<Boolean> said = days.stream()
                    .map(CsvRow::monthFirst)
                    .flatMap(Optional::stream)
                    .findFirst();
            askDays = said.isPresent()
                    ? Optional.empty()
                    : days.stream().filter(CsvRow::twoDays).findFirst();
            if (said.isPresent()) {
                mends = mends.with(Map.of("days", said.get() ? "month" : "day"));
            }
            askDays.ifPresent(
                    day -> problems.add(new Problem(0, Wording.say("exchange.csv-in.which-day", day), "", "")));
        }
        RowMaker maker = draft.what() == CsvColumns.What.PLANTS
                ? plantsOfTable.of(collection, batch)
                : entriesOfTable.of(collection, batch, today);
        Set<PlantId> touched = new HashSet<>();
        List<Runnable> writes = new ArrayList<>();
        Map<String, Unknown> unknown = new LinkedHashMap<>();
        int here = 0;
        int bad = 0;
        int number = 1;
        for (List<String> cells : draft.table().rows()) {
            number++;
            CsvRow row = new CsvRow(number, match, cells, today, mends);
            RowMaker.Made made = maker.make(row);
            boolean again = made.here() && !mends.doubles();
            boolean fine = row.problems().isEmpty() || again;
            if (!again) {
                made.plant().ifPresent(touched::add);
                writes.add(made.write());
                problems.addAll(row.problems());
                row.unknown()
                        .forEach(one -> unknown.merge(
                                one.mend(),
                                one,
                                (first, next) -> new Unknown(
                                        first.field(), first.written(), first.rows() + 1, first.choices())));
            }
            here += again ? 1 : 0;
            bad += fine ? 0 : 1;
            if (rows.size() < ROWS_SHOWN || !fine) {
                rows.add(new RowMade(number, made.words(), fine, again));
            }
        }
        return new Made(
                rows, problems, touched, writes, writes.size() - bad, here, List.copyOf(unknown.values()), askDays);
    }

    private static List<String> days(CsvDrafts.Draft draft, Map<String, Integer> match) {
        return CsvColumns.DAYS.stream()
                .map(field -> match.getOrDefault(field, -1))
                .filter(column -> column >= 0)
                .flatMap(column -> draft.table().rows().stream().map(cells -> cells.get(column)))
                .toList();
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
                    preview.good() + (int) preview.bad() + preview.here(),
                    0,
                    List.of(),
                    List.of(),
                    Optional.empty(),
                    preview.mends());
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
