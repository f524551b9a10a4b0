package mildlantern.web.exchange;

import java.io.InputStream;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import mildlantern.web.words.Wording;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads the content of an archive a row at a time; a row is flat, and neither it nor a text in it is larger than any we write. */
final class ArchiveContent {
    private static final int MOST_FIELDS = 100;
    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxStringLength(200_000)
                            .maxNameLength(100)
                            .maxNumberLength(60)
                            .maxNestingDepth(8)
                            .build())
                    .build())
            // Values are read one by one from what goes on behind them.
            .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    /** What is done with each row. */
    @FunctionalInterface
    interface Rows {
        void row(ArchiveTables.Table table, ObjectNode row) throws ArchiveIn.Unreadable;
    }

    private final Rows rows;

    ArchiveContent(Rows rows) {
        this.rows = rows;
    }

    /**
     * @return what stands beside the tables: format, version, and what holds for the whole collection
     */
    Map<String, JsonNode> read(InputStream in) throws ArchiveIn.Unreadable {
        Map<String, JsonNode> about = new HashMap<>();
        try (JsonParser parser = JSON.createParser(in)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-content.content-archive-no-object"));
            }
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                Optional<ArchiveTables.Table> table = ArchiveTables.named(name);
                JsonToken value = parser.nextToken();
                if (table.isPresent() && value == JsonToken.START_ARRAY) {
                    table(parser, table.get());
                } else if (value.isScalarValue()) {
                    about.put(name, JSON.readTree(parser));
                } else {
                    throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-content.no-part-archive-mild", name));
                }
            }
        }
        return about;
    }

    private void table(JsonParser parser, ArchiveTables.Table table) throws ArchiveIn.Unreadable {
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            if (parser.currentToken() != JsonToken.START_OBJECT) {
                throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-content.something-no-row", table.name()));
            }
            rows.row(table, row(parser, table));
        }
    }

    private static ObjectNode row(JsonParser parser, ArchiveTables.Table table) throws ArchiveIn.Unreadable {
        ObjectNode row = JSON.createObjectNode();
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            String field = parser.currentName();
            JsonToken value = parser.nextToken();
            boolean list = value == JsonToken.START_ARRAY && ArchiveLists.isList(table.name(), field);
            if (!list && !value.isScalarValue() || row.size() >= MOST_FIELDS) {
                throw new ArchiveIn.Unreadable(
                        Wording.say("exchange.archive-content.row-holds-more-than", table.name()));
            }
            row.set(field, list ? ArchiveLists.read(parser) : JSON.readTree(parser));
        }
        EarlierCourses.mend(table.name(), row);
        return row;
    }
}
