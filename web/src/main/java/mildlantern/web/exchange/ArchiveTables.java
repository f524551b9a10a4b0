package mildlantern.web.exchange;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import mildlantern.web.log.LogBook;

/**
 * What an archive holds: a zip of {@code collection.json} and the photos. Rows are known in it by keys of its own ({@code plant-12}), counted in
 * an order that follows from their content, so that the same collection gives the same file whatever ids a database has given it. What the
 * product can work out anew is not in it.
 */
final class ArchiveTables {
    static final String FORMAT = "mild-lantern-archive";
    static final int VERSION = 1;
    static final String CONTENT = "collection.json";

    /** Keys, wherever they stand in a text. */
    static final Pattern KEY = Pattern.compile("\\b([a-z]+)-(\\d{1,8})\\b");

    private ArchiveTables() {}

    /**
     * A table in the archive.
     *
     * @param name its name, in the database and in the archive
     * @param prefix of its keys
     * @param order by what its rows are counted; nothing that one database chose
     * @param refs fields that name rows of other tables, or of its own
     * @param within a column that holds an object, whose fields stand beside the others in the archive; blank for none
     * @param fields the fields that such an object may have
     */
    record Table(
            String name, String prefix, String order, Map<String, String> refs, String within, Set<String> fields) {
        Table(String name, String prefix, String order, Map<String, String> refs) {
            this(name, prefix, order, refs, "", Set.of());
        }

        /** A row as one object, in SQL. */
        String row() {
            return within.isEmpty() ? "to_jsonb(t)" : "(to_jsonb(t) - '" + within + "' || t." + within + ")";
        }

        /** The order, down to rows that are alike but for whom they belong to. */
        String wholeOrder() {
            String left = String.join("' - '", refs.keySet());
            return order + ", md5((" + row() + " - 'id' - 'collection_id' - 'version' - 'batch'"
                    + (left.isEmpty() ? "" : " - '" + left + "'")
                    + (name.equals("photo") ? " - 'bytes' - 'thumbnail'" : "") + ")::text)";
        }
    }

    private static final String PLANT_NAME = "p.name || coalesce(p.drawn_from, p.id)::text";
    private static final String ITS_PLANT = "(select " + PLANT_NAME + " from plant p where p.id = t.plant_id)";
    private static final String ITS_CASE = "(select c.opened_on::text || " + PLANT_NAME
            + " from trouble_case c join plant p on p.id = c.plant_id where c.id = t.case_id)";
    private static final String ITS_ABSENCE =
            "(select a.leaves_on::text || a.state from absence a where a.id = t.absence_id)";
    private static final String ITS_COURSE = "(select c.started_on::text || " + PLANT_NAME
            + " from course c join plant p on p.id = c.plant_id where c.id = t.course_id)";
    private static final String ITS_CHANGE = "(select c.began_on::text || " + PLANT_NAME
            + " || c.state || c.words from care_change c join plant p on p.id = c.plant_id where c.id = t.change_id)";
    private static final String ITS_STOP = "(select s.position from stop s where s.id = t.stop_id)";

    static final List<Table> TABLES = List.of(
            new Table("stop", "stop", "t.position, t.name", Map.of()),
            new Table("own_kind", "kind", "t.name, t.nearest", Map.of()),
            new Table(
                    "plant",
                    "plant",
                    "t.name, t.accession, t.acquired_on, t.place_on_stop, coalesce(t.drawn_from, t.id)",
                    Map.of("stop_id", "stop", "mother_id", "plant", "profile", "own_kind")),
            new Table("stop_reading", "reading", ITS_STOP + ", t.on_day, t.written_at", Map.of("stop_id", "stop")),
            new Table(
                    "happening",
                    "entry",
                    "t.on_day, t.written_at, " + ITS_PLANT + ", t.kind, (t.entry -> 'amount_ml')::integer, t.detail",
                    Map.of(
                            "plant_id", "plant",
                            "from_stop", "stop",
                            "to_stop", "stop",
                            "undoes", "happening",
                            "replaces", "happening",
                            "before_state", "stop"),
                    "entry",
                    LogBook.FIELDS),
            new Table(
                    "trouble_case",
                    "case",
                    "t.opened_on, " + ITS_PLANT + ", t.closed_on",
                    Map.of("plant_id", "plant", "merged_into", "trouble_case")),
            new Table(
                    "case_answer",
                    "answer",
                    ITS_CASE + ", t.visit, t.pin, t.finding",
                    Map.of("case_id", "trouble_case")),
            new Table("case_trial", "trial", ITS_CASE + ", t.number", Map.of("case_id", "trouble_case")),
            new Table("case_opinion", "opinion", ITS_CASE + ", t.seq, t.cause", Map.of("case_id", "trouble_case")),
            new Table("case_recall", "recall", ITS_CASE + ", t.kind", Map.of("case_id", "trouble_case")),
            new Table(
                    "care_entry",
                    "care",
                    ITS_PLANT + ", t.written_at, t.setting, t.text",
                    Map.of("plant_id", "plant", "case_id", "trouble_case")),
            new Table(
                    "course",
                    "course",
                    "t.started_on, " + ITS_PLANT + ", t.disorder",
                    Map.of("case_id", "trouble_case", "plant_id", "plant")),
            new Table(
                    "course_step",
                    "step",
                    ITS_COURSE + ", t.on_day, t.phase, t.means, t.state",
                    Map.of("course_id", "course")),
            new Table(
                    "contact_look",
                    "contact",
                    ITS_COURSE + ", " + ITS_PLANT,
                    Map.of("course_id", "course", "plant_id", "plant")),
            new Table("own_product", "product", "t.name", Map.of()),
            new Table("own_feed", "feed", "t.name", Map.of()),
            new Table("own_water", "water", "t.source", Map.of()),
            new Table("sensor", "sensor", ITS_STOP + ", t.name, t.created_at", Map.of("stop_id", "stop")),
            new Table(
                    "errand",
                    "errand",
                    "t.on_day, " + ITS_PLANT + ", t.kind, t.words",
                    Map.of("plant_id", "plant", "to_stop", "stop")),
            new Table(
                    "setup_task",
                    "setup",
                    ITS_STOP + ", t.planned_on, t.what, t.state, t.amount, t.words",
                    Map.of("stop_id", "stop")),
            new Table(
                    "care_change",
                    "change",
                    "t.began_on, " + ITS_PLANT + ", t.kind, t.state, t.words",
                    Map.of("plant_id", "plant", "plant_kind", "own_kind", "from_stop", "stop", "to_stop", "stop")),
            new Table("care_promise", "promise", ITS_CHANGE + ", t.need", Map.of("change_id", "care_change")),
            new Table(
                    "hand_task",
                    "task",
                    "t.on_day, " + ITS_PLANT + ", t.what, t.errand, t.state",
                    Map.of("plant_id", "plant")),
            new Table("rooting", "rooting", "t.made_on, " + ITS_PLANT, Map.of("plant_id", "plant")),
            new Table("absence", "absence", "t.leaves_on, t.back_on, t.state", Map.of()),
            new Table(
                    "absence_plant",
                    "left",
                    ITS_ABSENCE + ", " + ITS_PLANT,
                    Map.of("absence_id", "absence", "plant_id", "plant")),
            new Table(
                    "absence_visit",
                    "visit",
                    ITS_ABSENCE + ", t.on_day, " + ITS_PLANT,
                    Map.of("absence_id", "absence", "plant_id", "plant")),
            new Table("own_trial", "owntrial", "t.started_on, t.way_a, t.way_b", Map.of()),
            new Table(
                    "own_trial_plant",
                    "compared",
                    "(select o.started_on::text || o.way_a from own_trial o where o.id = t.trial_id), " + ITS_PLANT,
                    Map.of("trial_id", "own_trial", "plant_id", "plant")),
            new Table(
                    "photo",
                    "photo",
                    ITS_PLANT + ", t.taken_on, t.caption, md5(t.bytes)",
                    Map.of("plant_id", "plant", "happening_id", "happening")));

    /** Columns of texts in which keys stand among other words. */
    static final Set<String> TEXTS = Set.of("before_state", "profile", "plant_kind", "batch");

    static Optional<Table> named(String name) {
        return TABLES.stream().filter(table -> table.name().equals(name)).findFirst();
    }
}
