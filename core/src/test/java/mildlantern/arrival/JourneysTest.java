package mildlantern.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Wrapped, on a mild day and not left in the car, a plant comes home unharmed. */
class JourneysTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final Journeys JOURNEYS = Journeys.load();

    private static Profile kind(String id) {
        return PLANTS.profile(id).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "phalaenopsis, 15, 20, 0, false, BARE, NONE",
        "phalaenopsis, 2, 5, 0, false, WRAPPED, NONE",
        "phalaenopsis, 2, 15, 0, false, BARE, COLD_POSSIBLE",
        "phalaenopsis, 2, 60, 0, false, BARE, COLD_LIKELY",
        "phalaenopsis, 2, 15, 0, false, BOXED, NONE",
        "phalaenopsis, -8, 20, 0, false, BARE, COLD_LIKELY",
        "phalaenopsis, 2, 5, 120, false, WRAPPED, COLD_LIKELY",
        "phalaenopsis, 30, 5, 60, true, WRAPPED, HEAT_POSSIBLE",
        "phalaenopsis, 30, 5, 120, true, WRAPPED, HEAT_LIKELY",
        "sarracenia, -3, 60, 0, false, BARE, NONE",
        "temperate-bonsai, -3, 60, 0, false, BARE, NONE",
        "cactus, -5, 30, 0, false, BARE, COLD_LIKELY"
    })
    void theWayHome(String kind, double celsius, double out, double car, boolean sunny, Wrap wrap, String harm) {
        assertThat(JOURNEYS.felt(kind(kind), new Journey(celsius, out, car, sunny, wrap))
                        .harm()
                        .name())
                .isEqualTo(harm);
    }

    @Test
    void leavesCoolAsNewtonSays() {
        // 2 + 18 · e^(−10/10) = 8.62 °C after ten minutes bare; under 10 °C from 10 · ln(18/8) = 8.1 minutes on.
        Journeys.Felt felt = JOURNEYS.felt(kind("phalaenopsis"), new Journey(2, 10, 0, false, Wrap.BARE));
        assertThat(felt.reached()).isCloseTo(8.62, within(0.01));
        assertThat(felt.limit()).isEqualTo(10);
        assertThat(felt.minutes()).isCloseTo(10 - 8.11, within(0.02));
    }

    @Test
    void aWarmCarAfterACoolWalkWarmsItAgain() {
        Journeys.Felt felt = JOURNEYS.felt(kind("phalaenopsis"), new Journey(4, 15, 60, true, Wrap.BARE));
        assertThat(felt.minutes()).isBetween(5.0, 20.0);
    }

    @Test
    void aJourneyThatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Journey(80, 5, 0, false, Wrap.BARE)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Journey(5, -5, 0, false, Wrap.BARE)).isInstanceOf(IllegalArgumentException.class);
    }
}
