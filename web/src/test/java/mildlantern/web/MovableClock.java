package mildlantern.web;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** The application's clock in tests: goes on as usual, and can be moved by days. */
public final class MovableClock extends Clock {
    private volatile Duration ahead = Duration.ZERO;

    @TestConfiguration(proxyBeanMethods = false)
    static class Configuration {
        @Bean
        @Primary
        MovableClock movableClock() {
            return new MovableClock();
        }
    }

    public void moveDays(int days) {
        ahead = ahead.plusDays(days);
    }

    public void reset() {
        ahead = Duration.ZERO;
    }

    @Override
    public ZoneId getZone() {
        return ZoneId.systemDefault();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return Clock.offset(Clock.system(zone), ahead);
    }

    @Override
    public Instant instant() {
        return Instant.now().plus(ahead);
    }
}
