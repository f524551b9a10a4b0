package mildlantern.web.platform;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.context.i18n.TimeZoneAwareLocaleContext;

/** A clock that tells the day of the house that is asked for, as the request says it; outside a request, the machine's. */
final class HouseClock extends Clock {
    private final Clock machine;

    HouseClock(Clock machine) {
        this.machine = machine;
    }

    @Override
    public ZoneId getZone() {
        LocaleContext asked = LocaleContextHolder.getLocaleContext();
        return asked instanceof TimeZoneAwareLocaleContext house && house.getTimeZone() != null
                ? house.getTimeZone().toZoneId()
                : machine.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return machine.withZone(zone);
    }

    @Override
    public Instant instant() {
        return machine.instant();
    }
}
