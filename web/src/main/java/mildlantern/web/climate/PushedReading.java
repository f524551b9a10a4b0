package mildlantern.web.climate;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import mildlantern.light.LightSource;
import mildlantern.light.WindowLight;
import mildlantern.sensing.Sample;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.type.LogicalType;

/** One reading as a sensor sends it: a time with its zone, a temperature in one unit or the other, humidity, and light in one unit or the other. */
record PushedReading(
        @Nullable String at,
        @Nullable Double celsius,
        @Nullable Double fahrenheit,
        @Nullable Double humidity,
        @Nullable Double ppfd,
        @Nullable Double lux) {

    private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
    private static final Duration CLOCKS_DIFFER = Duration.ofHours(1);
    private static final double MOST_LUX = 200_000;

    /** What was sent is no reading; the message is for whoever set up the sensor. */
    static final class Wrong extends Exception {
        private static final long serialVersionUID = 1L;

        Wrong(String message) {
            super(message);
        }
    }

    /** Reads readings one after the other. */
    static final class Reader {
        private final ObjectReader readings;
        private final WindowLight light;
        private final Clock clock;

        Reader(JsonMapper json, WindowLight light, Clock clock) {
            // A number in quotation marks is a mistake of whoever wrote the sensor's program; what follows a reading is
            // the next one.
            this.readings = json.rebuild()
                    .withCoercionConfig(
                            LogicalType.Float,
                            config -> config.setCoercion(CoercionInputShape.String, CoercionAction.Fail)
                                    .setCoercion(CoercionInputShape.EmptyString, CoercionAction.Fail))
                    .withCoercionConfig(
                            LogicalType.Textual,
                            config -> config.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                                    .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                                    .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail))
                    .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                    .build()
                    .readerFor(PushedReading.class);
            this.light = light;
            this.clock = clock;
        }

        /**
         * The reading at which a parser stands.
         *
         * @param number its place in the list, from 1
         * @throws Wrong if it is none
         */
        Sample sample(JsonParser parser, int number) throws Wrong {
            if (parser.currentToken() != JsonToken.START_OBJECT) {
                throw new Wrong(Wording.say("climate.pushed-reading.reading-not-object", number));
            }
            try {
                PushedReading sent = readings.readValue(parser);
                return sent.sample(number, light, clock.instant());
            } catch (UnrecognizedPropertyException e) {
                throw new Wrong(Wording.say(
                        "climate.pushed-reading.reading-not-known-known",
                        number,
                        e.getPropertyName(),
                        e.getKnownPropertyIds().stream()
                                .map(String::valueOf)
                                .sorted()
                                .collect(Collectors.joining(", "))));
            } catch (DatabindException e) {
                String field = e.getPath().stream()
                        .map(JacksonException.Reference::getPropertyName)
                        .reduce("", (before, name) -> name == null ? before : name);
                throw new Wrong(
                        Wording.say("climate.pushed-reading.reading-must-time", number, field, field.equals("at")));
            }
        }
    }

    private Sample sample(int number, WindowLight light, Instant now) throws Wrong {
        Sample sample = new Sample(
                moment(number, now),
                fahrenheit == null ? given(number, "celsius", celsius) : celsius(number),
                given(number, "humidity", humidity),
                lux == null ? given(number, "ppfd", ppfd) : photons(number, light));
        if (sample.empty()) {
            throw new Wrong(Wording.say("climate.pushed-reading.reading-holds-neither-temperature", number));
        }
        return sample;
    }

    /** A sensor whose clock is wrong is told so: a time to come would stand as its last one for good. */
    private Instant moment(int number, Instant now) throws Wrong {
        try {
            Instant moment = OffsetDateTime.parse(at == null ? "" : at).toInstant();
            if (moment.isBefore(EARLIEST) || moment.isAfter(now.plus(CLOCKS_DIFFER))) {
                throw new Wrong(Wording.say("climate.pushed-reading.reading-allowed-from-2000", number, moment));
            }
            return moment;
        } catch (DateTimeException e) {
            throw new Wrong(Wording.say("climate.pushed-reading.reading-must-time-zone", number));
        }
    }

    private OptionalDouble celsius(int number) throws Wrong {
        return OptionalDouble.of((given(number, "fahrenheit", fahrenheit).orElseThrow() - 32) / 1.8);
    }

    /** What no meter shows is kept as it came: the sifting sets it aside and says why. */
    private OptionalDouble photons(int number, WindowLight light) throws Wrong {
        double shown = given(number, "lux", lux).orElseThrow();
        return OptionalDouble.of(shown >= 0 && shown <= MOST_LUX ? light.ppfd(shown, LightSource.DAYLIGHT) : shown);
    }

    private static OptionalDouble given(int number, String field, @Nullable Double value) throws Wrong {
        if (value == null) {
            return OptionalDouble.empty();
        }
        if (!Double.isFinite(value)) {
            throw new Wrong(Wording.say("climate.pushed-reading.reading-must-number", number, field));
        }
        return OptionalDouble.of(value);
    }
}
