package mildlantern.web.exchange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.Wording;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Stores the rows of one archive as they come, some hundreds at once; those of photos wait for their pictures. */
final class ArchiveRows {
    private static final int ROWS_AT_ONCE = 500;

    private final JdbcTemplate jdbc;
    private final JsonMapper json;
    private final CollectionId collection;
    private final ArchiveKeys keys;
    private final Map<String, ObjectNode> photos = new LinkedHashMap<>();
    private final Map<String, Map<String, String>> columns = new HashMap<>();

    private final List<Object[]> waiting = new ArrayList<>();
    private final Map<String, String> later = new LinkedHashMap<>();
    private String table = "";

    ArchiveRows(JdbcTemplate jdbc, JsonMapper json, CollectionId collection, ArchiveKeys keys) {
        this.jdbc = jdbc;
        this.json = json;
        this.collection = collection;
        this.keys = keys;
    }

    /** The rows of photos, by the file in which each picture stands. */
    Map<String, ObjectNode> photos() {
        return photos;
    }

    void row(ArchiveTables.Table of, ObjectNode row) throws ArchiveIn.Unreadable {
        if (!of.name().equals(table)) {
            end();
            table = of.name();
        }
        ObjectNode stored = stored(of, row);
        if (of.name().equals("photo")) {
            photos.put("photos/" + row.path("key").asString() + ".jpg", stored);
            return;
        }
        // A row may name one of its own table that comes later.
        for (String self : List.of("mother_id", "merged_into")) {
            if (stored.has(self)) {
                later.put(
                        stored.path("id").asString(),
                        self + ":" + stored.path(self).asString());
                stored.remove(self);
            }
        }
        waiting.add(new Object[] {stored.toString()});
        if (waiting.size() == ROWS_AT_ONCE) {
            flush();
        }
    }

    private void flush() {
        if (!waiting.isEmpty()) {
            jdbc.batchUpdate(
                    "insert into " + table + " select * from jsonb_populate_record(null::" + table + ", ?::jsonb)",
                    waiting);
            waiting.clear();
        }
    }

    void end() {
        flush();
        later.forEach((id, ref) -> jdbc.update(
                "update " + table + " set " + ref.substring(0, ref.indexOf(':')) + " = ? where id = ?",
                UUID.fromString(ref.substring(ref.indexOf(':') + 1)),
                UUID.fromString(id)));
        later.clear();
    }

    private ObjectNode stored(ArchiveTables.Table table, ObjectNode row) throws ArchiveIn.Unreadable {
        Map<String, String> usual = columns(table);
        ObjectNode node = json.createObjectNode();
        usual.forEach((column, preset) -> {
            if (preset != null) {
                node.set(column, usually(preset));
            }
        });
        ObjectNode within = json.createObjectNode();
        if (!table.within().isEmpty()) {
            node.set(table.within(), within);
        }
        for (Map.Entry<String, JsonNode> field : row.properties()) {
            String column = field.getKey();
            if (column.equals("key")) {
                continue;
            }
            boolean inside = table.fields().contains(column);
            if (!inside && !usual.containsKey(column) || column.equals(table.within())) {
                throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-rows.no-field", column, table.name()));
            }
            JsonNode value = ArchiveLists.read(table.name(), column, field.getValue());
            boolean refers = table.refs().containsKey(column) || column.equals("batch");
            (inside ? within : node)
                    .set(
                            column,
                            refers && value.isString()
                                    ? json.getNodeFactory().stringNode(keys.reference(table, column, value.asString()))
                                    : value);
        }
        node.put("id", keys.id(row.path("key").asString()).toString());
        node.put("collection_id", collection.toString());
        if (usual.containsKey("version")) {
            node.put("version", 0);
        }
        return node;
    }

    /** What stands in a column of which nothing is said; a list is empty then. */
    private JsonNode usually(String preset) {
        return preset.equals("[]")
                ? json.createArrayNode()
                : json.getNodeFactory().stringNode(preset);
    }

    /** The columns of a table, each with the value it has where an archive says nothing of it. */
    private Map<String, String> columns(ArchiveTables.Table table) {
        return columns.computeIfAbsent(table.name(), name -> {
            Map<String, String> usual = new LinkedHashMap<>();
            jdbc.query(
                    "select column_name, column_default from information_schema.columns"
                            + " where table_schema = 'public' and table_name = ?",
                    row -> {
                        String preset = row.getString(2);
                        usual.put(
                                row.getString(1),
                                preset == null
                                        ? null
                                        : preset.replaceAll("::.*$", "").replace("'", ""));
                    },
                    name);
            return usual;
        });
    }
}
