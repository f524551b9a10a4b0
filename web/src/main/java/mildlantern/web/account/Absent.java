package mildlantern.web.account;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.TimeZone;
import java.util.function.Supplier;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Houses;
import org.jspecify.annotations.Nullable;
import org.springframework.context.i18n.LocaleContext;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.context.i18n.SimpleTimeZoneAwareLocaleContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Those who are not here: for whom something is written that they read elsewhere, in a calendar or by mail. */
@Service
@Transactional
public class Absent {
    private final MemberRepository members;
    private final Houses houses;
    private final OnceLinks links;
    private final Clock clock;

    Absent(MemberRepository members, Houses houses, OnceLinks links, Clock clock) {
        this.members = members;
        this.houses = houses;
        this.links = links;
        this.clock = clock;
    }

    /**
     * Somebody who reads elsewhere.
     *
     * @param signIn his user name
     * @param collection that he looks after
     * @param collectionName its name
     * @param mail where his mail goes; null where none is to
     * @param settings how he likes to read
     * @param zone the clock of the house
     */
    public record Reader(
            String signIn,
            CollectionId collection,
            String collectionName,
            String name,
            @Nullable String mail,
            ReaderSettings settings,
            ZoneId zone) {
        /** Does something as if he had asked for it: in his language, by the clock of his house. */
        public <T> T as(Supplier<T> work) {
            LocaleContext before = LocaleContextHolder.getLocaleContext();
            LocaleContextHolder.setLocaleContext(
                    new SimpleTimeZoneAwareLocaleContext(settings.locale(), TimeZone.getTimeZone(zone)));
            try {
                return work.get();
            } finally {
                LocaleContextHolder.setLocaleContext(before);
            }
        }
    }

    private Reader reader(Member member) {
        return new Reader(
                member.signIn(),
                member.collection(),
                houses.named(member.collection()),
                member.name(),
                member.mail(),
                member.settings(),
                houses.zone(member.collection()).orElse(clock.getZone()));
    }

    private boolean belongs(Member member) {
        return member.belongs(LocalDate.now(clock));
    }

    /** Whose calendar has this secret in its address. */
    @Transactional(readOnly = true)
    public Optional<Reader> withCalendar(String secret) {
        return members.withCalendar(secret).filter(this::belongs).map(this::reader);
    }

    /** Those who want a morning message and have not had today's, now that their quiet hours are over. */
    @Transactional(readOnly = true)
    public List<Reader> waitingForMorning() {
        Instant now = clock.instant();
        return members.mailedInTheMorning().stream()
                .filter(this::belongs)
                .filter(member -> due(member, now))
                .map(this::reader)
                .toList();
    }

    private boolean due(Member member, Instant now) {
        var there = now.atZone(houses.zone(member.collection()).orElse(clock.getZone()));
        LocalDate last = member.mailedOn();
        return (last == null || last.isBefore(there.toLocalDate()))
                && member.settings().quiet().morningCame(there.getHour());
    }

    /** Writes down that somebody has had the message of a day; false if he had it already. */
    public boolean mailed(String signIn, LocalDate day) {
        return members.mailed(signIn, day) == 1;
    }

    /** The message of a day could not be sent: it is tried again. */
    public void notMailed(String signIn, LocalDate day) {
        members.notMailed(signIn, day);
    }

    /** The secret of somebody's calendar; made when it is first asked for. */
    String calendar(String signIn) {
        Member member = members.named(signIn).orElseThrow();
        if (member.calendar() == null) {
            member.calendarIs(links.secret());
        }
        return member.calendar();
    }

    /** Gives somebody's calendar another secret; its address of before leads nowhere any more. */
    void anotherCalendar(String signIn) {
        members.named(signIn).orElseThrow().calendarIs(links.secret());
    }
}
