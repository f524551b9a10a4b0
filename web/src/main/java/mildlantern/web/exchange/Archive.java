package mildlantern.web.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.collection.Routine;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * One file with everything of a collection: a zip of {@code collection.json} and the photos. Rows are known in it by keys of its own
 * ({@code plant-12}), counted in an order that follows from their content, so that the same collection gives the same file
 * whatever ids a database has given it. What the product can reckon anew is not in it.
 */
@Service
class Archive {
    static final String FORMAT = "mild-lantern-archive";
    static final int VERSION = 1;
    private static final String CONTENT = "collection.json";
    private static final int FETCH = 1000;
    private static final long MOST_BYTES = 2_000_000_000L;
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

    /**
     * A table in the archive.
     *
     * @param name its name, in the database and in the archive
     * @param prefix of its keys
     * @param order by what its rows are counted; nothing that one database chose
     * @param refs columns that name rows of other tables, or of its own
     */
    record Table(String name, String prefix, String order, Map<String, String> refs) {}

    static final List<Table> TABLES = List.of(
            new Table("stop", "stop", "t.position, t.name", Map.of()),
            new Table("own_kind", "kind", "t.name, t.nearest", Map.of()),
            new Table(
                    "plant",
                    "plant",
                    "t.name, t.accession, t.acquired_on, t.place_on_stop",
                    Map.of("stop_id", "stop", "mother_id", "plant", "profile", "own_kind")),
            new Table(
                    "stop_reading",
                    "reading",
                    "(select s.position from stop s where s.id = t.stop_id), t.on_day, t.written_at",
                    Map.of("stop_id", "stop")),
            new Table(
                    "happening",
                    "entry",
                    "t.on_day, t.written_at, (select p.name from plant p where p.id = t.plant_id), t.kind, t.amount_ml, t.detail",
                    Map.of(
                            "plant_id", "plant",
                            "from_stop", "stop",
                            "to_stop", "stop",
                            "undoes", "happening",
                            "before_state", "stop")),
            new Table(
                    "trouble_case",
                    "case",
                    "t.opened_on, (select p.name from plant p where p.id = t.plant_id), t.closed_on",
                    Map.of("plant_id", "plant", "merged_into", "trouble_case")),
            new Table(
                    "case_answer",
                    "answer",
                    "(select c.opened_on::text || p.name from trouble_case c join plant p on p.id = c.plant_id where c.id = t.case_id), t.visit, t.pin, t.finding",
                    Map.of("case_id", "trouble_case")),
            new Table(
                    "case_trial",
                    "trial",
                    "(select c.opened_on::text || p.name from trouble_case c join plant p on p.id = c.plant_id where c.id = t.case_id), t.number",
                    Map.of("case_id", "trouble_case")),
            new Table(
                    "case_opinion",
                    "opinion",
                    "(select c.opened_on::text || p.name from trouble_case c join plant p on p.id = c.plant_id where c.id = t.case_id), t.seq, t.cause",
                    Map.of("case_id", "trouble_case")),
            new Table(
                    "case_recall",
                    "recall",
                    "(select c.opened_on::text || p.name from trouble_case c join plant p on p.id = c.plant_id where c.id = t.case_id), t.kind",
                    Map.of("case_id", "trouble_case")),
            new Table(
                    "care_entry",
                    "care",
                    "(select p.name from plant p where p.id = t.plant_id), t.written_at, t.setting, t.text",
                    Map.of("plant_id", "plant", "case_id", "trouble_case")),
            new Table(
                    "course",
                    "course",
                    "t.started_on, (select p.name from plant p where p.id = t.plant_id), t.disorder",
                    Map.of("case_id", "trouble_case", "plant_id", "plant")),
            new Table(
                    "course_step",
                    "step",
                    "(select c.started_on::text || p.name from course c join plant p on p.id = c.plant_id where c.id = t.course_id), t.on_day, t.phase, t.means, t.state",
                    Map.of("course_id", "course")),
            new Table(
                    "contact_look",
                    "contact",
                    "(select c.started_on::text || p.name from course c join plant p on p.id = c.plant_id where c.id = t.course_id), (select p.name from plant p where p.id = t.plant_id)",
                    Map.of("course_id", "course", "plant_id", "plant")),
            new Table("own_product", "product", "t.name", Map.of()),
            new Table("own_feed", "feed", "t.name", Map.of()),
            new Table("own_water", "water", "t.source", Map.of()),
            new Table(
                    "sensor",
                    "sensor",
                    "(select s.position from stop s where s.id = t.stop_id), t.name, t.created_at",
                    Map.of("stop_id", "stop")),
            new Table(
                    "errand",
                    "errand",
                    "t.on_day, (select p.name from plant p where p.id = t.plant_id), t.kind, t.words",
                    Map.of("plant_id", "plant", "to_stop", "stop")),
            new Table(
                    "photo",
                    "photo",
                    "(select p.name from plant p where p.id = t.plant_id), t.taken_on, t.caption, md5(t.bytes)",
                    Map.of("plant_id", "plant", "happening_id", "happening")));

    private final JdbcTemplate jdbc;
    private final JsonMapper json;
    private final CollectionService collections;
    private final Routine routine;

    Archive(JdbcTemplate jdbc, JsonMapper json, CollectionService collections, Routine routine) {
        this.jdbc = new JdbcTemplate(Objects.requireNonNull(jdbc.getDataSource()));
        this.jdbc.setFetchSize(FETCH);
        this.json = json;
        this.collections = collections;
        this.routine = routine;
    }

    /** What was wrong with an archive; the message is for the grower, and nothing of it was taken. */
    static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String why) {
            super(why);
        }
    }

    /** Writes everything of a collection. */
    @Transactional(readOnly = true)
    void write(UUID collection, OutputStream out) throws IOException {
        Map<String, String> keys = new HashMap<>();
        for (Table table : TABLES) {
            int[] count = {0};
            jdbc.query(
                    "select t.id from " + table.name() + " t where t.collection_id = ? order by " + table.order(),
                    row -> {
                        keys.put(row.getString(1), table.prefix() + "-" + ++count[0]);
                    },
                    collection);
        }
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(entry(CONTENT));
            JsonGenerator generator = json.writerWithDefaultPrettyPrinter().createGenerator(zip);
            generator.configure(StreamWriteFeature.AUTO_CLOSE_TARGET, false);
            generator.writeStartObject();
            generator.writeStringProperty("format", FORMAT);
            generator.writeNumberProperty("version", VERSION);
            jdbc.query(
                    "select name, hemisphere, style, weather, feed, latitude, longitude from collection where id = ?",
                    row -> {
                        generator.writeStringProperty("name", row.getString(1));
                        generator.writeStringProperty("hemisphere", row.getString(2));
                        generator.writeStringProperty("style", row.getString(3));
                        for (String column : List.of("weather", "feed")) {
                            if (row.getString(column) != null) {
                                generator.writeStringProperty(column, row.getString(column));
                            }
                        }
                        if (row.getObject("latitude") != null && row.getObject("longitude") != null) {
                            generator.writeNumberProperty("latitude", row.getDouble("latitude"));
                            generator.writeNumberProperty("longitude", row.getDouble("longitude"));
                        }
                    },
                    collection);
            for (Table table : TABLES) {
                generator.writeName(table.name());
                generator.writeStartArray();
                rows(collection, table, keys, generator);
                generator.writeEndArray();
            }
            generator.writeEndObject();
            generator.close();
            zip.closeEntry();
            photos(collection, keys, zip);
        }
    }

    private static ZipEntry entry(String name) {
        ZipEntry entry = new ZipEntry(name);
        // The same content is to give the same file.
        entry.setTime(0);
        return entry;
    }

    private void rows(UUID collection, Table table, Map<String, String> keys, JsonGenerator generator) {
        String left = switch (table.name()) {
            case "photo" -> " - 'bytes' - 'thumbnail'";
            // A token's hash is no business of a file; a sensor gets a new token.
            case "sensor" -> " - 'token_hash'";
            default -> "";
        };
        jdbc.query(
                "select (to_jsonb(t) - 'collection_id' - 'version'" + left + ")::text from " + table.name()
                        + " t where t.collection_id = ? order by " + table.order(),
                row -> {
                    ObjectNode node = (ObjectNode) json.readTree(row.getString(1));
                    if (table.name().equals("plant") && node.path("drawn_from").isNull()) {
                        node.set("drawn_from", node.path("id"));
                    }
                    ObjectNode keyed = json.createObjectNode();
                    keyed.put("key", keys.get(node.path("id").asString()));
                    node.remove("id");
                    for (String column : new ArrayList<>(node.propertyNames())) {
                        JsonNode value = node.path(column);
                        if (!value.isNull()) {
                            boolean refers = table.refs().containsKey(column) || column.equals("batch");
                            keyed.set(
                                    column,
                                    refers && value.isString()
                                            ? json.getNodeFactory().stringNode(replaced(value.asString(), keys))
                                            : value);
                        }
                    }
                    generator.writePOJO(keyed);
                },
                collection);
    }

    /** A text with every id in it that has a key put by that key. */
    private static String replaced(String text, Map<String, String> keys) {
        return ID.matcher(text)
                .replaceAll(match -> Matcher.quoteReplacement(keys.getOrDefault(match.group(), match.group())));
    }

    private void photos(UUID collection, Map<String, String> keys, ZipOutputStream zip) throws IOException {
        List<UUID> ids = jdbc.queryForList(
                "select t.id from photo t where t.collection_id = ? order by "
                        + TABLES.get(TABLES.size() - 1).order(),
                UUID.class,
                collection);
        for (UUID id : ids) {
            byte[] bytes = jdbc.queryForObject("select bytes from photo where id = ?", byte[].class, id);
            zip.putNextEntry(entry("photos/" + keys.get(id.toString()) + ".jpg"));
            zip.write(Objects.requireNonNull(bytes));
            zip.closeEntry();
        }
    }

    /**
     * Takes an archive into an empty collection, all of it or nothing.
     *
     * @return how many plants came in
     * @throws Unreadable if the collection is not empty or the archive is none, or not whole
     */
    @Transactional(rollbackFor = Exception.class)
    int read(UUID collection, InputStream in) throws Unreadable {
        if (!collections.walk(collection).isEmpty()) {
            throw new Unreadable(
                    "This collection is not empty. An archive is taken into an empty one: make a new account first.");
        }
        Map<String, byte[]> files = unzip(in);
        byte[] content = files.get(CONTENT);
        if (content == null) {
            throw new Unreadable("There is no " + CONTENT + " in that file; it is no archive of Mild Lantern.");
        }
        try {
            JsonNode root = json.readTree(content);
            if (!FORMAT.equals(root.path("format").asString(""))) {
                throw new Unreadable("That file says it is '"
                        + root.path("format").asString("nothing") + "', not an archive of Mild Lantern.");
            }
            if (root.path("version").asInt(0) != VERSION) {
                throw new Unreadable("That archive has version "
                        + root.path("version").asInt(0) + "; this installation reads version " + VERSION + ".");
            }
            insert(collection, root, files);
            for (String column : List.of("style", "weather", "feed")) {
                if (root.path(column).isString()) {
                    jdbc.update(
                            "update collection set " + column + " = ? where id = ?",
                            root.path(column).asString(),
                            collection);
                }
            }
            if (root.path("latitude").isNumber() && root.path("longitude").isNumber()) {
                jdbc.update(
                        "update collection set latitude = ?, longitude = ? where id = ?",
                        root.path("latitude").asDouble(),
                        root.path("longitude").asDouble(),
                        collection);
            }
        } catch (JacksonException e) {
            throw new Unreadable("The content of that archive is damaged: " + e.getOriginalMessage());
        } catch (DataAccessException e) {
            throw new Unreadable("The content of that archive does not fit together: "
                    + e.getMostSpecificCause().getMessage());
        }
        routine.writeAll(collection, () -> routine.touchedAll(collection));
        return collections.plants(collection).size();
    }

    private static Map<String, byte[]> unzip(InputStream in) throws Unreadable {
        Map<String, byte[]> files = new HashMap<>();
        long total = 0;
        try (ZipInputStream zip = new ZipInputStream(in, StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] bytes = zip.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, MOST_BYTES - total));
                total += bytes.length;
                if (total >= MOST_BYTES) {
                    throw new Unreadable("That archive unpacks to more than 2 GB.");
                }
                files.put(entry.getName(), bytes);
            }
        } catch (IOException e) {
            throw new Unreadable("That file is no zip, or it is damaged.");
        }
        return files;
    }

    private void insert(UUID collection, JsonNode root, Map<String, byte[]> files) throws Unreadable {
        Set<String> keys = new HashSet<>();
        for (Table table : TABLES) {
            for (JsonNode row : root.path(table.name())) {
                if (!keys.add(row.path("key").asString(""))) {
                    throw new Unreadable(
                            "The key '" + row.path("key").asString("") + "' stands twice in that archive.");
                }
            }
        }
        for (Table table : TABLES) {
            Map<String, String> columns = columns(table);
            Map<String, String> later = new LinkedHashMap<>();
            for (JsonNode row : root.path(table.name())) {
                ObjectNode node = json.createObjectNode();
                for (Map.Entry<String, String> column : columns.entrySet()) {
                    if (column.getValue() != null) {
                        node.put(column.getKey(), column.getValue());
                    }
                }
                for (Map.Entry<String, JsonNode> field : row.properties()) {
                    if (field.getKey().equals("key")) {
                        continue;
                    }
                    if (!columns.containsKey(field.getKey())) {
                        throw new Unreadable("'" + field.getKey() + "' is no field of " + table.name() + ".");
                    }
                    boolean refers = table.refs().containsKey(field.getKey())
                            || field.getKey().equals("batch");
                    node.set(
                            field.getKey(),
                            refers && field.getValue().isString()
                                    ? json.getNodeFactory()
                                            .stringNode(unkeyed(
                                                    collection, field.getValue().asString(), keys))
                                    : field.getValue());
                }
                String id = id(collection, row.path("key").asString()).toString();
                node.put("id", id);
                node.put("collection_id", collection.toString());
                if (columns.containsKey("version")) {
                    node.put("version", 0);
                }
                // A row may name one of its own table that comes later.
                for (String self : List.of("mother_id", "merged_into")) {
                    if (node.has(self)) {
                        later.put(id, self + ":" + node.path(self).asString());
                        node.remove(self);
                    }
                }
                if (table.name().equals("photo")) {
                    photo(collection, row, node, files);
                } else {
                    jdbc.update(
                            "insert into " + table.name() + " select * from jsonb_populate_record(null::" + table.name()
                                    + ", ?::jsonb)",
                            node.toString());
                }
            }
            later.forEach((id, ref) -> jdbc.update(
                    "update " + table.name() + " set " + ref.substring(0, ref.indexOf(':')) + " = ? where id = ?",
                    UUID.fromString(ref.substring(ref.indexOf(':') + 1)),
                    UUID.fromString(id)));
        }
    }

    private void photo(UUID collection, JsonNode row, ObjectNode node, Map<String, byte[]> files) throws Unreadable {
        byte[] bytes = files.get("photos/" + row.path("key").asString() + ".jpg");
        if (bytes == null) {
            throw new Unreadable("The photo '" + row.path("key").asString() + "' is missing in that archive.");
        }
        jdbc.update(
                "insert into photo (id, collection_id, plant_id, taken_on, caption, media_type, bytes, happening_id)"
                        + " values (?, ?, ?, ?::date, ?, ?, ?, ?)",
                UUID.fromString(node.path("id").asString()),
                collection,
                UUID.fromString(node.path("plant_id").asString()),
                node.path("taken_on").asString(),
                node.path("caption").asString(),
                node.path("media_type").asString(),
                bytes,
                node.has("happening_id")
                        ? UUID.fromString(node.path("happening_id").asString())
                        : null);
    }

    /** The columns of a table, each with the value it has where an archive says nothing of it. */
    private Map<String, String> columns(Table table) {
        Map<String, String> columns = new LinkedHashMap<>();
        jdbc.query(
                "select column_name, column_default from information_schema.columns where table_schema = 'public'"
                        + " and table_name = ?",
                row -> {
                    String usual = row.getString(2);
                    columns.put(
                            row.getString(1),
                            usual == null ? null : usual.replaceAll("::.*$", "").replace("'", ""));
                },
                table.name());
        return columns;
    }

    private static UUID id(UUID collection, String key) {
        return UUID.nameUUIDFromBytes((collection + " " + key).getBytes(StandardCharsets.UTF_8));
    }

    private static final Pattern KEY = Pattern.compile("\\b[a-z]+-\\d+\\b");

    private static String unkeyed(UUID collection, String text, Set<String> keys) {
        return KEY.matcher(text)
                .replaceAll(match -> keys.contains(match.group())
                        ? id(collection, match.group()).toString()
                        : match.group());
    }
}
