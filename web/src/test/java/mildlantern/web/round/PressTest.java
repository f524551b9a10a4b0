package mildlantern.web.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.Way;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.WaterSource;
import mildlantern.web.platform.FormKey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a press on a slip means, with what stood in its fields. */
class PressTest {
    private static final FormKey FORM = FormKey.fresh();

    private static Press press(Press.Deed deed, String ml, String reason) {
        return new Press(
                PlantId.fresh(),
                StopId.fresh(),
                FORM,
                deed,
                null,
                ml,
                Optional.of(WaterSource.RAIN),
                Optional.empty(),
                Optional.of(Felt.READY),
                reason,
                "",
                Optional.empty());
    }

    @Test
    void aWateringTakesTheAmountTheWaterAndHowItWasFound() {
        assertThat(press(Press.Deed.GAVE, " 250 ", "").entry())
                .containsExactly(new LogEntry.Watered(
                        OptionalInt.of(250), Optional.of(WaterSource.RAIN), Way.ABOVE, Optional.of(Felt.READY)));
        assertThat(press(Press.Deed.GAVE, "", "").problem())
                .as("wet through, as usual")
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "-5", "100001", "a lot", "1e3", "2.500", "999999999999"})
    void anAmountThatNobodyPoursIsToldAndWritesNothing(String ml) {
        assertThat(press(Press.Deed.GAVE, ml, "").problem())
                .hasValueSatisfying(problem -> assertThat(problem).contains(ml).endsWith("Nothing was saved."));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1,5 l | 1500", "8 oz | 237", "1,200 | 1200", "2.5 | 3"})
    void anAmountIsTakenInTheUnitBehindIt(String typed, int ml) {
        assertThat(press(Press.Deed.GAVE, typed, "").problem()).isEmpty();
        assertThat(press(Press.Deed.GAVE, typed, "").entry())
                .containsExactly(new LogEntry.Watered(
                        OptionalInt.of(ml), Optional.of(WaterSource.RAIN), Way.ABOVE, Optional.of(Felt.READY)));
    }

    @ParameterizedTest
    @CsvSource({"1", "100000"})
    void theLeastAndTheMostArePoured(String ml) {
        assertThat(press(Press.Deed.GAVE, ml, "").problem()).isEmpty();
    }

    @Test
    void aReasonBelongsToWhatIsPutOff_andOnlyToThat() {
        assertThat(press(Press.Deed.NOT_TODAY, "", " still wet ").words()).isEqualTo("still wet");
        assertThat(press(Press.Deed.NOT_TODAY, "", "  ").words()).isNull();
        assertThat(press(Press.Deed.LOOKED, "", "still wet").words()).isNull();
        assertThat(press(Press.Deed.NOT_TODAY, "", "x".repeat(1001)).problem()).isPresent();
    }

    @ParameterizedTest
    @EnumSource(Press.Deed.class)
    void everyPressHasItsMeaning(Press.Deed deed) {
        boolean elsewhere = deed == Press.Deed.FED || deed == Press.Deed.STEPPED;
        assertThat(press(deed, "100", "").entry()).hasSize(elsewhere ? 0 : 1);
    }

    @Test
    void severalPressesOnOneSlipAreStoredOnceEach() {
        assertThat(Arrays.stream(Press.Deed.values())
                        .map(deed -> press(deed, "", "").key())
                        .collect(Collectors.toSet()))
                .hasSameSizeAs(Press.Deed.values());
        assertThat(press(Press.Deed.DRY, "", "").key())
                .isEqualTo(press(Press.Deed.DRY, "1", "").key());
    }
}
