package mildlantern.web.reminders;

import java.net.URI;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.Url;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Writes events as a calendar (RFC 5545) that a calendar program reads again and again. */
final class DueCalendar {
    private static final String MAKER = "-//Mild Lantern//due//EN";

    private DueCalendar() {}

    /**
     * A calendar of whole days, which leave the time free.
     *
     * @param name of the calendar
     * @param owner by which its events differ from those of other collections
     * @param start of the addresses of pages
     * @param written when it was made
     */
    static String write(String name, String owner, String start, Instant written, List<Coming.Event> events) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId(MAKER));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        for (Coming.Event event : events) {
            calendar.add(event(event, owner, start, written));
        }
        return calendar.toString();
    }

    private static VEvent event(Coming.Event event, String owner, String start, Instant written) {
        LocalDate next = event.day().plusDays(1);
        VEvent made = new VEvent(event.day(), next, event.title());
        made.getProperty("DTSTAMP").ifPresent(stamp -> made.remove(stamp));
        made.add(new DtStamp(written));
        made.add(new Uid(event.key() + "." + owner));
        made.add(new Description(event.details()));
        made.add(new Url(URI.create(start + event.path())));
        made.add(ImmutableTransp.TRANSPARENT);
        return made;
    }
}
