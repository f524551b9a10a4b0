package mildlantern.web.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import javax.imageio.ImageIO;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.Visit;
import mildlantern.web.casework.CaseService;
import mildlantern.web.platform.CaseId;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What is kept apart, and what bad input gets: never another's plant, never a stack trace, never a loss. */
@LanternTest
class BordersTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private CaseService cases;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private Clock clock;

    @LocalServerPort
    private int port;

    private Growers.Grower mine;
    private Growers.Grower theirs;
    private CaseId myCase;

    @BeforeEach
    void twoGrowers() {
        mine = growers.grower();
        theirs = growers.grower();
        myCase = cases.open(mine.member().collection(), mine.plant().id());
    }

    private MockHttpServletRequestBuilder as(Growers.Grower grower, MockHttpServletRequestBuilder request) {
        return request.with(user(grower.member())).with(csrf());
    }

    private UUID photo(Growers.Grower grower) throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", png);
        mvc.perform(multipart("/plants/{id}/photos", grower.plant().id())
                        .file(new MockMultipartFile("file", "leaf.png", "image/png", png.toByteArray()))
                        .param("form", UUID.randomUUID().toString())
                        .param("caption", "a leaf")
                        .with(user(grower.member()))
                        .with(csrf()))
                .andExpect(status().is3xxRedirection());
        return jdbc.sql("select id from photo where plant_id = ?")
                .param(grower.plant().id().value())
                .query(UUID.class)
                .single();
    }

    @Test
    void nobodyReadsAnothersPlantCaseStopOrPhoto() throws Exception {
        UUID myPhoto = photo(mine);
        mvc.perform(as(mine, get("/photos/{id}", myPhoto)))
                .andExpect(status().isOk())
                .andExpect(content().contentType("image/jpeg"));
        for (String address : new String[] {
            "/plants/" + mine.plant().id(),
            "/plants/" + mine.plant().id() + "/plate.svg",
            "/cases/" + myCase,
            "/cases/" + myCase + "/decide",
            "/cases/" + myCase + "/close",
            "/cases/" + myCase + "/opinion",
            "/cases/" + myCase + "?q=yellow",
            "/cases/" + myCase + "?recall=true",
            "/photos/" + myPhoto,
            "/?stop=" + mine.stop().id(),
            "/stops/" + mine.stop().id(),
            "/stops/" + mine.stop().id() + "/plan",
            "/plants/" + mine.plant().id() + "/strip?days=42",
            "/plants/" + mine.plant().id() + "/edit",
            "/plants/" + mine.plant().id() + "/photos",
            "/photos/" + myPhoto + "/small",
            "/labels?stop=" + mine.stop().id()
        }) {
            mvc.perform(as(mine, get(address))).andExpect(status().isOk());
            mvc.perform(as(theirs, get(address)))
                    .andExpect(status().isNotFound())
                    .andExpect(content().string(Matchers.containsString("in your collection")));
        }
    }

    @Test
    void nobodyWritesToAnothersPlantOrCase() throws Exception {
        mvc.perform(as(theirs, post("/cases/{id}/answers", myCase))
                        .param("version", "0")
                        .param("finding", "leaf.limp")
                        .param("state", "present")
                        .param("part", "leaf"))
                .andExpect(status().isNotFound());
        mvc.perform(as(theirs, post("/round/deeds"))
                        .param("form", UUID.randomUUID().toString())
                        .param("plant", mine.plant().id().toString())
                        .param("stop", mine.stop().id().toString())
                        .param("deed", "GAVE"))
                .andExpect(status().isNotFound());
        mvc.perform(as(theirs, post("/stops/{id}/plan/shift", mine.stop().id()))
                        .param("form", UUID.randomUUID().toString())
                        .param("plant", mine.plant().id().toString())
                        .param("x", "20")
                        .param("y", "20"))
                .andExpect(status().isNotFound());
        mvc.perform(as(theirs, post("/plants/{id}/end", mine.plant().id()))
                        .param("form", UUID.randomUUID().toString())
                        .param("how", "lost"))
                .andExpect(status().isNotFound());
        mvc.perform(as(theirs, post("/stops/{id}/readings", mine.stop().id()))
                        .param("form", UUID.randomUUID().toString())
                        .param("onDay", LocalDate.now(clock).toString())
                        .param("humidity", "40"))
                .andExpect(status().isNotFound());
        for (String turn : new String[] {"pause", "reopen", "recall"}) {
            mvc.perform(as(theirs, post("/cases/{id}/" + turn, myCase))
                            .param("form", UUID.randomUUID().toString())
                            .param("version", "0")
                            .param("until", LocalDate.now(clock).plusDays(3).toString())
                            .param("kind", "MOVED")
                            .param("state", "WEEK"))
                    .andExpect(status().isNotFound());
        }
        mvc.perform(as(theirs, post("/plants/{id}/cases", mine.plant().id()))).andExpect(status().isNotFound());
        mvc.perform(as(theirs, post("/plants"))
                        .param("form", UUID.randomUUID().toString())
                        .param("name", "Cuckoo")
                        .param("profile", "pothos")
                        .param("pot", "PLASTIC")
                        .param("medium", "bark")
                        .param("leaves", "3")
                        .param("stop", mine.stop().id().toString()))
                .andExpect(status().isNotFound());
        assertThat(jdbc.sql("select count(*) from case_answer where case_id = ?")
                        .param(myCase.value())
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    void aWrongAddressOrIdGetsOurOwnPage() throws Exception {
        for (String address :
                new String[] {"/plants/" + UUID.randomUUID(), "/plants/not-an-id", "/no/such/page", "/cases/17"}) {
            mvc.perform(as(mine, get(address)))
                    .andExpect(status().isNotFound())
                    .andExpect(content()
                            .string(Matchers.allOf(
                                    Matchers.containsString("Mild Lantern"),
                                    Matchers.containsString("Nothing was changed."),
                                    Matchers.not(Matchers.containsString("Exception")))));
        }
    }

    @Test
    void aDayInThePastIsRefusedAtItsField_andTheNoteIsKept() throws Exception {
        String note = "smelled sour at the holes";
        mvc.perform(as(mine, post("/cases/{id}/decide", myCase))
                        .param("form", UUID.randomUUID().toString())
                        .param("version", "0")
                        .param("cause", "overwatering")
                        .param("trial", "drain-and-dry")
                        .param("lookAgainOn", LocalDate.now(clock).minusDays(2).toString())
                        .param("note", note))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(Matchers.containsString("in the future")))
                .andExpect(content().string(Matchers.containsString(note)));
    }

    @Test
    void aCaseIsNotPausedIntoThePast() throws Exception {
        mvc.perform(as(mine, post("/cases/{id}/pause", myCase))
                        .param("form", UUID.randomUUID().toString())
                        .param("version", "0")
                        .param("until", "2001-01-01"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(Matchers.allOf(
                                Matchers.containsString("in the future"),
                                Matchers.containsString("value=\"2001-01-01\""))));
    }

    @Test
    void twoTrialsThatBlurEachOtherAreRefusedWithTheReason() throws Exception {
        mvc.perform(as(mine, post("/cases/{id}/decide", myCase))
                        .param("form", UUID.randomUUID().toString())
                        .param("version", "0")
                        .param("cause", "low-humidity")
                        .param("trial", "raise-humidity")
                        .param("also", "heat-source-scorch")
                        .param("alsoTrial", "away-from-heat")
                        .param("lookAgainOn", LocalDate.now(clock).plusDays(9).toString())
                        .param("note", "dry and hot"))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void overrulingTheRankingWantsAReason() throws Exception {
        mvc.perform(as(mine, post("/cases/{id}/decide", myCase))
                        .param("form", UUID.randomUUID().toString())
                        .param("version", "0")
                        .param("cause", "virus")
                        .param("trial", "isolate-and-ask")
                        .param("lookAgainOn", LocalDate.now(clock).plusDays(9).toString()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(Matchers.containsString("You overrule the ranking")));
    }

    @Test
    void anAnswerFromAnOldPageComesBackToBeSentAgain() throws Exception {
        cases.answer(mine.member().collection(), myCase, 0, new FindingId("leaf.limp"), "present", Part.LEAF);
        mvc.perform(as(mine, post("/cases/{id}/answers", myCase))
                        .header("HX-Request", "true")
                        .param("version", "0")
                        .param("finding", "soil.deep")
                        .param("state", "wet")
                        .param("part", "medium"))
                .andExpect(status().isConflict())
                .andExpect(content()
                        .string(Matchers.allOf(
                                Matchers.containsString("changed in another window"),
                                Matchers.containsString("wet at the bottom"),
                                Matchers.containsString("save it now"))));
    }

    @Test
    void anHtmxCallWithoutASessionGoesToTheSignIn() throws Exception {
        mvc.perform(get("/cases/{id}", myCase).header("HX-Request", "true"))
                .andExpect(status().isUnauthorized())
                .andExpect(header().string("HX-Redirect", "/sign-in?ended"));
        mvc.perform(post("/cases/{id}/answers", myCase).header("HX-Request", "true"))
                .andExpect(status().isUnauthorized())
                .andExpect(header().string("HX-Redirect", "/sign-in?ended"));
        mvc.perform(get("/plants/{id}", mine.plant().id())).andExpect(redirectedUrl("/sign-in"));
    }

    @Test
    void aFormWithAnOldTokenGetsOurOwnPage() throws Exception {
        Visit visit = new Visit(port, mine);
        visit.token("left over from yesterday");
        HttpResponse<String> answer = visit.form("/plants/" + mine.plant().id() + "/cases", "");
        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(answer.body()).contains("The form was out of date", "Nothing was changed");
    }

    @Test
    void fortyFiveMegabytesAreRefusedInOurOwnWords() throws Exception {
        Visit visit = new Visit(port, mine);
        assertThat(visit.open("/plants/" + mine.plant().id())).contains("Limpet");
        String part = "--lantern\r\nContent-Disposition: form-data; name=";
        HttpResponse<String> answer = visit.send(visit.to(
                        "/plants/" + mine.plant().id() + "/photos")
                .header("Content-Type", "multipart/form-data; boundary=lantern")
                .POST(HttpRequest.BodyPublishers.concat(
                        HttpRequest.BodyPublishers.ofString(part + "\"form\"\r\n\r\n" + UUID.randomUUID() + "\r\n"
                                + part + "\"file\"; filename=\"big.jpg\"\r\nContent-Type: image/jpeg\r\n\r\n"),
                        HttpRequest.BodyPublishers.ofByteArray(new byte[45 << 20]),
                        HttpRequest.BodyPublishers.ofString("\r\n--lantern--\r\n")))
                .build());
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body())
                .contains("Too large to take in", "Nothing was stored")
                .doesNotContain("Exception");
    }

    @Test
    void aNumberThatIsNoneIsToldAtItsField_andEverythingTypedIsKept() throws Exception {
        mvc.perform(as(mine, post("/plants"))
                        .param("form", UUID.randomUUID().toString())
                        .param("name", "Gull")
                        .param("profile", "pothos")
                        .param("pot", "CLAY")
                        .param("medium", "bark")
                        .param("diameter", "wide")
                        .param("stop", mine.stop().id().toString()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(Matchers.allOf(
                                Matchers.containsString("Write it for example as 15 cm or 6 in."),
                                Matchers.containsString("value=\"wide\""),
                                Matchers.containsString("value=\"Gull\""))));
    }

    @Test
    void aFileThatIsNoPictureIsRefusedAtItsField() throws Exception {
        mvc.perform(multipart("/plants/{id}/photos", mine.plant().id())
                        .file(new MockMultipartFile(
                                "file", "leaf.png", "image/png", "not a picture".getBytes(StandardCharsets.UTF_8)))
                        .param("form", UUID.randomUUID().toString())
                        .param("caption", "kept words")
                        .with(user(mine.member()))
                        .with(csrf()))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(Matchers.allOf(
                                Matchers.containsString("not a picture we can read"),
                                Matchers.containsString("kept words"))));
    }

    @Test
    void aNoteSentTwiceIsOneNote() throws Exception {
        String form = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            mvc.perform(as(mine, post("/quick")).param("form", form).param("line", "limpet: watered 200"))
                    .andExpect(status().is3xxRedirection());
        }
        assertThat(jdbc.sql("select count(*) from happening where plant_id = ?")
                        .param(mine.plant().id().value())
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    void sessionsAndHeadersAreWhatTheyShouldBe() throws Exception {
        mvc.perform(as(mine, get("/")))
                .andExpect(header().string(
                                "Content-Security-Policy",
                                Matchers.allOf(
                                        Matchers.containsString("script-src 'self'"),
                                        Matchers.not(Matchers.containsString("unsafe")))))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"));
    }
}
