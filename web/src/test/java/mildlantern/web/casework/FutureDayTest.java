package mildlantern.web.casework;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FutureDayTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-11-24T09:00:00Z"), ZoneOffset.UTC);
    private final Map<String, String> problems = new LinkedHashMap<>();

    @Test
    void aDayAheadIsTaken() {
        assertThat(FutureDay.read("2026-12-01", "until", CLOCK, problems)).contains(LocalDate.of(2026, 12, 1));
        assertThat(problems).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-24, in the future",
        "2020-01-01, in the future",
        "2027-11-25, At most a year ahead",
        "soon, 'Give a day, as in 2026-12-01'",
        "'', 'Give a day, as in 2026-12-01'"
    })
    void anyOtherIsToldAtItsField(String typed, String told) {
        assertThat(FutureDay.read(typed, "until", CLOCK, problems)).isEmpty();
        assertThat(problems).containsOnlyKeys("until");
        assertThat(problems.get("until")).contains(told);
    }
}
