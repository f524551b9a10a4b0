package mildlantern.web.collection;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NoteFormTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

    @Test
    void withoutADayItIsToday() {
        NoteForm note = NoteForm.read(HappeningKind.WATERED, "", "380", "rain", TODAY);
        assertThat(note.problems()).isEmpty();
        assertThat(note.on()).isEqualTo(TODAY);
        assertThat(note.amountMl()).contains(380);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-25, 10, day",
        "1980-01-01, 10, day",
        "yesterday, 10, day",
        "2026-11-20, much, amount",
        "2026-11-20, 0, amount",
        "2026-11-20, 9999999, amount"
    })
    void whatCannotBeIsToldAtItsField_andWhatWasTypedIsKept(String day, String amount, String field) {
        NoteForm note = NoteForm.read(HappeningKind.WATERED, day, amount, "", TODAY);
        assertThat(note.problems()).containsOnlyKeys(field);
        assertThat(note.day()).isEqualTo(day);
        assertThat(note.amount()).isEqualTo(amount);
    }
}
