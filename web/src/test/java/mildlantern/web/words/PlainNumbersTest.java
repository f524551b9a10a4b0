package mildlantern.web.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.text.ParseException;
import java.util.Locale;
import org.junit.jupiter.api.Test;

class PlainNumbersTest {
    private final PlainNumbers numbers = new PlainNumbers();

    @Test
    void wholeNumbersAreShownWithoutDecimals_othersAsTheyAre() {
        assertThat(numbers.print(50.0, Locale.ROOT)).isEqualTo("50");
        assertThat(numbers.print(2.5, Locale.ROOT)).isEqualTo("2.5");
        assertThat(numbers.print(-4.0, Locale.ROOT)).isEqualTo("-4");
    }

    @Test
    void aPointOrACommaIsRead_andWordsAreNot() throws ParseException {
        assertThat(numbers.parse(" 21.5 ", Locale.ROOT)).isEqualTo(21.5);
        assertThat(numbers.parse("21,5", Locale.ROOT)).isEqualTo(21.5);
        assertThatThrownBy(() -> numbers.parse("wide", Locale.ROOT)).isInstanceOf(ParseException.class);
    }
}
