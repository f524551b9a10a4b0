package mildlantern.web.exchange;

import java.util.Map;
import mildlantern.web.words.Wording;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The fields of an archive that are lists. Earlier versions joined them into one text; both are read. */
final class ArchiveLists {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private static final int LONGEST = 200;
    private static final int MOST_FIELDS = 10;

    private static final Map<String, String> BETWEEN = Map.of(
            "stop.near", ",",
            "case_trial.holds", ",",
            "course.uses", ",",
            "course.weighed", "\n",
            "course.turns", "\n",
            "course.options", "\n",
            "own_product.not_on", ",");

    private ArchiveLists() {}

    /** Whether a field is a list. */
    static boolean isList(String table, String field) {
        return BETWEEN.containsKey(table + "." + field);
    }

    /**
     * Reads a list of words or of flat objects.
     *
     * @param parser stands at its beginning
     * @throws ArchiveIn.Unreadable if it is longer or deeper than any that this product writes
     */
    static JsonNode read(JsonParser parser) throws ArchiveIn.Unreadable {
        ArrayNode list = NODES.arrayNode();
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            if (list.size() == LONGEST) {
                throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-lists.list-archive-longer-than"));
            }
            list.add(parser.currentToken() == JsonToken.START_OBJECT ? flat(parser) : scalar(parser));
        }
        return list;
    }

    private static ObjectNode flat(JsonParser parser) throws ArchiveIn.Unreadable {
        ObjectNode object = NODES.objectNode();
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            String field = parser.currentName();
            parser.nextToken();
            if (object.size() == MOST_FIELDS) {
                throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-lists.something-list-archive-holds"));
            }
            object.set(field, scalar(parser));
        }
        return object;
    }

    private static JsonNode scalar(JsonParser parser) throws ArchiveIn.Unreadable {
        if (!parser.currentToken().isScalarValue()) {
            throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-lists.list-archive-holds-lists"));
        }
        return switch (parser.currentToken()) {
            case VALUE_TRUE, VALUE_FALSE -> NODES.booleanNode(parser.getBooleanValue());
            case VALUE_STRING -> NODES.stringNode(parser.getString());
            case VALUE_NUMBER_INT -> NODES.numberNode(parser.getLongValue());
            case VALUE_NUMBER_FLOAT -> NODES.numberNode(parser.getDoubleValue());
            case VALUE_NULL -> NODES.nullNode();
            default -> throw new ArchiveIn.Unreadable(Wording.say("exchange.archive-lists.list-archive-holds-no"));
        };
    }

    /** The list where a field carries one as a text; anything else as it is. */
    static JsonNode read(String table, String field, JsonNode value) {
        String between = BETWEEN.get(table + "." + field);
        if (between == null || !value.isString()) {
            return value;
        }
        ArrayNode list = NODES.arrayNode();
        for (String part : value.asString().split(between)) {
            if (!part.isBlank()) {
                list.add(NODES.stringNode(part));
            }
        }
        return list;
    }
}
