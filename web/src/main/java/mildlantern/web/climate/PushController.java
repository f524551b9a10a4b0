package mildlantern.web.climate;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mildlantern.light.WindowLight;
import mildlantern.sensing.Sample;
import mildlantern.web.edge.BodyLimits;
import mildlantern.web.words.Wording;
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
import tools.jackson.databind.json.JsonMapper;

/**
 * Where sensors push to: {@code POST /api/readings} with {@code Authorization: Bearer} and the sensor's token, and a reading or a list of
 * readings as JSON: {@code at} (ISO 8601 with its zone), {@code celsius} or {@code fahrenheit}, {@code humidity}, {@code ppfd} or {@code lux}.
 */
@Controller
class PushController {
    private static final int MOST = 10_000;

    private final Readings readings;
    private final PushedReading.Reader reader;
    private final JsonMapper json;

    PushController(Readings readings, WindowLight light, JsonMapper json, Clock clock) {
        this.readings = readings;
        this.reader = new PushedReading.Reader(json, light, clock);
        this.json = json;
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
            return problem(
                    HttpStatus.UNAUTHORIZED, Wording.say("climate.push-controller.send-sensors-token-authorization"));
        }
        // Nothing of a stranger's is read.
        if (!readings.knows(token)) {
            return problem(HttpStatus.UNAUTHORIZED, Wording.say("climate.push-controller.no-sensor-has-token"));
        }
        byte[] body = request.getInputStream().readNBytes((int) BodyLimits.READINGS + 1);
        if (body.length > BodyLimits.READINGS) {
            return problem(HttpStatus.CONTENT_TOO_LARGE, Wording.say("climate.push-controller.most-4-mb-once"));
        }
        List<Sample> samples;
        try {
            samples = samples(body);
        } catch (PushedReading.Wrong e) {
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
                .orElseGet(() ->
                        problem(HttpStatus.UNAUTHORIZED, Wording.say("climate.push-controller.no-sensor-has-token")));
    }

    private static ResponseEntity<Object> problem(HttpStatus status, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }

    /** Reads one reading after the other, so that a long list needs no more memory than its samples. */
    private List<Sample> samples(byte[] body) throws PushedReading.Wrong {
        List<Sample> samples = new ArrayList<>();
        try (JsonParser parser = json.createParser(body)) {
            JsonToken first = parser.nextToken();
            if (first == JsonToken.START_OBJECT) {
                samples.add(reader.sample(parser, 1));
            } else if (first == JsonToken.START_ARRAY) {
                while (parser.nextToken() != JsonToken.END_ARRAY) {
                    if (samples.size() == MOST) {
                        throw new PushedReading.Wrong(Wording.say("climate.push-controller.most-readings-once", MOST));
                    }
                    samples.add(reader.sample(parser, samples.size() + 1));
                }
            }
        } catch (JacksonException e) {
            throw new PushedReading.Wrong(Wording.say("climate.push-controller.body-not-json"));
        }
        if (samples.isEmpty()) {
            throw new PushedReading.Wrong(Wording.say("climate.push-controller.send-reading-object-list"));
        }
        return samples;
    }
}
