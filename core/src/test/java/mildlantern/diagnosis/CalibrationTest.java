package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class CalibrationTest {
    private final MadeUpPlants plants = new MadeUpPlants(Known.KNOWLEDGE, Known.PLANTS);

    @Test
    void whatIsSaidToBeLikelyIsTrueAsOftenAsThat() {
        Calibration calibration = Calibration.of(plants, Known.DIAGNOSIS, 700, 14, 20_261_124L);
        assertThat(calibration.bands())
                .filteredOn(band -> band.causes() >= 80)
                .hasSizeGreaterThanOrEqualTo(4)
                .allSatisfy(band -> assertThat(band.were())
                        .as("causes given %.0f to %.0f %%", band.low() * 100, band.high() * 100)
                        .isCloseTo(band.said(), within(0.1)));
    }

    @Test
    void aMadeUpPlantHasAStateForEveryFindingThatMakesSenseOnIt_andTheSameChanceMakesTheSamePlant() {
        MadeUpPlants.MadeUp plant = plants.draw(new Random(4));
        assertThat(plant).isEqualTo(plants.draw(new Random(4)));
        assertThat(plant.causes()).hasSizeLessThanOrEqualTo(3);
        assertThat(plant.findings().keySet())
                .allSatisfy(id -> assertThat(
                                Known.KNOWLEDGE.finding(id).orElseThrow().appliesTo(plant.record()))
                        .isTrue());
        assertThat(Known.DIAGNOSIS
                        .consider(plant.record(), Evidence.of(plant.findings()))
                        .ladder())
                .isNotEmpty();
    }
}
