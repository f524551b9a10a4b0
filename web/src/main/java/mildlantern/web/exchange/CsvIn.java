package mildlantern.web.exchange;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import mildlantern.log.QuickLine;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogWords;
import mildlantern.web.log.Treatments;
import mildlantern.web.plant.Kinds;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.PotWords;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.PlainNumbers;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Brings plants and entries of the log in from a table: columns are matched by their names, every row is checked and told what is
 * wrong with it, and either all rows come in or none.
 */
@Service
class CsvIn {
    private static final List<DateTimeFormatter> DAYS = List.of(
            DateTimeFormatter.ISO_LOCAL_DATE,
            DateTimeFormatter.ofPattern("d.M.yyyy", Locale.ROOT),
            DateTimeFormatter.ofPattern("d/M/yyyy", Locale.ROOT),
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK));

    private final Stops stops;
    private final Plants plants;
    private final Kinds kinds;
    private final PlantKnowledge knowledge;
    private final RecordWriter log;
    private final Routine routine;
    private final Treatments treatments;
    private final WrittenForms forms;
    private final Clock clock;
    private final CsvDrafts csvDrafts;

    CsvIn(
            Stops stops,
            Plants plants,
            Kinds kinds,
            PlantKnowledge knowledge,
            RecordWriter log,
            Routine routine,
            Treatments treatments,
            WrittenForms forms,
            Clock clock,
            CsvDrafts csvDrafts) {
        this.stops = stops;
        this.plants = plants;
        this.kinds = kinds;
        this.knowledge = knowledge;
        this.log = log;
        this.routine = routine;
        this.treatments = treatments;
        this.forms = forms;
        this.clock = clock;
        this.csvDrafts = csvDrafts;
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

    /** CsvColumns.What is wrong with a row; row 0 is the head. */
    record Problem(int row, String words) {}

    private static final int ROWS_SHOWN = 12;

    /**
     * CsvColumns.What a table would become.
     *
     * @param chosen columns by field as the grower chose them; what is missing is matched by name
     */
    @Transactional(readOnly = true)
    Preview preview(CollectionId collection, BatchId id, Map<String, Integer> chosen) {
        CsvDrafts.Draft draft = csvDrafts.draft(collection, id);
        Map<String, Integer> match = match(draft, chosen);
        Reader reader = new Reader(collection, draft.table(), match, id);
        reader.read(draft.what());
        return new Preview(id, draft.what(), draft.table().heads(), match, reader.rows, reader.good, reader.problems);
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
                CsvDrafts.Draft draft = csvDrafts.draft(collection, id);
                Reader reader = new Reader(collection, draft.table(), preview.match(), id);
                reader.read(draft.what());
                reader.write();
            });
        }
        return preview;
    }

    /** Takes back all that came in with a table. */
    @Transactional(rollbackFor = RecordWriter.CannotTakeBack.class)
    int takeBack(CollectionId collection, BatchId batch) throws RecordWriter.CannotTakeBack {
        return log.takeBackBatch(collection, batch);
    }

    private final class Reader {
        private final CollectionId collection;
        private final CsvTable table;
        private final Map<String, Integer> match;
        private final BatchId batch;
        private final LocalDate today = LocalDate.now(clock);
        private final List<RowMade> rows = new ArrayList<>();
        private final List<Problem> problems = new ArrayList<>();
        private final List<Runnable> writing = new ArrayList<>();
        private final Set<PlantId> touched = new HashSet<>();
        private int good;

        Reader(CollectionId collection, CsvTable table, Map<String, Integer> match, BatchId batch) {
            this.collection = collection;
            this.table = table;
            this.match = match;
            this.batch = batch;
        }

        private String cell(List<String> row, String field) {
            int at = match.getOrDefault(field, -1);
            return at < 0 ? "" : row.get(at);
        }

        void read(CsvColumns.What what) {
            for (CsvColumns.Field field : CsvColumns.fields(what)) {
                if (field.needed() && match.getOrDefault(field.id(), -1) < 0) {
                    problems.add(new Problem(0, "Choose which column is the " + field.words() + "."));
                }
            }
            if (!problems.isEmpty()) {
                return;
            }
            Maker maker = what == CsvColumns.What.PLANTS ? new PlantMaker() : new Entries();
            int number = 1;
            for (List<String> row : table.rows()) {
                number++;
                int before = problems.size();
                String words = maker.make(row, number);
                boolean fine = problems.size() == before;
                good += fine ? 1 : 0;
                if (rows.size() < ROWS_SHOWN || !fine) {
                    rows.add(new RowMade(number, words, fine));
                }
            }
        }

        void write() {
            routine.write(collection, touched, () -> writing.forEach(Runnable::run));
        }

        /** Says so where a text is longer than its place. */
        private void atMost(List<String> row, String field, int most, int number) {
            int length = cell(row, field).length();
            if (length > most) {
                wrong(number, "The %s has %d letters; %d are the most.".formatted(field, length, most));
            }
        }

        private void wrong(int row, String words) {
            problems.add(new Problem(row, words));
        }

        private Optional<LocalDate> day(String text, int row) {
            if (text.isBlank()) {
                return Optional.empty();
            }
            for (DateTimeFormatter format : DAYS) {
                try {
                    LocalDate day = LocalDate.parse(text, format);
                    if (day.isAfter(today)) {
                        wrong(row, "'" + text + "' has not come yet.");
                    }
                    return Optional.of(day);
                } catch (DateTimeParseException e) {
                    // The next format may fit.
                }
            }
            wrong(row, "'" + text + "' is no day; write it as 2026-11-24.");
            return Optional.empty();
        }

        private @Nullable Double number(String text, double low, double high, String what, int row) {
            if (text.isBlank()) {
                return null;
            }
            try {
                double value = PlainNumbers.read(text);
                if (value >= low && value <= high) {
                    return value;
                }
                wrong(row, "%s is %s; allowed is %s to %s.".formatted(what, text, low, high));
            } catch (NumberFormatException e) {
                wrong(row, "'" + text + "' is no number for the " + what + ".");
            }
            return null;
        }

        /** Makes something of a row, or says what is wrong with it. */
        private interface Maker {
            String make(List<String> row, int number);
        }

        private final class PlantMaker implements Maker {
            private final Map<String, Stop> stops = CsvIn.this.stops.walk(collection).stream()
                    .collect(Collectors.toMap(stop -> stop.name().toLowerCase(Locale.ROOT), stop -> stop, (a, b) -> a));
            private final Map<String, Profile> byName = new HashMap<>();
            private final Set<String> numbers = plants.names(collection).stream()
                    .map(QuickLine.Named::also)
                    .collect(Collectors.toCollection(HashSet::new));
            private final Map<StopId, Integer> places = new HashMap<>();

            PlantMaker() {
                for (Profile profile : kinds.all(collection)) {
                    byName.put(profile.id(), profile);
                    byName.put(profile.name().toLowerCase(Locale.ROOT), profile);
                    byName.put(profile.botanical().toLowerCase(Locale.ROOT), profile);
                }
            }

            @Override
            public String make(List<String> row, int number) {
                String name = cell(row, "name");
                if (name.isBlank() || name.length() > 80) {
                    wrong(number, "It needs a name of 1 to 80 characters.");
                }
                Stop stop = stops.get(cell(row, "stop").toLowerCase(Locale.ROOT));
                if (stop == null) {
                    wrong(number, "There is no stop '" + cell(row, "stop") + "'; add it to the walk first.");
                }
                Profile kind = byName.get(cell(row, "kind").toLowerCase(Locale.ROOT));
                if (kind == null) {
                    wrong(number, "'" + cell(row, "kind") + "' is no kind that is known here.");
                }
                String accession = cell(row, "number");
                if (!accession.isBlank() && !numbers.add(accession)) {
                    wrong(number, "The number '" + accession + "' is taken.");
                }
                atMost(row, "cultivar", 80, number);
                atMost(row, "number", 40, number);
                atMost(row, "source", 120, number);
                String medium = cell(row, "medium").isBlank() ? null : medium(cell(row, "medium"), number);
                PotKind pot = pot(cell(row, "pot"), number);
                WaterSource water = water(cell(row, "water"), number);
                Double cm = number(cell(row, "cm"), 2, 200, "pot in cm", number);
                Double leaves = number(cell(row, "leaves"), 0, 5000, "leaves", number);
                Optional<LocalDate> came = day(cell(row, "came"), number);
                Optional<LocalDate> potted = day(cell(row, "potted"), number);
                if (stop != null && kind != null) {
                    writing.add(() -> {
                        int place = places.merge(
                                stop.id(), CsvIn.this.plants.nextPlace(collection, stop.id()), (was, fresh) -> was + 1);
                        Plant plant = new Plant(PlantId.fresh(), collection, stop.id(), place, name, kind.id())
                                .named(blank(cell(row, "cultivar")), blank(accession), blank(cell(row, "source")))
                                .acquired(came.orElse(null))
                                .potted(pot, cm, medium == null ? kind.media().get(0) : medium, potted.orElse(null))
                                .kept(water, null, null, null, null)
                                .counted(leaves == null ? 0 : leaves.intValue(), 0, 0, 0, 0);
                        log.store(plant);
                        log.arrived(plant, came.orElse(today), batch);
                    });
                }
                return name + (kind == null ? "" : ", " + kind.name()) + (stop == null ? "" : ", " + stop.name());
            }

            private @Nullable String medium(String text, int row) {
                Optional<String> id = knowledge.media().stream()
                        .filter(medium -> medium.id().equalsIgnoreCase(text)
                                || medium.name().equalsIgnoreCase(text))
                        .map(medium -> medium.id())
                        .findFirst();
                if (id.isEmpty()) {
                    wrong(
                            row,
                            "'" + text + "' is no medium; known are "
                                    + knowledge.media().stream()
                                            .map(medium -> medium.name())
                                            .collect(Collectors.joining(", "))
                                    + ".");
                }
                return id.orElse(null);
            }

            private PotKind pot(String text, int row) {
                if (text.isBlank()) {
                    return PotKind.PLASTIC;
                }
                Optional<PotKind> pot = Arrays.stream(PotKind.values())
                        .filter(kind -> kind.name().equalsIgnoreCase(text)
                                || PotWords.of(kind).equalsIgnoreCase(text))
                        .findFirst();
                if (pot.isEmpty()) {
                    wrong(row, "'" + text + "' is no pot; write clay, plastic, tray or mount.");
                }
                return pot.orElse(PotKind.PLASTIC);
            }
        }

        private static @Nullable String blank(String text) {
            return text.isBlank() ? null : text;
        }

        private @Nullable WaterSource water(String text, int row) {
            if (text.isBlank()) {
                return null;
            }
            String plain =
                    text.toLowerCase(Locale.ROOT).replaceAll("[ _-]+", "_").replace("_water", "");
            Optional<WaterSource> source = Arrays.stream(WaterSource.values())
                    .filter(value -> value.name().toLowerCase(Locale.ROOT).equals(plain)
                            || LogWords.water(value).equalsIgnoreCase(text)
                            || (plain.equals("tap") && value == WaterSource.SOFT_TAP))
                    .findFirst();
            if (source.isEmpty()) {
                wrong(row, "'" + text + "' is no water; write rain, soft tap, hard tap, reverse osmosis or distilled.");
            }
            return source.orElse(null);
        }

        /** A row of the log is read as the line of the quick field that it stands for. */
        private final class Entries implements Maker {
            private final List<QuickLine.Named<PlantId>> plants = CsvIn.this.plants.names(collection);
            private final Map<PlantId, Plant> byId =
                    CsvIn.this.plants.plants(collection).stream().collect(Collectors.toMap(Plant::id, plant -> plant));
            private final QuickLine lines;

            Entries() {
                Map<String, String> media = new LinkedHashMap<>();
                knowledge.media().forEach(medium -> media.put(medium.name(), medium.id()));
                lines = new QuickLine(
                        new QuickLine.Names(
                                plants,
                                CsvIn.this.stops.walk(collection).stream()
                                        .map(stop -> new QuickLine.Named<>(stop.id(), stop.name(), ""))
                                        .toList(),
                                media,
                                treatments.reader(collection)),
                        today);
            }

            @Override
            public String make(List<String> row, int number) {
                String who = cell(row, "plant");
                List<QuickLine.Named<PlantId>> named = plants.stream()
                        .filter(plant -> plant.name().equalsIgnoreCase(who)
                                || (!who.isBlank() && plant.also().equalsIgnoreCase(who)))
                        .toList();
                if (named.size() != 1) {
                    wrong(
                            number,
                            named.isEmpty()
                                    ? "No plant is called '" + who + "'."
                                    : "'" + who + "' could be " + named.size() + " plants; give the number.");
                }
                Optional<LocalDate> day = day(cell(row, "day"), number);
                if (cell(row, "day").isBlank()) {
                    wrong(number, "It needs a day.");
                }
                String what = (cell(row, "what").replace('_', ' ') + " " + cell(row, "amount") + " "
                                + cell(row, "water").toLowerCase(Locale.ROOT).replace('_', ' ') + " "
                                + cell(row, "treated"))
                        .strip();
                if (cell(row, "what").isBlank()) {
                    wrong(number, "It needs something that was done, as in: watered.");
                    return who;
                }
                QuickLine.Understood understood =
                        lines.read(what, Optional.of(new QuickLine.Named<>(new PlantId(new UUID(0, 0)), "", "")));
                understood.problems().forEach(problem -> wrong(number, problem));
                atMost(row, "words", LogBook.LONGEST_WORDS / 2, number);
                atMost(row, "what", LogBook.LONGEST_WORDS / 2, number);
                String words = cell(row, "words");
                if (named.size() == 1 && day.isPresent()) {
                    Plant plant = byId.get(named.get(0).id());
                    if (plant != null) {
                        touched.add(plant.id());
                        writing.add(() -> understood.said().forEach(said -> {
                            log.add(
                                    CsvIn.this.plants.plant(collection, plant.id()),
                                    day.get(),
                                    new RecordWriter.Line(said.entry(), blank((said.words() + " " + words).strip())),
                                    Optional.of(batch));
                        }));
                    }
                }
                return who + ": "
                        + understood.said().stream()
                                .map(said -> LogWords.said(said.entry(), said.words()))
                                .collect(Collectors.joining(", "));
            }
        }
    }
}
