package mildlantern.web;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/**
 * The application's clock in tests: begins on the same morning in whatever year and zone they run, goes on as usual, and can be moved by days.
 */
public final class MovableClock extends Clock {
    private static final Instant BEGIN = Instant.parse("2026-11-26T09:00:00Z");
    private static final ZoneId ZONE = ZoneId.of("CET");

    private final long started = System.nanoTime();
    private volatile Duration ahead = Duration.ZERO;

    @TestConfiguration(proxyBeanMethods = false)
    public static class Configuration {
        @Bean
        @Primary
        MovableClock movableClock() {
            return new MovableClock();
        }
    }

    public void moveDays(int days) {
        ahead = ahead.plusDays(days);
    }

    public void moveMinutes(int minutes) {
        ahead = ahead.plusMinutes(minutes);
    }

    public void reset() {
        ahead = Duration.ZERO;
    }

    @Override
    public ZoneId getZone() {
        return ZONE;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.fixed(instant(), zone);
    }

    @Override
    public Instant instant() {
        return BEGIN.plusNanos(System.nanoTime() - started).plus(ahead);
    }
}
