package mildlantern.web.reminders;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import mildlantern.web.account.Absent;
import mildlantern.web.platform.NotHere;
import mildlantern.web.words.Wording;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What is due as a calendar, at an address that only its owner knows; calendar programs cannot sign in. */
@Controller
class CalendarController {
    /** The routine further ahead than that changes with the weather. */
    private static final int DAYS_AHEAD = 28;

    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");
    private static final Duration KEPT = Duration.ofMinutes(15);

    private final Absent absent;
    private final Coming coming;
    private final Clock clock;

    CalendarController(Absent absent, Coming coming, Clock clock) {
        this.absent = absent;
        this.coming = coming;
        this.clock = clock;
    }

    @GetMapping("/calendar/{secret}.ics")
    ResponseEntity<String> calendar(@PathVariable String secret) {
        Absent.Reader reader = absent.withCalendar(secret).orElseThrow(() -> new NotHere("calendar"));
        String start = ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
        String written = reader.as(() -> {
            LocalDate today = LocalDate.now(clock);
            List<Coming.Event> events = coming.events(reader.collection(), today, today.plusDays(DAYS_AHEAD));
            return DueCalendar.write(
                    Wording.say("reminders.calendar.name", reader.collectionName()),
                    reader.collection().toString(),
                    start,
                    clock.instant(),
                    events);
        });
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.maxAge(KEPT).cachePrivate())
                .body(written);
    }
}
