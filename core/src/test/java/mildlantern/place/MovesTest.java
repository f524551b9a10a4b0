package mildlantern.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.light.Daylight;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord.Place;
import mildlantern.plant.Profile;
import mildlantern.quantity.Temperature;
import org.junit.jupiter.api.Test;

class MovesTest {
    private static final Profile ORCHID =
            PlantKnowledge.load().profile("phalaenopsis").orElseThrow();
    private final Moves moves = Moves.load(Daylight.load());

    private static Place place(Brightness light, double day, double night) {
        return new Place(
                Optional.of(light),
                Optional.empty(),
                Optional.of(new Temperature(day)),
                Optional.of(new Temperature(night)),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void aMoveAlongTheShelfIsNoStep() {
        Moves.Step step = moves.judge(ORCHID, place(Brightness.MEDIUM, 21, 17), place(Brightness.MEDIUM, 20, 16));
        assertThat(step.temperatureStep()).hasValue(-1);
        assertThat(step.lightRatio()).hasValue(1);
        assertThat(step.warnings()).isEmpty();
    }

    @Test
    void fromTheNorthShelfIntoSunBurns() {
        Moves.Step step = moves.judge(ORCHID, place(Brightness.MEDIUM, 21, 17), place(Brightness.DIRECT, 24, 17));
        assertThat(step.lightRatio()).hasValue(4);
        assertThat(step.warnings())
                .singleElement()
                .satisfies(said -> assertThat(said).startsWith("4 times the light"));
    }

    @Test
    void outOfAWarmRoomIntoTheColdIsAShock_andTheNightIsNamed() {
        Moves.Step step = moves.judge(ORCHID, place(Brightness.MEDIUM, 22, 17), place(Brightness.LOW, 11, 6));
        assertThat(step.warnings()).hasSize(2);
        assertThat(step.warnings().get(0)).startsWith("Colder by 11 °C at once");
        assertThat(step.warnings().get(1)).isEqualTo("Nights of 6 °C there; it likes 15 °C or more.");
    }

    @Test
    void whatWasNotReadIsNotJudged() {
        Moves.Step step = moves.judge(ORCHID, Place.UNKNOWN, place(Brightness.DIRECT, 35, 20));
        assertThat(step.temperatureStep()).isEmpty();
        assertThat(step.lightRatio()).isEmpty();
        assertThat(step.warnings()).isEmpty();
    }
}
