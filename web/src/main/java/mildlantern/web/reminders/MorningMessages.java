package mildlantern.web.reminders;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import mildlantern.web.account.Absent;
import mildlantern.web.mail.Post;
import mildlantern.web.words.Wording;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** Tells by mail what the day brings, once a day, to those who want it; not on days that bring nothing. */
@Service
class MorningMessages {
    private final Absent absent;
    private final Coming coming;
    private final Post post;
    private final Clock clock;

    MorningMessages(Absent absent, Coming coming, Post post, Clock clock) {
        this.absent = absent;
        this.coming = coming;
        this.post = post;
        this.clock = clock;
    }

    @Scheduled(fixedDelayString = "PT10M", initialDelayString = "PT1M")
    @SchedulerLock(name = "morning-messages")
    void send() {
        if (post.works()) {
            absent.waitingForMorning().forEach(this::send);
        }
    }

    private void send(Absent.Reader reader) {
        reader.as(() -> {
            LocalDate today = LocalDate.now(clock);
            // Claimed before it is sent: better none than two.
            boolean mine = absent.mailed(reader.signIn(), today);
            if (mine && !write(reader, today)) {
                absent.notMailed(reader.signIn(), today);
            }
            return mine;
        });
    }

    /** Whether it was sent, or there was nothing to send. */
    private boolean write(Absent.Reader reader, LocalDate today) {
        List<Coming.Event> events = coming.events(reader.collection(), today, today);
        String to = reader.mail();
        return events.isEmpty()
                || to == null
                || post.send(
                        to,
                        Wording.say("reminders.morning.subject", reader.collectionName()),
                        Wording.say(
                                "reminders.morning.text",
                                reader.name(),
                                events.stream()
                                        .map(event -> event.title() + "\n" + event.details())
                                        .distinct()
                                        .collect(Collectors.joining("\n\n"))));
    }
}
