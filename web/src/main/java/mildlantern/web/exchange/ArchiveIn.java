package mildlantern.web.exchange;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import mildlantern.web.edge.BodyLimits;
import mildlantern.web.edge.Spooled;
import mildlantern.web.photo.Pictures;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.routine.Routine;
import mildlantern.web.stop.Stops;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes an archive in, row by row and photo by photo, so that its size costs no memory; what unpacks to more than it may is refused on the way.
 * Photos are drawn anew, and every row is read as its pages would read it before anything is kept.
 */
@Service
class ArchiveIn {
    /** So much may all of an archive unpack to, and its content without the photos. */
    private static final long MOST_UNPACKED = 2L << 30;

    private static final long MOST_CONTENT = 600L << 20;
    private static final int ROWS_AT_ONCE = 500;

    private final JdbcTemplate jdbc;
    private final JsonMapper json;
    private final Stops stops;
    private final Plants plants;
    private final Routine routine;
    private final Pictures pictures;
    private final List<ReadThrough> rooms;

    ArchiveIn(
            JdbcTemplate jdbc,
            JsonMapper json,
            Stops stops,
            Plants plants,
            Routine routine,
            Pictures pictures,
            List<ReadThrough> rooms) {
        this.jdbc = jdbc;
        this.json = json;
        this.stops = stops;
        this.plants = plants;
        this.routine = routine;
        this.pictures = pictures;
        this.rooms = rooms;
    }

    /** What was wrong with an archive; the message is for the grower, and nothing of it was taken. */
    static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String why) {
            super(why);
        }
    }

    /**
     * Takes an archive into an empty collection, all of it or nothing.
     *
     * @return how many plants came in
     * @throws Unreadable if the collection is not empty or the archive is none, or not whole
     */
    @Transactional(rollbackFor = Exception.class)
    int read(CollectionId collection, Path file) throws Unreadable {
        routine.writeAll(collection, () -> {
            if (!stops.walk(collection).isEmpty()) {
                throw new Unreadable("This collection is not empty. An archive is taken into an empty one;"
                        + " your account's page makes an account with a new, empty collection.");
            }
            try {
                new Taking(collection, file).take();
            } catch (JacksonException e) {
                throw new Unreadable("The content of that archive is damaged: " + e.getOriginalMessage());
            } catch (ZipException | IllegalArgumentException e) {
                throw new Unreadable("That file is no zip, or it is damaged.");
            } catch (IOException e) {
                throw new Unreadable("That file could not be read to its end: " + e.getMessage());
            } catch (DataAccessException e) {
                String why = String.valueOf(e.getMostSpecificCause().getMessage());
                throw new Unreadable("The content of that archive does not fit together: "
                        + why.lines().findFirst().orElse(why).replaceFirst("^ERROR: ", ""));
            }
            routine.touchedAll(collection);
        });
        return plants.plants(collection).size();
    }

    /** Does something with one file of the archive. */
    private interface OfFile {
        void with(String name, InputStream in) throws IOException, Unreadable;
    }

    /** One archive on its way in. */
    private final class Taking {
        private final CollectionId collection;
        private final Path file;

        /** The keys of each table, by prefix: a number is a bit. */
        private final Map<String, BitSet> keys = new HashMap<>();

        private final Map<String, ObjectNode> photos = new LinkedHashMap<>();
        private final Map<String, Map<String, String>> columns = new HashMap<>();

        Taking(CollectionId collection, Path file) {
            this.collection = collection;
            this.file = file;
        }

        void take() throws IOException, Unreadable {
            content(this::key);
            Inserting inserting = new Inserting();
            Map<String, JsonNode> about = content(inserting::row);
            inserting.end();
            house(about);
            jdbc.query("select 1 from mark_running(?)", row -> {}, collection.value());
            photos();
            try {
                rooms.forEach(room -> room.readThrough(collection));
            } catch (RuntimeException e) {
                throw new Unreadable("Something in that archive is not known here: " + e.getMessage());
            }
        }

        private void everyFile(OfFile each) throws IOException, Unreadable {
            long[] unpacked = {0};
            try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file), StandardCharsets.UTF_8)) {
                for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                    each.with(entry.getName(), new Counted(zip, unpacked));
                    // What nobody asked for is passed over, and counted.
                    new Counted(zip, unpacked).transferTo(OutputStream.nullOutputStream());
                }
            }
        }

        private Map<String, JsonNode> content(ArchiveContent.Rows rows) throws IOException, Unreadable {
            Map<String, JsonNode> about = new HashMap<>();
            boolean[] found = {false};
            everyFile((name, in) -> {
                if (name.equals(ArchiveTables.CONTENT) && !found[0]) {
                    found[0] = true;
                    about.putAll(new ArchiveContent(rows).read(new Limited(in, MOST_CONTENT)));
                }
            });
            if (!found[0]) {
                throw new Unreadable("There is no " + ArchiveTables.CONTENT
                        + " in that file, or it is no zip; it is no archive of Mild Lantern.");
            }
            String format = Optional.ofNullable(about.get("format"))
                    .map(it -> it.asString(""))
                    .orElse("nothing");
            if (!ArchiveTables.FORMAT.equals(format)) {
                throw new Unreadable("That file says it is '" + format + "', not an archive of Mild Lantern.");
            }
            int version = Optional.ofNullable(about.get("version"))
                    .map(it -> it.asInt(0))
                    .orElse(0);
            if (version != ArchiveTables.VERSION) {
                throw new Unreadable("That archive has version " + version + "; this installation reads version "
                        + ArchiveTables.VERSION + ".");
            }
            return about;
        }

        private void key(ArchiveTables.Table table, ObjectNode row) throws Unreadable {
            String key = row.path("key").asString("");
            Matcher parts = ArchiveTables.KEY.matcher(key);
            if (!parts.matches() || !parts.group(1).equals(table.prefix())) {
                throw new Unreadable("'" + key + "' is no key of " + table.name() + "; it would be " + table.prefix()
                        + "-1 or the like.");
            }
            BitSet known = keys.computeIfAbsent(table.prefix(), prefix -> new BitSet());
            int number = Integer.parseInt(parts.group(2));
            if (known.get(number)) {
                throw new Unreadable("The key '" + key + "' stands twice in that archive.");
            }
            known.set(number);
        }

        private boolean known(String prefix, String number) {
            BitSet known = keys.get(prefix);
            return known != null && known.get(Integer.parseInt(number));
        }

        /** A text with the keys in it put by the ids that they have here. */
        private String unkeyed(String text) {
            return ArchiveTables.KEY
                    .matcher(text)
                    .replaceAll(match -> known(match.group(1), match.group(2))
                            ? id(match.group()).toString()
                            : Matcher.quoteReplacement(match.group()));
        }

        private UUID id(String key) {
            return UUID.nameUUIDFromBytes((collection + " " + key).getBytes(StandardCharsets.UTF_8));
        }

        private void house(Map<String, JsonNode> about) {
            for (String column : List.of("style", "weather", "feed")) {
                JsonNode value = about.get(column);
                if (value != null && value.isString()) {
                    jdbc.update(
                            "update collection set " + column + " = ? where id = ?",
                            value.asString(),
                            collection.value());
                }
            }
            JsonNode latitude = about.get("latitude");
            JsonNode longitude = about.get("longitude");
            if (latitude != null && latitude.isNumber() && longitude != null && longitude.isNumber()) {
                jdbc.update(
                        "update collection set latitude = ?, longitude = ? where id = ?",
                        latitude.asDouble(),
                        longitude.asDouble(),
                        collection.value());
            }
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

        /** Stores rows as they come, some hundreds at once. */
        private final class Inserting {
            private final List<Object[]> waiting = new ArrayList<>();
            private final Map<String, String> later = new LinkedHashMap<>();
            private String table = "";

            void row(ArchiveTables.Table of, ObjectNode row) throws Unreadable {
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
                            "insert into " + table + " select * from jsonb_populate_record(null::" + table
                                    + ", ?::jsonb)",
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
        }

        private ObjectNode stored(ArchiveTables.Table table, ObjectNode row) throws Unreadable {
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
                    throw new Unreadable("'" + column + "' is no field of " + table.name() + ".");
                }
                JsonNode value = ArchiveLists.read(table.name(), column, field.getValue());
                boolean refers = table.refs().containsKey(column) || column.equals("batch");
                (inside ? within : node)
                        .set(
                                column,
                                refers && value.isString()
                                        ? json.getNodeFactory().stringNode(reference(table, column, value.asString()))
                                        : value);
            }
            node.put("id", id(row.path("key").asString()).toString());
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

        private String reference(ArchiveTables.Table table, String column, String text) throws Unreadable {
            if (ArchiveTables.TEXTS.contains(column)) {
                return unkeyed(text);
            }
            Matcher key = ArchiveTables.KEY.matcher(text);
            String wanted = ArchiveTables.named(table.refs().getOrDefault(column, ""))
                    .map(ArchiveTables.Table::prefix)
                    .orElse("");
            if (!key.matches() || !key.group(1).equals(wanted) || !known(wanted, key.group(2))) {
                throw new Unreadable("'" + text + "' in " + table.name() + " names no " + wanted + " of that archive.");
            }
            return id(text).toString();
        }

        private void photos() throws IOException, Unreadable {
            if (photos.isEmpty()) {
                return;
            }
            everyFile((name, in) -> {
                ObjectNode row = photos.remove(name);
                if (row != null) {
                    photo(name, row, in);
                }
            });
            if (!photos.isEmpty()) {
                throw new Unreadable(
                        "The photo '" + photos.keySet().iterator().next() + "' is missing in that archive.");
            }
        }

        private void photo(String name, ObjectNode row, InputStream in) throws IOException, Unreadable {
            try (Spooled sent = Spooled.of(out -> new Limited(in, BodyLimits.PHOTO).transferTo(out))) {
                Pictures.Made made = pictures.make(sent.path());
                jdbc.update(
                        "insert into photo (id, collection_id, plant_id, taken_on, caption, media_type, bytes, thumbnail,"
                                + " happening_id) values (?, ?, ?, ?::date, ?, 'image/jpeg', ?, ?, ?)",
                        UUID.fromString(row.path("id").asString()),
                        collection.value(),
                        UUID.fromString(row.path("plant_id").asString()),
                        row.path("taken_on").asString(),
                        row.path("caption").asString(),
                        made.picture(),
                        made.small(),
                        row.has("happening_id")
                                ? UUID.fromString(row.path("happening_id").asString())
                                : null);
            } catch (Pictures.Unusable e) {
                throw new Unreadable("'" + name + "': " + e.getMessage());
            }
        }
    }

    /** Refuses to go on after so many bytes. */
    private static class Limited extends FilterInputStream {
        private long left;

        Limited(InputStream in, long most) {
            super(in);
            this.left = most;
        }

        @Override
        public int read() throws IOException {
            int read = super.read();
            count(read < 0 ? 0 : 1);
            return read;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = super.read(bytes, from, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int read) throws IOException {
            left -= read;
            if (left < 0) {
                throw new IOException("a file in it unpacks to more than it may");
            }
        }

        /** The zip goes on after one of its files. */
        @Override
        public void close() {}
    }

    /** Counts over all files of an archive. */
    private static final class Counted extends Limited {
        private final long[] unpacked;

        Counted(InputStream in, long[] unpacked) {
            super(in, Long.MAX_VALUE);
            this.unpacked = unpacked;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = super.read(bytes, from, length);
            unpacked[0] += Math.max(0, read);
            if (unpacked[0] > MOST_UNPACKED) {
                throw new IOException("it unpacks to more than 2 GB");
            }
            return read;
        }
    }
}
