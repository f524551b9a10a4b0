package mildlantern.web.climate;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
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
import mildlantern.web.edge.BodyLimits;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/**
 * Where sensors push to: {@code POST /api/readings} with {@code Authorization: Bearer} and the sensor's token, and a reading or a list of
 * readings as JSON: {@code at} (ISO 8601 with its zone), {@code celsius} or {@code fahrenheit}, {@code humidity}, {@code ppfd} or {@code lux}.
 */
@Controller
class PushController {
    private static final int MOST = 10_000;
    private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
    private static final Duration CLOCKS_DIFFER = Duration.ofHours(1);
    private static final Set<String> KEYS = Set.of("at", "celsius", "fahrenheit", "humidity", "ppfd", "lux");

    private final Readings readings;
    private final WindowLight light;
    private final JsonMapper json;
    private final Clock clock;

    PushController(Readings readings, WindowLight light, JsonMapper json, Clock clock) {
        this.readings = readings;
        this.light = light;
        this.json = json;
        this.clock = clock;
    }

    private static final class Wrong extends Exception {
        private static final long serialVersionUID = 1L;

        Wrong(String message) {
            super(message);
        }
    }

    @PostMapping("/api/readings")
    ResponseEntity<Object> push(
            @RequestHeader("Authorization") Optional<String> authorization, HttpServletRequest request)
            throws IOException {
        String token = authorization
                .filter(it -> it.startsWith("Bearer "))
                .map(it -> it.substring("Bearer ".length()).strip())
                .orElse("");
        if (token.isEmpty()) {
            return problem(HttpStatus.UNAUTHORIZED, "Send the sensor's token as 'Authorization: Bearer …'.");
        }
        // Nothing of a stranger's is read.
        if (!readings.knows(token)) {
            return problem(HttpStatus.UNAUTHORIZED, "No sensor has this token; it may have been retired.");
        }
        byte[] body = request.getInputStream().readNBytes((int) BodyLimits.READINGS + 1);
        if (body.length > BodyLimits.READINGS) {
            return problem(HttpStatus.CONTENT_TOO_LARGE, "At most 4 MB at once; send fewer readings.");
        }
        List<Sample> samples;
        try {
            samples = samples(body);
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

    /** Reads one reading after the other, so that a long list needs no more memory than its samples. */
    private List<Sample> samples(byte[] body) throws Wrong {
        List<Sample> samples = new ArrayList<>();
        // What follows behind a reading is the next one.
        ObjectReader one = json.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
        try (JsonParser parser = json.createParser(body)) {
            JsonToken first = parser.nextToken();
            if (first == JsonToken.START_OBJECT) {
                samples.add(sample(one.readTree(parser), 1));
            } else if (first == JsonToken.START_ARRAY) {
                while (parser.nextToken() != JsonToken.END_ARRAY) {
                    if (samples.size() == MOST) {
                        throw new Wrong("At most " + MOST + " readings at once.");
                    }
                    samples.add(sample(one.readTree(parser), samples.size() + 1));
                }
            }
        } catch (JacksonException e) {
            throw new Wrong("The body is no JSON.");
        }
        if (samples.isEmpty()) {
            throw new Wrong("Send a reading as an object, or a list of them.");
        }
        return samples;
    }

    private Sample sample(JsonNode node, int number) throws Wrong {
        if (!node.isObject()) {
            throw new Wrong("Reading %d is no object.".formatted(number));
        }
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

    /** A sensor whose clock is wrong is told so: a time to come would stand as its last one for good. */
    private Instant at(JsonNode node, int number) throws Wrong {
        try {
            Instant at = OffsetDateTime.parse(node.path("at").asString("")).toInstant();
            if (at.isBefore(EARLIEST) || at.isAfter(clock.instant().plus(CLOCKS_DIFFER))) {
                throw new Wrong("Reading %d: 'at' is %s; allowed is from 2000 to now. Is the sensor's clock right?"
                        .formatted(number, at));
            }
            return at;
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
