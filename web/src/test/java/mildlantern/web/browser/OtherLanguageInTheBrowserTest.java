package mildlantern.web.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertAll;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantKnowledge;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.casework.CaseService;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CaseId;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;

/**
 * Every page in the made-up language of tests, whose texts are accented and a third longer: what stays plain English is not in the bundles, and what
 * sticks out or is cut off has no room to grow. Texts of the knowledge base are left out; they stand in its files, for each language.
 */
@LanternTest
class OtherLanguageInTheBrowserTest {
    private static final Pattern WORD = Pattern.compile("[A-Za-z]{3,}");

    /** Signs of units, names of things that have no other, and what the demo's growers are called. */
    private static final List<String> NO_LANGUAGE = List.of(
            "mild lantern",
            "limpet",
            "sill",
            "porch",
            "grower",
            "test house",
            "mol",
            "mmol",
            "kpa",
            "ppm",
            "csv",
            "utc",
            "vpd",
            "ppfd",
            "english, made longer",
            "example",
            "http",
            "calendar",
            "january february march april may june july august september october november december",
            "monday tuesday wednesday thursday friday saturday sunday");

    private static final List<String> KINDS = PlantKnowledge.load().profiles().stream()
            .map(kind -> kind.name().toLowerCase(Locale.ROOT))
            .toList();

    @Autowired
    private Growers growers;

    @Autowired
    private Stops stops;

    @Autowired
    private CaseService cases;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Clock clock;

    @LocalServerPort
    private int port;

    private final Map<String, Boolean> asked = new HashMap<>();

    private static String knowledge() throws IOException {
        StringBuilder all = new StringBuilder();
        for (Resource file :
                new PathMatchingResourcePatternResolver().getResources("classpath*:mildlantern/knowledge/**/*.yaml")) {
            try (InputStream in = file.getInputStream()) {
                all.append(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return plain(all.toString());
    }

    /** Without what a text of the knowledge base is filled in with. */
    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replaceAll("\\{[a-z.]+\\}|%s|[0-9][0-9.,]*", "#")
                .replaceAll("[\\s]+", " ")
                .strip();
    }

    /** The same without the names of kinds, which sentences of the knowledge base are filled in with as well. */
    private static String withoutKinds(String text) {
        String rest = text;
        for (String kind : KINDS) {
            rest = rest.replace("the " + kind + " is", "the # is");
        }
        return rest;
    }

    /** Whether a word stands in the knowledge base, or has no other language; asked often, and of a text of a megabyte. */
    private boolean known(String word, String knowledge) {
        String small = word.toLowerCase(Locale.ROOT);
        return asked.computeIfAbsent(
                small, it -> NO_LANGUAGE.stream().anyMatch(name -> name.contains(it)) || knowledge.contains(it));
    }

    /** Whether a sentence, or one that was put together with others, stands there. */
    private boolean knownSentence(String text, String knowledge) {
        return asked.computeIfAbsent(
                text,
                it -> Stream.of(withoutKinds(plain(it)).replaceAll("[.…]+$", "").split(", and | and |, |; "))
                        .anyMatch(knowledge::contains));
    }

    @Test
    void everyPageSpeaksIt_andNothingIsCutOff() throws Exception {
        Growers.Grower grower = growers.grower();
        Stop porch = stops.store(new Stop(StopId.fresh(), grower.member().collection(), 2, "Porch")
                .climate(Brightness.DIRECT, 40.0, 24.0, 8.0));
        CaseId open = cases.open(grower.member().collection(), grower.plant().id());
        jdbc.sql("update member set settings = '{\"language\": \"TEST\"}' where sign_in = ?")
                .param(grower.signIn())
                .update();
        List<String> pages = pages(grower, porch, open);
        Plant sick = growers.plant(grower.member().collection(), grower.stop(), "Limpet");
        pages.addAll(begun(grower, cases.open(grower.member().collection(), sick.id())));
        String knowledge = knowledge();
        List<String> plain = new ArrayList<>();
        List<String> cut = new ArrayList<>();
        try (Browser.Window window = new Browser.Window(port, 1280, 800).signIn(grower.signIn(), Growers.PASSWORD)) {
            for (String desk : List.of("/mixing", "/desk")) {
                window.open(desk);
                pages.addAll(links(window));
            }
            for (String address : pages) {
                window.page.setViewportSize(1280, 800);
                window.open(address);
                String shape = address.replaceAll("[0-9a-f-]{36}", "…");
                read(window, shape, knowledge, plain);
                cutOff(window, shape, cut);
                window.page.setViewportSize(390, 800);
                cutOff(window, shape, cut);
            }
        }
        assertAll(
                () -> assertThat(plain.stream().distinct()).as("plain English").isEmpty(),
                () -> assertThat(cut.stream().distinct())
                        .as("cut off, or sticking out")
                        .isEmpty());
    }

    /** What of a page is plain English. */
    private void read(Browser.Window window, String shape, String knowledge, List<String> plain) {
        @SuppressWarnings("unchecked")
        List<String> texts = (List<String>) window.page.evaluate("""
                () => {
                  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
                  const texts = [];
                  while (walker.nextNode()) {
                    const parent = walker.currentNode.parentElement;
                    if (parent.closest('script, style, noscript, kbd, svg.plate, [lang]:not(html)')) continue;
                    if (parent.tagName === 'OPTION' && parent.closest('#zone')) continue;
                    const text = walker.currentNode.textContent.trim();
                    if (text) texts.push(text);
                  }
                  for (const field of document.querySelectorAll('[aria-label], [title], [placeholder]')) {
                    for (const name of ['aria-label', 'title', 'placeholder']) {
                      if (field.getAttribute(name)) texts.push(field.getAttribute(name));
                    }
                  }
                  return texts;
                }""");
        for (String text : texts) {
            Matcher words = WORD.matcher(text.replaceAll("grower-\\S+|\\S*[^\\x00-\\x7F]\\S*", " "));
            while (words.find()) {
                if (!known(words.group(), knowledge)) {
                    plain.add(shape + ": " + text);
                    break;
                }
            }
            if (text.matches("(?i).*\\b(the|of|and|is|are|to)\\b.*")
                    && !knownSentence(text, knowledge)
                    && !text.matches(".*[^\\x00-\\x7F].*")) {
                plain.add(shape + ": " + text);
            }
        }
    }

    /** What of a page sticks out or is cut off at the width that the window has. */
    private static void cutOff(Browser.Window window, String shape, List<String> cut) {
        @SuppressWarnings("unchecked")
        List<String> out = (List<String>) window.page.evaluate("""
                () => {
                  const out = [];
                  const wide = document.documentElement.scrollWidth;
                  if (wide > window.innerWidth) {
                    const far = [...document.querySelectorAll('main *')].findLast((one) => one.getBoundingClientRect().right > window.innerWidth && !one.closest('.jars'));
                    out.push(`page ${wide}: ${far?.tagName} ${far?.className} ${far?.textContent.trim().slice(0, 40)}`);
                  }
                  for (const one of document.querySelectorAll('button, a.press, label, th, h1, h2, .tag, .notice')) {
                    const style = getComputedStyle(one);
                    if (one.offsetParent && !one.closest('.visually-hidden, details:not([open]) > :not(summary)') && one.scrollWidth > one.clientWidth + 2 && style.display !== 'inline' && style.overflowX !== 'auto') {
                      out.push(one.tagName + ' ' + one.textContent.trim().slice(0, 40));
                    }
                  }
                  return out;
                }""");
        out.forEach(one -> cut.add(shape + " at " + window.page.viewportSize().width + ": " + one));
    }

    private static List<String> links(Browser.Window window) {
        return window.page.locator(".jars a").all().stream()
                .map(link -> Objects.requireNonNull(link.getAttribute("href")))
                .toList();
    }

    /** Sends a form, and tells where it leads. */
    private String sent(Growers.Grower grower, AbstractMockHttpServletRequestBuilder<?> form) throws Exception {
        String to = mvc.perform(form.with(user(grower.member())).with(csrf()))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return Objects.requireNonNull(to).replaceFirst("#.*", "");
    }

    /** A case that was decided and is treated, and a table that waits to be mended. */
    private List<String> begun(Growers.Grower grower, CaseId treated) throws Exception {
        String decided = "/cases/" + treated;
        sent(
                grower,
                post(decided + "/decide")
                        .param("form", UUID.randomUUID().toString())
                        .param("version", "0")
                        .param("cause", "spider-mites")
                        .param("trial", "wash-and-soap-mites")
                        .param("lookAgainOn", LocalDate.now(clock).plusDays(6).toString())
                        .param("note", "limpet"));
        String course = sent(
                grower,
                post(decided + "/course")
                        .param("form", UUID.randomUUID().toString())
                        .param("cause", "spider-mites")
                        .param("style", "WASH")
                        .param("aim", "CONTROL")
                        .param("severe", "false")
                        .param("counted", "40"));
        String table = sent(
                grower,
                multipart("/exchange/tables?what=PLANTS")
                        .file(new MockMultipartFile(
                                "file",
                                "plants.csv",
                                "text/csv",
                                "name;species;place\nSill;fgjk;Porch\n;pothos;Porch"
                                        .getBytes(StandardCharsets.UTF_8))));
        return List.of(decided, decided + "/look-again", course, table);
    }

    private static List<String> pages(Growers.Grower grower, Stop porch, CaseId open) {
        String plant = "/plants/" + grower.plant().id();
        String stop = "/stops/" + porch.id();
        List<String> pages = new ArrayList<>(List.of(
                "/desk",
                "/mixing",
                "/feeding",
                "/products",
                "/pest-clock",
                "/round/paper",
                plant + "/use",
                plant + "/trim",
                plant + "/cut",
                plant + "/cut?said=true&aim=TWIGS&twig=bb",
                plant + "/pot",
                plant + "/pot?said=true&roots=CIRCLING",
                plant + "/new-plants",
                plant + "/arrival?celsius=2&out=30",
                "/hands",
                "/year",
                "/kinds",
                "/away",
                plant + "/year",
                "/potting",
                "/new-plants",
                "/own-trials?kind=phalaenopsis",
                "/remedies",
                plant + "/leaf",
                "/cases/" + open + "/close",
                "/",
                "/collection",
                plant,
                plant + "/record",
                plant + "/edit",
                "/plants/new",
                "/stops/new",
                stop,
                stop + "/plan",
                "/care",
                "/care/plan",
                "/care/worked",
                plant + "/care",
                "/exchange",
                "/settings",
                "/account",
                "/people",
                "/bin",
                "/more",
                "/start/places",
                "/start/plants",
                "/cases/" + open,
                "/cases/" + open + "?part=leaf",
                "/cases/" + open + "/decide",
                "/round/summary",
                "/labels",
                "/kinds/new",
                "/reference",
                "/reference?q=yellow",
                "/reference/signs/leaf.stippling",
                "/reference/signs/soil.deep",
                "/reference/causes/spider-mites",
                "/reference/means/soap"));
        return pages;
    }

    @Test
    void noPageHasASeriousFindingOfTheAccessibilityRules_inTheDarkTheme() {
        Growers.Grower grower = growers.grower();
        Stop porch = stops.store(new Stop(StopId.fresh(), grower.member().collection(), 2, "Porch")
                .climate(Brightness.DIRECT, 40.0, 24.0, 8.0));
        CaseId open = cases.open(grower.member().collection(), grower.plant().id());
        jdbc.sql("update member set settings = '{\"theme\": \"DARK\"}' where sign_in = ?")
                .param(grower.signIn())
                .update();
        try (Browser.Window window = new Browser.Window(port, 1280, 800).signIn(grower.signIn(), Growers.PASSWORD)) {
            for (String address : pages(grower, porch, open)) {
                window.open(address);
                window.accessible();
            }
        }
    }
}
