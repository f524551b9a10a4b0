package mildlantern.web.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.i18n.LocaleContextHolder;

/** No number is read as another than the one that was meant. */
class NumbersTest {
    @AfterEach
    void anybodyAgain() {
        LocaleContextHolder.resetLocaleContext();
    }

    private static void reader(String tag) {
        LocaleContextHolder.setLocale(Locale.forLanguageTag(tag));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "en-GB | 8,000 | 8000",
                "en-US | 12,500 | 12500",
                "de-DE | 8.000 | 8000",
                "en-GB | 1,5 | 1.5",
                "en-GB | 21.5 | 21.5",
                "de-DE | 21,25 | 21.25",
                "en-GB | 0.643 | 0.643",
                "en-GB | 0,643 | 0.643",
                "en-GB | 1,234,567 | 1234567",
                "en-GB | 1.234.567 | 1234567",
                "en-GB | 1.234,5 | 1234.5",
                "de-DE | 1,234.5 | 1234.5",
                "en-GB | 1 000 | 1000",
                "en-GB | 43'200 | 43200",
                "en-GB | −5 | -5",
                "en-GB | 8000 | 8000"
            })
    void whatCanOnlyBeOneNumberIsRead(String reader, String typed, double meant) {
        reader(reader);
        assertThat(Numbers.read(typed)).isEqualTo(meant);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"en-GB | 8.000", "de-DE | 8,000", "en-GB | 12.345"})
    void whatCouldBeEitherIsRefusedWithBoth(String reader, String typed) {
        reader(reader);
        assertThatThrownBy(() -> Numbers.read(typed))
                .isInstanceOf(NumberFormatException.class)
                .hasMessageContaining(typed.replaceAll("[.,]", ""));
    }

    @Test
    void ofTwoThatItCouldBeThePossibleOneIsMeant() {
        reader("en-GB");
        assertThat(Numbers.read("1.234", 0.7, 2)).as("kg of a litre").isEqualTo(1.234);
        assertThat(Numbers.read("8.000", 10, 200_000)).as("lux at noon").isEqualTo(8000);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "wide", "NaN", "Infinity", "1e9", "0x1p3", "1d", "1,23,4", "1..5", "12 34", "--3", "."})
    void whatIsNoNumberIsRefused(String typed) {
        reader("en-GB");
        assertThatThrownBy(() -> Numbers.read(typed)).isInstanceOf(NumberFormatException.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "TEMPERATURE | 55F | 12.78",
                "TEMPERATURE | 64 °F | 17.78",
                "TEMPERATURE | 18 | 18",
                "TEMPERATURE | -3,5 °C | -3.5",
                "LENGTH | 6 in | 15.24",
                "LENGTH | 6\" | 15.24",
                "LENGTH | 1.2 m | 120",
                "VOLUME | 1,5 l | 1500",
                "VOLUME | 8 oz | 236.59",
                "VOLUME | 8 fl oz | 236.59",
                "VOLUME | 1,500 mL | 1500",
                "MASS | 9 oz | 255.15",
                "LIGHT | 740 fc | 7965.29"
            })
    void anAmountIsReadInTheUnitBehindIt(Unit.Of of, String typed, double base) {
        reader("en-GB");
        assertThat(Units.read(typed, of)).isCloseTo(base, within(0.01));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "en-GB | TEMPERATURE | 18 °C",
                "en-US-u-ms-ussystem | TEMPERATURE | 64 °F",
                "en-GB-u-mu-fahrenhe | TEMPERATURE | 64 °F",
                "en-US-u-ms-ussystem-mu-celsius | TEMPERATURE | 18 °C",
                "en-US-u-ms-ussystem | LENGTH | 7.1 in",
                "en-GB | LENGTH | 18 cm"
            })
    void anAmountIsShownInTheReadersUnits(String reader, Unit.Of of, String shown) {
        reader(reader);
        assertThat(Units.shown(18, of)).isEqualTo(shown);
        assertThat(Units.read(Units.number(18, of), of)).isCloseTo(18, within(0.3));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"VOLUME | 5 F", "TEMPERATURE | 5 in", "LENGTH | 6 elephants", "MASS | heavy"})
    void aUnitOfSomethingElseIsRefusedWithWhatWouldDo(Unit.Of of, String typed) {
        reader("en-GB");
        assertThatThrownBy(() -> Units.read(typed, of))
                .isInstanceOf(NumberFormatException.class)
                .hasMessageContaining("for example");
    }
}
