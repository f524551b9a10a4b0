package mildlantern.web.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import mildlantern.log.LogKind;
import mildlantern.plant.EventKind;
import mildlantern.web.Asking;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.routine.RecordWriter;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** A new plant is asked about its way; a chill on it becomes evidence on the day it came. */
@LanternTest
class ArrivalPageTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter records;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;
    private Plant orchid;
    private LocalDate came;
    private String page;

    @BeforeEach
    void anOrchidThatCameTheDayBefore() {
        grower = growers.grower();
        came = LocalDate.now(clock).minusDays(1);
        orchid = records.store(grower.plant().acquired(came));
        page = "/plants/" + orchid.id() + "/arrival";
    }

    @Test
    void thePathNamesEachStepWithItsDay() throws Exception {
        assertThat(asking.text(grower.member(), page))
                .contains("1. Its way home", "2. Look it over", "3. Let it stand alone", "4. Medium", "5. Then")
                .doesNotContain("answer-card");
        assertThat(asking.text(grower.member(), "/plants/" + orchid.id())).contains(page);
    }

    @Test
    void aColdWayIsEvidenceOnTheDayItCame_once() throws Exception {
        assertThat(asking.text(grower.member(), page + "?celsius=-4&out=30&wrap=BARE"))
                .contains("It was chilled on the way", "Under 10 °C");
        String form = Asking.fresh();
        for (int i = 0; i < 2; i++) {
            asking.form(grower.member(), page, "form", form, "celsius", "-4", "out", "30", "wrap", "BARE")
                    .andExpect(status().is3xxRedirection());
        }
        assertThat(logBook.entries(orchid))
                .filteredOn(row -> row.kind() == LogKind.of(EventKind.CHILLED))
                .singleElement()
                .satisfies(row -> assertThat(row.onDay()).isEqualTo(came));
        assertThat(asking.text(grower.member(), page)).contains("Its way stands in the record.");
    }

    @Test
    void aWarmWrappedWayHarmsNothing_andIsNoEvidence() throws Exception {
        asking.form(grower.member(), page, "form", Asking.fresh(), "celsius", "15", "out", "10", "wrap", "WRAPPED")
                .andExpect(status().is3xxRedirection());
        assertThat(logBook.entries(orchid)).extracting(row -> row.kind()).containsExactly(LogKind.NOTED);
    }

    @ParameterizedTest
    @CsvSource({"celsius, 99, Outdoors it was", "celsius, warm, warm", "out, -3, Minutes in the open"})
    void aWrongNumberIsToldAndKept(String field, String typed, String told) throws Exception {
        String answer = asking.form(
                        grower.member(),
                        page,
                        "form",
                        Asking.fresh(),
                        "celsius",
                        field.equals("celsius") ? typed : "5",
                        "out",
                        field.equals("out") ? typed : "5")
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).contains(told, "value=\"" + typed + "\"");
        assertThat(logBook.entries(orchid)).isEmpty();
    }

    @Test
    void whoeverAddsAPlantThatHasJustComeIsLedToItsPath() throws Exception {
        asking.form(
                        grower.member(),
                        "/plants",
                        "form",
                        Asking.fresh(),
                        "name",
                        "Newcomer",
                        "profile",
                        "monstera",
                        "stop",
                        grower.stop().id().toString(),
                        "acquiredOn",
                        came.toString())
                .andExpect(redirectedUrlPattern("/plants/*/arrival"));
    }

    @Test
    void noOtherGrowerSeesIt() throws Exception {
        asking.page(growers.grower().member(), page).andExpect(status().isNotFound());
    }
}
