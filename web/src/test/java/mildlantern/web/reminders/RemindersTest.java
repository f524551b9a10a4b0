package mildlantern.web.reminders;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import biweekly.Biweekly;
import biweekly.ICalendar;
import com.icegreen.greenmail.util.GreenMail;
import jakarta.mail.internet.MimeMessage;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** What is due reaches a grower where he is not: in his calendar program, and by mail in the morning. */
@LanternTest
class RemindersTest {
    private static final Pattern ADDRESS =
            Pattern.compile("value=\"http://localhost(/calendar/[A-Za-z0-9_-]+\\.ics)\"");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private MorningMessages morning;

    @Autowired
    private GreenMail server;

    @Autowired
    private MovableClock movable;

    private Growers.Grower grower;
    private String mail = "";

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
        mail = UUID.randomUUID() + "@example.org";
    }

    @AfterEach
    void theDayIsTodayAgain() {
        movable.reset();
    }

    private String address() throws Exception {
        Matcher found = ADDRESS.matcher(mvc.perform(get("/account").with(user(grower.member())))
                .andReturn()
                .getResponse()
                .getContentAsString());
        assertThat(found.find()).isTrue();
        return found.group(1);
    }

    private void press(String address, String... fields) throws Exception {
        var asked = post(address).with(user(grower.member())).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            asked = asked.param(fields[i], fields[i + 1]);
        }
        mvc.perform(asked).andExpect(status().is3xxRedirection());
    }

    private List<MimeMessage> letters() throws Exception {
        return Arrays.stream(server.getReceivedMessages())
                .filter(letter -> {
                    try {
                        return String.valueOf(letter.getAllRecipients()[0]).equals(mail);
                    } catch (jakarta.mail.MessagingException e) {
                        throw new IllegalStateException(e);
                    }
                })
                .toList();
    }

    @Test
    void whatIsDueIsReadByAnotherCalendarProgram_withoutSigningIn() throws Exception {
        press(
                "/quick",
                "form",
                UUID.randomUUID().toString(),
                "plant",
                grower.plant().id().toString(),
                "line",
                "watered 210");
        String written = mvc.perform(get(address()))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        ICalendar read = Biweekly.parse(written).first();
        assertThat(read.validate(biweekly.ICalVersion.V2_0).isEmpty()).isTrue();
        assertThat(read.getEvents()).isNotEmpty().allSatisfy(event -> {
            assertThat(event.getUid().getValue()).endsWith("." + grower.member().collection());
            assertThat(event.getDateStart().getValue().hasTime()).isFalse();
        });
        assertThat(read.getEvents())
                .extracting(event -> event.getSummary().getValue())
                .anyMatch(title -> title.contains("look at 1 plant"))
                .anyMatch(title -> title.contains("water 1 plant"));
        assertThat(read.getEvents())
                .extracting(event -> event.getDescription().getValue())
                .anyMatch(details -> details.equals("water 1 plant at Sill: Limpet"));
        assertThat(Biweekly.parse(mvc.perform(get(address()))
                                .andReturn()
                                .getResponse()
                                .getContentAsString())
                        .first()
                        .getEvents())
                .as("the same thing keeps its id")
                .extracting(event -> event.getUid().getValue())
                .containsExactlyElementsOf(read.getEvents().stream()
                        .map(event -> event.getUid().getValue())
                        .toList());
    }

    @Test
    void aHelpersDaysAndTheReturnStandInTheCalendar() throws Exception {
        LocalDate leaves = LocalDate.now();
        press(
                "/away",
                "form",
                UUID.randomUUID().toString(),
                "leaves",
                leaves.toString(),
                "back",
                leaves.plusDays(12).toString(),
                "who",
                "NOBODY",
                "helper",
                "",
                "note",
                "");
        ICalendar read = Biweekly.parse(
                        mvc.perform(get(address())).andReturn().getResponse().getContentAsString())
                .first();
        assertThat(read.validate(biweekly.ICalVersion.V2_0).isEmpty()).isTrue();
        assertThat(read.getEvents())
                .extracting(event -> event.getSummary().getValue())
                .contains("Before you go: water and see to the plants", "Back: look at the plants that were left");
    }

    @Test
    void aNewAddressEndsTheOldOne_andAWrongOneLeadsNowhere() throws Exception {
        String before = address();
        press("/account/calendar");
        mvc.perform(get(before)).andExpect(status().isNotFound());
        mvc.perform(get(address())).andExpect(status().isOk());
        mvc.perform(get("/calendar/guessed.ics")).andExpect(status().isNotFound());
    }

    @Test
    void theMorningMessageComesOnceADayWhenQuietHoursEnd_andNotToThoseWhoDoNotWantIt() throws Exception {
        press("/account/self", "name", "Robin", "mail", mail, "morning", "true");
        // It is ten in the morning by the clock of these tests.
        AtOnce.each(4, number -> () -> {
            morning.send();
            return number;
        });
        assertThat(letters()).hasSize(1);
        MimeMessage letter = letters().get(0);
        assertThat(letter.getSubject()).isEqualTo("Today in Test house");
        assertThat(String.valueOf(letter.getContent()))
                .startsWith("Good morning, Robin.")
                .contains("look at 1 plant at Sill: Limpet");
        morning.send();
        assertThat(letters()).hasSize(1);
        movable.moveMinutes(20 * 60);
        morning.send();
        assertThat(letters()).as("six in the morning: still quiet").hasSize(1);
        movable.moveMinutes(70);
        morning.send();
        assertThat(letters()).hasSize(2);
        press("/account/self", "name", "Robin", "mail", mail);
        movable.moveDays(1);
        morning.send();
        assertThat(letters()).hasSize(2);
    }

    @Test
    void aForgottenPasswordIsRenewedByMail_andNobodyLearnsWhoHasAnAccount() throws Exception {
        press("/account/self", "name", "Robin", "mail", mail);
        for (String asked : List.of(mail, "nobody@example.org", mail)) {
            assertThat(mvc.perform(post("/forgotten").with(csrf()).param("mail", asked))
                            .andReturn()
                            .getResponse()
                            .getContentAsString())
                    .contains("If someone here has this address");
        }
        Awaitility.await().atMost(Duration.ofSeconds(10)).until(() -> !letters().isEmpty());
        Matcher link = Pattern.compile("http://localhost(/new-password/[A-Za-z0-9_-]+)")
                .matcher(String.valueOf(letters().get(0).getContent()));
        assertThat(link.find()).isTrue();
        mvc.perform(post(link.group(1)).with(csrf()).param("password", "a second password"))
                .andExpect(status().is3xxRedirection());
        mvc.perform(get(link.group(1))).andExpect(status().isNotFound());
        assertThat(letters()).as("asked for twice at once, sent once").hasSize(1);
    }
}
