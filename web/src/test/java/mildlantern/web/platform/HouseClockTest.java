package mildlantern.web.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.TimeZone;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.context.i18n.SimpleTimeZoneAwareLocaleContext;

class HouseClockTest {
    private final Clock clock = new HouseClock(Clock.fixed(Instant.parse("2026-11-27T13:30:00Z"), ZoneOffset.UTC));

    @AfterEach
    void nobodyAsks() {
        LocaleContextHolder.resetLocaleContext();
    }

    @Test
    void itIsTheDayOfTheHouseThatIsAskedFor() {
        assertThat(LocalDate.now(clock)).isEqualTo("2026-11-27");
        LocaleContextHolder.setLocaleContext(
                new SimpleTimeZoneAwareLocaleContext(Locale.UK, TimeZone.getTimeZone("Pacific/Auckland")));
        assertThat(LocalDate.now(clock)).isEqualTo("2026-11-28");
        assertThat(clock.instant()).isEqualTo("2026-11-27T13:30:00Z");
    }
}
