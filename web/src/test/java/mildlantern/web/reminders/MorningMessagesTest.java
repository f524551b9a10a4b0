package mildlantern.web.reminders;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import mildlantern.web.account.Absent;
import mildlantern.web.account.ReaderSettings;
import mildlantern.web.mail.Post;
import mildlantern.web.platform.CollectionId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A morning message that could not be sent is tried again; one that was sent is not. */
class MorningMessagesTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 28);

    private final Absent absent = mock();
    private final Coming coming = mock();
    private final Post post = mock();

    @BeforeEach
    void somebodyWaitsForTheDay() {
        Absent.Reader reader = new Absent.Reader(
                "robin",
                CollectionId.fresh(),
                "Test house",
                "Robin",
                "robin@example.org",
                ReaderSettings.USUAL,
                ZoneOffset.UTC);
        when(post.works()).thenReturn(true);
        when(absent.waitingForMorning()).thenReturn(List.of(reader));
        when(absent.mailed("robin", DAY)).thenReturn(true);
        when(coming.events(any(), eq(DAY), eq(DAY)))
                .thenReturn(List.of(new Coming.Event("1", DAY, "look at 1 plant", "Limpet", "/")));
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void whatCouldNotBeSentIsTriedAgain(boolean sent) {
        when(post.send(any(), any(), any())).thenReturn(sent);
        Clock clock = Clock.fixed(DAY.atTime(8, 0).toInstant(ZoneOffset.UTC), ZoneOffset.UTC);
        new MorningMessages(absent, coming, post, clock).send();
        verify(absent, sent ? never() : times(1)).notMailed("robin", DAY);
    }
}
