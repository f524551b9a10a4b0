package mildlantern.web.calculator;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mildlantern.web.words.Wording;

/** Describes the calculators in the OpenAPI format, from the same fields that the pages show. */
final class OpenApi {
    private OpenApi() {}

    static Map<String, Object> describe(Desk desk) {
        Map<String, Object> paths = new LinkedHashMap<>();
        desk.all().forEach(one -> paths.put(desk.root() + "/" + one.id(), Map.of("get", operation(one))));
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("openapi", "3.1.0");
        all.put(
                "info",
                Map.of(
                        "title", Wording.say("calculator.open-api.mild-lantern", desk.name()),
                        "version", "1",
                        "description", Wording.say("calculator.open-api.every-calculator-answers-pages")));
        all.put("paths", paths);
        all.put("components", Map.of("schemas", Map.of("Answer", answer(), "Problem", problem())));
        return all;
    }

    private static Map<String, Object> operation(Calculator<?> calculator) {
        Map<String, Object> operation = new LinkedHashMap<>();
        operation.put("operationId", calculator.id());
        operation.put("summary", calculator.name());
        operation.put("description", calculator.question());
        operation.put(
                "parameters",
                calculator.fields().stream().map(OpenApi::parameter).toList());
        operation.put(
                "responses",
                Map.of(
                        "200", response(Wording.say("calculator.open-api.answer"), "application/json", "Answer"),
                        "422",
                                response(
                                        Wording.say("calculator.open-api.input-wrong-problem-document"),
                                        "application/problem+json",
                                        "Problem")));
        return operation;
    }

    private static Map<String, Object> parameter(Field field) {
        Map<String, Object> schema = new LinkedHashMap<>();
        if (field.isNumber()) {
            schema.put("type", "number");
            schema.put("minimum", field.low());
            schema.put("maximum", field.high());
            schema.put("default", Double.valueOf(field.preset()));
        } else {
            schema.put("type", "string");
            if (!field.choices().isEmpty()) {
                schema.put(
                        "enum", field.choices().stream().map(Field.Choice::id).toList());
            }
            schema.put("default", field.preset());
        }
        Map<String, Object> parameter = new LinkedHashMap<>();
        parameter.put("name", field.name());
        parameter.put("in", "query");
        parameter.put("required", false);
        parameter.put("description", (field.label() + (field.unit().isEmpty() ? "" : ", " + field.unit())).strip());
        parameter.put("schema", schema);
        return parameter;
    }

    private static Map<String, Object> response(String words, String type, String schema) {
        return Map.of(
                "description",
                words,
                "content",
                Map.of(type, Map.of("schema", Map.of("$ref", "#/components/schemas/" + schema))));
    }

    private static Map<String, Object> text() {
        return Map.of("type", "string");
    }

    private static Map<String, Object> list(Map<String, Object> of) {
        return Map.of("type", "array", "items", of);
    }

    private static Map<String, Object> answer() {
        Map<String, Object> line = Map.of(
                "type",
                "object",
                "required",
                List.of("name", "value", "unit"),
                "properties",
                Map.of("name", text(), "value", Map.of("type", "number"), "unit", text(), "measured", text()));
        return Map.of(
                "type",
                "object",
                "required",
                new ArrayList<>(List.of("calculator", "inputs", "results", "warnings", "bottle")),
                "properties",
                Map.of(
                        "calculator", text(),
                        "inputs", Map.of("type", "object", "additionalProperties", text()),
                        "results", list(line),
                        "warnings", list(text()),
                        "bottle", list(text())));
    }

    private static Map<String, Object> problem() {
        Map<String, Object> error = Map.of(
                "type",
                "object",
                "required",
                List.of("field", "message"),
                "properties",
                Map.of("field", text(), "message", text()));
        return Map.of(
                "type",
                "object",
                "properties",
                Map.of("title", text(), "status", Map.of("type", "integer"), "detail", text(), "errors", list(error)));
    }
}
