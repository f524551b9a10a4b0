package mildlantern.web.exchange;

import static java.util.Map.entry;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import mildlantern.plant.BotanicalName;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.web.plant.Kinds;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.Wording;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Gives plants and the log out as tables for a spreadsheet: UTF-8 with a mark, commas, days as 2026-11-24. A text that a spreadsheet
 * would take for a formula is given an apostrophe in front.
 */
@Service
@Transactional(readOnly = true)
class CsvOut {
    private static final char MARK = '\uFEFF';
    private static final int FETCH = 1000;
    private static final CSVFormat FORMAT = CSVFormat.EXCEL;

    private static final String PLANTS = """
            select p.name as name, p.accession as number, p.profile as kind,
                concat(p.profile, chr(10), p.cultivar) as botanical_name, p.cultivar as cultivar, s.name as stop,
                p.source as source, p.acquired_on as came_on, p.pot_kind as pot, p.pot_diameter_cm as pot_cm,
                p.pot_height_cm as pot_height_cm, nullif(p.reservoir_ml, 0) as reservoir_ml, p.medium as medium,
                p.potted_on as potted_on, p.water_source as water, p.feed_strength as feed_strength,
                p.stage as stage, p.leaves as leaves, p.growths as growths, p.offsets as offsets,
                lower(p.state) as state, p.ended_on as ended_on, p.ended_cause as ended_of
            from plant p join stop s on s.id = p.stop_id
            where p.collection_id = ? and p.state <> 'WITHDRAWN' order by s.position, p.place_on_stop, p.name
            """;

    private static final String LOG = """
            select p.name as plant, p.accession as number, h.on_day as day, lower(h.kind) as what, (h.entry -> 'amount_ml')::integer as amount_ml,
                h.entry ->> 'water' as water, lower(h.entry ->> 'way') as way, lower(h.entry ->> 'found') as found, lower(h.entry ->> 'top') as top,
                lower(h.entry ->> 'middle') as middle, lower(h.entry ->> 'bottom') as bottom, (h.entry -> 'grams')::integer as grams, lower(h.entry ->> 'yardstick') as weight_is,
                case when h.kind <> 'SPRAYED' then h.entry ->> 'product' end as feed, (h.entry -> 'mg_nitrogen')::double precision as mg_nitrogen, (h.entry -> 'diameter_cm')::double precision as pot_cm, h.entry ->> 'medium' as medium,
                f.name as from_stop, t.name as to_stop, (h.entry -> 'temperature_step')::double precision as warmer_by, (h.entry -> 'light_ratio')::double precision as light_times,
                lower(h.entry ->> 'counted') as counted, (h.entry -> 'number')::integer as count,
                concat_ws(' ', coalesce(h.entry ->> 'means', lower(h.entry ->> 'spray')), case when h.kind = 'SPRAYED' then h.entry ->> 'product' end) as treated_with, h.detail as words
            from happening h join plant p on p.id = h.plant_id
                left join stop f on f.id = (h.entry ->> 'from_stop')::uuid left join stop t on t.id = (h.entry ->> 'to_stop')::uuid
            where h.collection_id = ? and h.kind <> 'UNDONE'
                and not exists (select 1 from happening u where u.collection_id = h.collection_id and u.undoes = h.id)
            order by h.on_day, h.written_at, p.name
            """;

    private final JdbcTemplate jdbc;
    private final PlantKnowledge knowledge;
    private final Kinds kinds;

    CsvOut(JdbcTemplate jdbc, PlantKnowledge knowledge, Kinds kinds) {
        this.knowledge = knowledge;
        this.kinds = kinds;
        this.jdbc = new JdbcTemplate(Objects.requireNonNull(jdbc.getDataSource()));
        this.jdbc.setFetchSize(FETCH);
    }

    void plants(CollectionId collection, Writer out) throws IOException {
        write(PLANTS, collection, out);
    }

    void log(CollectionId collection, Writer out) throws IOException {
        write(LOG, collection, out);
    }

    /** The words of a column whose cells are kept as codes; all other cells go out as they are. */
    private Map<String, UnaryOperator<String>> words(CollectionId collection) {
        Map<String, String> media = knowledge.media().stream().collect(Collectors.toMap(Medium::id, Medium::name));
        Map<String, String> kindNames =
                kinds.all(collection).stream().collect(Collectors.toMap(Profile::id, Profile::name));
        Map<String, String> latin =
                kinds.all(collection).stream().collect(Collectors.toMap(Profile::id, Profile::botanical));
        UnaryOperator<String> spaced = code -> code.replace('_', ' ').toLowerCase(Locale.ROOT);
        return Map.ofEntries(
                entry("kind", id -> kindNames.getOrDefault(id, id)),
                entry("botanical_name", code -> botanical(code, latin)),
                entry("medium", id -> media.getOrDefault(id, id)),
                entry("pot", code -> Wording.of(PotKind.valueOf(code))),
                entry("water", code -> Wording.of(WaterSource.valueOf(code))),
                entry("feed_strength", code -> Wording.of(FeedStrength.valueOf(code))),
                entry("stage", code -> Wording.of(Stage.valueOf(code))),
                entry("state", spaced),
                entry("what", spaced),
                entry("way", spaced),
                entry("found", spaced));
    }

    /** A kind and its cultivar, in two lines, as growers write them. */
    private static String botanical(String kindAndCultivar, Map<String, String> latin) {
        String[] lines = kindAndCultivar.split("\n", 2);
        return BotanicalName.of(
                        latin.getOrDefault(lines[0], lines[0]),
                        Optional.of(lines[1]).filter(it -> !it.isBlank()))
                .plain();
    }

    private void write(String query, CollectionId collection, Writer out) throws IOException {
        Map<String, UnaryOperator<String>> words = words(collection);
        out.write(MARK);
        try (CSVPrinter printer = new CSVPrinter(out, FORMAT)) {
            boolean[] head = {true};
            jdbc.query(
                    query,
                    row -> {
                        try {
                            int columns = row.getMetaData().getColumnCount();
                            Object[] cells = new Object[columns];
                            if (head[0]) {
                                for (int i = 0; i < columns; i++) {
                                    cells[i] = row.getMetaData().getColumnLabel(i + 1);
                                }
                                printer.printRecord(cells);
                                head[0] = false;
                            }
                            for (int i = 0; i < columns; i++) {
                                Object cell = row.getObject(i + 1);
                                UnaryOperator<String> worded =
                                        words.get(row.getMetaData().getColumnLabel(i + 1));
                                cells[i] =
                                        cell(cell instanceof String code && worded != null ? worded.apply(code) : cell);
                            }
                            printer.printRecord(Arrays.asList(cells));
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    },
                    collection.value());
        }
    }

    /** Never a formula. */
    static @Nullable Object cell(@Nullable Object value) {
        return value instanceof String text && !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0
                ? "'" + text
                : value;
    }
}
