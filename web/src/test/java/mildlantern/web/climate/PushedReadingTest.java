package mildlantern.web.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import mildlantern.light.WindowLight;
import mildlantern.sensing.Sample;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.json.JsonMapper;

/** What a sensor sends, and what whoever set it up is told. */
class PushedReadingTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-05-01T14:00:00Z"), ZoneOffset.UTC);

    private final JsonMapper json = JsonMapper.shared();
    private final PushedReading.Reader reader = new PushedReading.Reader(json, WindowLight.load(), CLOCK);

    private Sample read(String text) throws PushedReading.Wrong {
        JsonParser parser = json.createParser(text.replace('\'', '"'));
        parser.nextToken();
        return reader.sample(parser, 3);
    }

    @Test
    void fahrenheitAndLuxAreKeptInTheUnitsOfTheHouse() throws Exception {
        Sample sample = read("{'at': '2026-05-01T15:30:00+02:00', 'fahrenheit': 68, 'lux': 5400}");
        assertThat(sample.at()).isEqualTo(Instant.parse("2026-05-01T13:30:00Z"));
        assertThat(sample.celsius().orElseThrow()).isCloseTo(20, within(1e-9));
        assertThat(sample.ppfd().orElseThrow()).isCloseTo(100, within(5.0));
        assertThat(sample.humidity()).isEmpty();
    }

    @Test
    void nullSaysNothing() throws Exception {
        assertThat(read("{'at': '2026-05-01T14:00:00Z', 'celsius': null, 'humidity': 55}")
                        .celsius())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{'at': '2026-05-01T14:00:00Z', 'celsius': '21'}    | Reading 3: 'celsius' must be a number.",
                "{'at': '2026-05-01T14:00:00Z', 'celsius': 'NaN'}   | Reading 3: 'celsius' must be a number.",
                "{'at': '2026-05-01T14:00:00Z', 'lux': [5]}         | Reading 3: 'lux' must be a number.",
                "{'at': '2026-05-01T14:00:00Z'}                     | Reading 3 holds neither temperature, humidity nor light.",
                "{'at': '2026-05-01T14:00:00', 'celsius': 21}       | Reading 3: 'at' must be a time with its zone, as 2026-05-01T14:00:00Z.",
                "{'celsius': 21}                                    | Reading 3: 'at' must be a time with its zone, as 2026-05-01T14:00:00Z.",
                "{'at': '2026-05-01T15:00:01Z', 'celsius': 21}      | Reading 3: 'at' is 2026-05-01T15:00:01Z; allowed is from 2000 to now. Is the sensor's clock right?",
                "{'at': '1999-12-31T23:00:00Z', 'celsius': 21}      | Reading 3: 'at' is 1999-12-31T23:00:00Z; allowed is from 2000 to now. Is the sensor's clock right?",
                "{'at': '2026-05-01T14:00:00Z', 'temp': 21}         | Reading 3: 'temp' is not known; known are at, celsius, fahrenheit, humidity, lux, ppfd.",
                "7                                                  | Reading 3 is not an object."
            })
    void whatIsWrongIsToldAtItsField(String sent, String told) {
        assertThatThrownBy(() -> read(sent))
                .isInstanceOf(PushedReading.Wrong.class)
                .hasMessage(told);
    }
}
