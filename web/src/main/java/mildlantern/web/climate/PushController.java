package mildlantern.web.climate;

import jakarta.servlet.http.HttpServletRequest;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.light.LightSource;
import mildlantern.light.WindowLight;
import mildlantern.sensing.Sample;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Where sensors push to: {@code POST /api/readings} with {@code Authorization: Bearer} and the sensor's token, and a reading or a list of
 * readings as JSON: {@code at} (ISO 8601 with its zone), {@code celsius} or {@code fahrenheit}, {@code humidity}, {@code ppfd} or {@code lux}.
 */
@Controller
class PushController {
    private static final int MOST = 10_000;
    private static final long MOST_BYTES = 4L << 20;
    private static final Set<String> KEYS = Set.of("at", "celsius", "fahrenheit", "humidity", "ppfd", "lux");

    private final Readings readings;
    private final WindowLight light;
    private final JsonMapper json;

    PushController(Readings readings, WindowLight light, JsonMapper json) {
        this.readings = readings;
        this.light = light;
        this.json = json;
    }

    private static final class Wrong extends Exception {
        private static final long serialVersionUID = 1L;

        Wrong(String message) {
            super(message);
        }
    }

    @PostMapping("/api/readings")
    ResponseEntity<Object> push(
            @RequestHeader("Authorization") Optional<String> authorization,
            @RequestBody(required = false) Optional<String> body,
            HttpServletRequest request) {
        if (request.getContentLengthLong() > MOST_BYTES) {
            return problem(HttpStatus.CONTENT_TOO_LARGE, "At most 4 MB at once; send fewer readings.");
        }
        String token = authorization
                .filter(it -> it.startsWith("Bearer "))
                .map(it -> it.substring("Bearer ".length()).strip())
                .orElse("");
        if (token.isEmpty()) {
            return problem(HttpStatus.UNAUTHORIZED, "Send the sensor's token as 'Authorization: Bearer …'.");
        }
        List<Sample> samples;
        try {
            samples = samples(body.orElse(""));
        } catch (Wrong e) {
            return problem(HttpStatus.UNPROCESSABLE_CONTENT, String.valueOf(e.getMessage()));
        }
        return readings.pushed(token, samples)
                .<ResponseEntity<Object>>map(taken -> ResponseEntity.ok(Map.of(
                        "stored",
                        taken.stored(),
                        "twice",
                        taken.twice(),
                        "aside",
                        taken.aside().stream()
                                .map(aside -> Map.of(
                                        "at",
                                        aside.at().toString(),
                                        "what",
                                        aside.what(),
                                        "value",
                                        aside.value(),
                                        "why",
                                        aside.why()))
                                .toList())))
                .orElseGet(
                        () -> problem(HttpStatus.UNAUTHORIZED, "No sensor has this token; it may have been retired."));
    }

    private static ResponseEntity<Object> problem(HttpStatus status, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }

    private List<Sample> samples(String body) throws Wrong {
        JsonNode tree;
        try {
            tree = json.readTree(body);
        } catch (JacksonException e) {
            throw new Wrong("The body is no JSON.");
        }
        if (tree == null || !tree.isObject() && !tree.isArray() || tree.isArray() && tree.isEmpty()) {
            throw new Wrong("Send a reading as an object, or a list of them.");
        }
        if (tree.size() > MOST && tree.isArray()) {
            throw new Wrong("At most " + MOST + " readings at once.");
        }
        List<Sample> samples = new ArrayList<>();
        int number = 1;
        for (JsonNode node : tree.isArray() ? tree : List.of(tree)) {
            samples.add(sample(node, number++));
        }
        return samples;
    }

    private Sample sample(JsonNode node, int number) throws Wrong {
        for (String key : node.propertyNames()) {
            if (!KEYS.contains(key)) {
                throw new Wrong("Reading %d: '%s' is not known; known are %s."
                        .formatted(
                                number,
                                key,
                                String.join(", ", KEYS.stream().sorted().toList())));
            }
        }
        OptionalDouble fahrenheit = number(node, "fahrenheit", number);
        OptionalDouble lux = number(node, "lux", number);
        Sample sample = new Sample(
                at(node, number),
                fahrenheit.isPresent()
                        ? OptionalDouble.of((fahrenheit.getAsDouble() - 32) / 1.8)
                        : number(node, "celsius", number),
                number(node, "humidity", number),
                lux.isPresent() && lux.getAsDouble() >= 0 && lux.getAsDouble() <= 200_000
                        ? OptionalDouble.of(light.ppfd(lux.getAsDouble(), LightSource.DAYLIGHT))
                        : lux.isPresent() ? lux : number(node, "ppfd", number));
        if (sample.empty()) {
            throw new Wrong("Reading %d holds neither temperature, humidity nor light.".formatted(number));
        }
        return sample;
    }

    private static Instant at(JsonNode node, int number) throws Wrong {
        try {
            return OffsetDateTime.parse(node.path("at").asString("")).toInstant();
        } catch (DateTimeException e) {
            throw new Wrong(
                    "Reading %d: 'at' must be a time with its zone, as 2026-05-01T14:00:00Z.".formatted(number));
        }
    }

    private static OptionalDouble number(JsonNode node, String key, int number) throws Wrong {
        JsonNode value = node.path(key);
        if (value.isMissingNode() || value.isNull()) {
            return OptionalDouble.empty();
        }
        if (!value.isNumber()) {
            throw new Wrong("Reading %d: '%s' must be a number.".formatted(number, key));
        }
        return OptionalDouble.of(value.asDouble());
    }
}
