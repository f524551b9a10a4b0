package mildlantern.web.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipException;
import mildlantern.web.edge.BodyLimits;
import mildlantern.web.edge.Spooled;
import mildlantern.web.photo.Pictures;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.routine.Routine;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
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
                throw new Unreadable(Wording.say("exchange.archive-in.collection-not-empty-archive"));
            }
            try {
                new Taking(collection, file).take();
            } catch (JacksonException e) {
                throw new Unreadable(
                        Wording.say("exchange.archive-in.content-archive-damaged", e.getOriginalMessage()));
            } catch (ZipException | IllegalArgumentException e) {
                throw new Unreadable(Wording.say("exchange.archive-in.file-no-zip-damaged"));
            } catch (IOException e) {
                throw new Unreadable(Wording.say("exchange.archive-in.file-could-not-read", e.getMessage()));
            } catch (DataAccessException e) {
                String why = String.valueOf(e.getMostSpecificCause().getMessage());
                throw new Unreadable(Wording.say(
                        "exchange.archive-in.content-archive-does-not",
                        why.lines().findFirst().orElse(why).replaceFirst("^ERROR: ", "")));
            }
            routine.touchedAll(collection);
        });
        return plants.plants(collection).size();
    }

    /** One archive on its way in. */
    private final class Taking {
        private final CollectionId collection;
        private final ArchiveFile file;

        Taking(CollectionId collection, Path file) {
            this.collection = collection;
            this.file = new ArchiveFile(file);
        }

        void take() throws IOException, Unreadable {
            ArchiveKeys keys = new ArchiveKeys(collection);
            file.content(keys::add);
            ArchiveRows inserting = new ArchiveRows(jdbc, json, collection, keys);
            Map<String, JsonNode> about = file.content(inserting::row);
            inserting.end();
            house(about);
            jdbc.query("select 1 from mark_running(?)", row -> {}, collection.value());
            photos(inserting.photos());
            try {
                rooms.forEach(room -> room.readThrough(collection));
            } catch (RuntimeException e) {
                throw new Unreadable(Wording.say("exchange.archive-in.something-archive-not-known", e.getMessage()));
            }
        }

        private void house(Map<String, JsonNode> about) {
            for (String column : List.of("style", "aim", "weather", "feed", "zone")) {
                JsonNode value = about.get(column);
                boolean clock = column.equals("zone");
                if (value != null
                        && value.isString()
                        && (!clock || ZoneId.getAvailableZoneIds().contains(value.asString()))) {
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

        private void photos(Map<String, ObjectNode> photos) throws IOException, Unreadable {
            if (photos.isEmpty()) {
                return;
            }
            file.everyFile((name, in) -> {
                ObjectNode row = photos.remove(name);
                if (row != null) {
                    photo(name, row, in);
                }
            });
            if (!photos.isEmpty()) {
                throw new Unreadable(Wording.say(
                        "exchange.archive-in.photo-missing-archive",
                        photos.keySet().iterator().next()));
            }
        }

        private void photo(String name, ObjectNode row, InputStream in) throws IOException, Unreadable {
            try (Spooled sent = Spooled.of(out -> new ArchiveFile.Limited(in, BodyLimits.PHOTO).transferTo(out))) {
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
}
