package mildlantern.web.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessageFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.context.i18n.LocaleContextHolder;

/** The made-up language changes every word and keeps every value. */
class TestLanguageTest {
    @AfterEach
    void anybodyAgain() {
        LocaleContextHolder.resetLocaleContext();
    }

    @Test
    void wordsAreAccentedAndAThirdLonger_valuesStay() {
        String changed =
                new MessageFormat(TestLanguage.of("Water {0} today"), Locale.UK).format(new Object[] {"Pilot"});
        assertThat(changed).contains("Pilot").doesNotContain("Water").doesNotContain("today");
        assertThat(changed)
                .startsWith("Ŵáťéŕ Pilot ťóđáý")
                .hasSizeGreaterThanOrEqualTo("Water Pilot today".length() + 4);
    }

    @Test
    void pluralsStayPlurals() {
        MessageFormat changed =
                new MessageFormat(TestLanguage.of("{0, plural, one {one plant} other {# plants}}"), Locale.UK);
        assertThat(changed.format(new Object[] {1})).startsWith("óńé ƥĺáńť");
        assertThat(changed.format(new Object[] {7})).startsWith("7 ƥĺáńťš");
    }

    @Test
    void everyTextThatShipsCanBePutIntoIt() {
        Map<String, String> all = Bundles.read("words");
        assertThat(all)
                .allSatisfy((key, text) -> assertThat(new MessageFormat(TestLanguage.of(text), Locale.UK).toPattern())
                        .as(key)
                        .isNotNull());
    }

    @Test
    void whoChoosesItReadsNoPlainEnglish() {
        LocaleContextHolder.setLocale(Locale.forLanguageTag("en-XA"));
        assertThat(Wording.say("account.settings.title")).startsWith("Šéťťíńǵš");
        assertThat(Wording.listed(List.of("a", "b"))).contains("a").contains("b");
    }
}
