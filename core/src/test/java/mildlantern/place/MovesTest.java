package mildlantern.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.light.Daylight;
import mildlantern.message.Message;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord.Place;
import mildlantern.plant.Profile;
import mildlantern.quantity.Temperature;
import mildlantern.quantity.TemperatureChange;
import mildlantern.season.Years;
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
                OptionalDouble.empty());
    }

    @Test
    void aMoveAlongTheShelfIsNoStep() {
        Moves.Step step =
                moves.judge(Years.growing(ORCHID), place(Brightness.MEDIUM, 21, 17), place(Brightness.MEDIUM, 20, 16));
        assertThat(step.temperatureStep()).hasValue(-1);
        assertThat(step.lightRatio()).hasValue(1);
        assertThat(step.warnings()).isEmpty();
    }

    @Test
    void fromTheNorthShelfIntoSunBurns() {
        Moves.Step step =
                moves.judge(Years.growing(ORCHID), place(Brightness.MEDIUM, 21, 17), place(Brightness.DIRECT, 24, 17));
        assertThat(step.lightRatio()).hasValue(12 / 2.2);
        assertThat(step.warnings()).extracting(Message::what).containsExactly(MoveWarning.BRIGHTER);
    }

    @Test
    void outOfAWarmRoomIntoTheColdIsAShock_andTheNightIsNamed() {
        Moves.Step step =
                moves.judge(Years.growing(ORCHID), place(Brightness.MEDIUM, 22, 17), place(Brightness.LOW, 11, 6));
        assertThat(step.warnings())
                .containsExactly(
                        MoveWarning.COLDER.with(
                                new TemperatureChange(11), new TemperatureChange(moves.temperatureStep())),
                        MoveWarning.COLD_NIGHTS.with(new Temperature(6), new Temperature(15)));
    }

    @Test
    void whatWasNotReadIsNotJudged() {
        Moves.Step step = moves.judge(Years.growing(ORCHID), Place.UNKNOWN, place(Brightness.DIRECT, 35, 20));
        assertThat(step.temperatureStep()).isEmpty();
        assertThat(step.lightRatio()).isEmpty();
        assertThat(step.warnings()).isEmpty();
    }
}
