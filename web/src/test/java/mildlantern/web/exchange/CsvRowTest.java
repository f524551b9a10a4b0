package mildlantern.web.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Cells as growers and their spreadsheets write them. */
class CsvRowTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

    private static CsvRow row(String cell) {
        return new CsvRow(7, Map.of("it", 0, "nowhere", -1), List.of(cell), TODAY, CsvMends.NONE);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2026-03-09", "9.3.2026", "9/3/2026", "9 Mar 2026"})
    void aDayIsReadAsItIsUsuallyWritten(String cell) {
        CsvRow row = row(cell);
        assertThat(row.day("it")).contains(LocalDate.of(2026, 3, 9));
        assertThat(row.problems()).isEmpty();
    }

    @Test
    void aDayThatHasNotComeIsToldAtItsRow() {
        CsvRow row = row("2026-11-28");
        row.day("it");
        assertThat(row.problems())
                .containsExactly(new CsvIn.Problem(7, "'2026-11-28' is in the future.", "it", "2026-11-28"));
    }

    @Test
    void aWordIsNoDay() {
        CsvRow row = row("spring");
        assertThat(row.day("it")).isEmpty();
        assertThat(row.problems())
                .containsExactly(
                        new CsvIn.Problem(7, "'spring' is not a date; write it as 2026-11-24.", "it", "spring"));
    }

    @ParameterizedTest
    @CsvSource({"12, 12", "12.5, 12.5"})
    void aNumberWithinBoundsIsRead(String cell, double number) {
        CsvRow row = row(cell);
        assertThat(row.number("it", 2, 200, "pot in cm")).isEqualTo(number);
        assertThat(row.problems()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"1", "201", "wide", "NaN"})
    void whatCannotBeIsToldAndNotTaken(String cell) {
        CsvRow row = row(cell);
        assertThat(row.number("it", 2, 200, "pot in cm")).isNull();
        assertThat(row.problems()).hasSize(1);
    }

    @Test
    void whatNoColumnHoldsIsBlank_andNothingIsWrongWithIt() {
        CsvRow row = row("fern");
        assertThat(row.text("nowhere")).isEmpty();
        assertThat(row.text("unknown")).isEmpty();
        assertThat(row.textOrNull("nowhere")).isNull();
        assertThat(row.day("nowhere")).isEmpty();
        assertThat(row.number("nowhere", 0, 1, "share")).isNull();
        assertThat(row.problems()).isEmpty();
    }

    @Test
    void aTextThatIsTooLongSaysHowLongItMayBe() {
        CsvRow row = row("fern".repeat(30));
        row.atMost("it", 80);
        assertThat(row.problems())
                .containsExactly(
                        new CsvIn.Problem(7, "The it has 120 letters; 80 are the most.", "it", "fern".repeat(30)));
    }
}
