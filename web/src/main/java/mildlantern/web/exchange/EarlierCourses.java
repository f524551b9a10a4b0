package mildlantern.web.exchange;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Courses in archives of the versions that planned against a risk and kept sentences: what still means something is read as
 * the store was migrated, the rest is left out.
 */
final class EarlierCourses {
    private static final List<String> LEFT_OUT = List.of(
            "uses",
            "interval_days",
            "ends",
            "risk_of_one",
            "slow_interval",
            "risk_slow",
            "cost",
            "weighed",
            "hidden_stage",
            "clean");

    private EarlierCourses() {}

    /** Reads a row of the table as this version would have written it; a row of this version stays as it is. */
    static void mend(String table, ObjectNode row) {
        if (table.equals("course") && row.has("uses")) {
            course(row);
        } else if (table.equals("course_step") && row.has("what")) {
            row.remove(List.of("what", "terms"));
            switch (row.path("phase").asString("")) {
                case "LOOK" -> row.put("look", "FEWER");
                case "RELEASE" -> row.put("look", "BACK");
                default -> {}
            }
        }
    }

    private static void course(ObjectNode row) {
        ArrayNode turns = row.arrayNode();
        JsonNode uses = row.path("uses");
        List<String> means = uses.isString()
                ? List.of(uses.asString().split(","))
                : uses.valueStream().map(JsonNode::asString).toList();
        means.stream()
                .filter(one -> !one.isBlank())
                .forEach(one -> turns.addObject()
                        .put("means", one)
                        .put(
                                "gap",
                                turns.size() == 1
                                        ? 0
                                        : row.path("interval_days").asInt(7)));
        row.set("turns", turns);
        if (row.has("clean")) {
            row.set("wash", row.get("clean"));
        }
        if (row.has("risk")) {
            row.put("moving", -Math.log(1 - Math.min(0.999999, row.path("risk").asDouble())));
            row.set("reached", row.path("ends"));
        }
        if (row.has("risk_of_one")) {
            row.put("fewer", 1 - row.path("risk_of_one").asDouble());
            row.set("left_of_one", row.get("risk_of_one"));
        }
        if (row.has("no_cure")) {
            boolean incurable = List.of("virus", "vascular-wilt")
                    .contains(row.path("disorder").asString(""));
            row.put("no_cure", incurable ? "INCURABLE" : "NOTHING_SUITS");
        }
        row.remove(LEFT_OUT);
    }
}
