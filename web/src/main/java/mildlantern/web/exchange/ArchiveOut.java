package mildlantern.web.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import mildlantern.web.platform.CollectionId;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Writes everything of a collection into one file. */
@Service
class ArchiveOut {
    private static final int FETCH = 1000;
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

    private final JdbcTemplate jdbc;
    private final JsonMapper json;

    ArchiveOut(JdbcTemplate jdbc, JsonMapper json) {
        this.jdbc = new JdbcTemplate(Objects.requireNonNull(jdbc.getDataSource()));
        this.jdbc.setFetchSize(FETCH);
        this.json = json;
    }

    /** Writes everything of a collection. */
    // One picture of the collection: what others write meanwhile is in none of its tables.
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    void write(CollectionId collection, OutputStream out) throws IOException {
        Map<String, String> keys = new HashMap<>();
        for (ArchiveTables.Table table : ArchiveTables.TABLES) {
            int[] count = {0};
            jdbc.query(
                    "select t.id from " + table.name() + " t where t.collection_id = ? order by " + table.wholeOrder(),
                    row -> {
                        keys.put(row.getString(1), table.prefix() + "-" + ++count[0]);
                    },
                    collection.value());
        }
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(entry(ArchiveTables.CONTENT));
            JsonGenerator generator = json.writerWithDefaultPrettyPrinter().createGenerator(zip);
            generator.configure(StreamWriteFeature.AUTO_CLOSE_TARGET, false);
            generator.writeStartObject();
            generator.writeStringProperty("format", ArchiveTables.FORMAT);
            generator.writeNumberProperty("version", ArchiveTables.VERSION);
            jdbc.query(
                    "select name, hemisphere, style, aim, weather, feed, zone, latitude, longitude from collection where id = ?",
                    row -> {
                        generator.writeStringProperty("name", row.getString(1));
                        generator.writeStringProperty("hemisphere", row.getString(2));
                        generator.writeStringProperty("style", row.getString(3));
                        generator.writeStringProperty("aim", row.getString(4));
                        for (String column : List.of("weather", "feed", "zone")) {
                            if (row.getString(column) != null) {
                                generator.writeStringProperty(column, row.getString(column));
                            }
                        }
                        if (row.getObject("latitude") != null && row.getObject("longitude") != null) {
                            generator.writeNumberProperty("latitude", row.getDouble("latitude"));
                            generator.writeNumberProperty("longitude", row.getDouble("longitude"));
                        }
                    },
                    collection.value());
            for (ArchiveTables.Table table : ArchiveTables.TABLES) {
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

    private void rows(
            CollectionId collection, ArchiveTables.Table table, Map<String, String> keys, JsonGenerator generator) {
        String left = switch (table.name()) {
            case "photo" -> " - 'bytes' - 'thumbnail'";
            // A token's hash is no business of a file; a sensor gets a new token.
            case "sensor" -> " - 'token_hash'";
            default -> "";
        };
        jdbc.query(
                "select (" + table.row() + " - 'collection_id' - 'version'" + left + ")::text from " + table.name()
                        + " t where t.collection_id = ? order by " + table.wholeOrder(),
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
                collection.value());
    }

    /** A text with every id in it that has a key put by that key. */
    private static String replaced(String text, Map<String, String> keys) {
        return ID.matcher(text)
                .replaceAll(match -> Matcher.quoteReplacement(keys.getOrDefault(match.group(), match.group())));
    }

    private void photos(CollectionId collection, Map<String, String> keys, ZipOutputStream zip) throws IOException {
        List<UUID> ids = jdbc.queryForList(
                "select t.id from photo t where t.collection_id = ? order by "
                        + ArchiveTables.TABLES
                                .get(ArchiveTables.TABLES.size() - 1)
                                .wholeOrder(),
                UUID.class,
                collection.value());
        for (UUID id : ids) {
            byte[] bytes = jdbc.queryForObject("select bytes from photo where id = ?", byte[].class, id);
            zip.putNextEntry(entry("photos/" + keys.get(id.toString()) + ".jpg"));
            zip.write(Objects.requireNonNull(bytes));
            zip.closeEntry();
        }
    }
}
