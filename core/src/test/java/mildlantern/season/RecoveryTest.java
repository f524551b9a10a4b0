package mildlantern.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.light.Sun;
import mildlantern.plant.Phase;
import mildlantern.plant.Profile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is to be expected of a plant by its time of the year, and after frost. */
class RecoveryTest {
    private static final LocalDate NOVEMBER = LocalDate.of(2026, 11, 28);

    private static PlantYear year(String kind, LocalDate today) {
        return new PlantYears(Years.KNOWLEDGE)
                .of(
                        Years.PLANTS.profile(kind).orElseThrow(),
                        Sun.load().year(51),
                        Conditions.UNKNOWN,
                        List.of(),
                        today);
    }

    @Test
    void aRestingPitcherShowsNewPitchersInSpring() {
        assertThat(Years.KNOWLEDGE.newGrowth(year("sarracenia", NOVEMBER)))
                .hasValueSatisfying(
                        day -> assertThat(day).isBetween(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 4, 30)));
    }

    @Test
    void anEvergreenThatOnlyHoldsMayStillMakeRoots() {
        assertThat(year("phalaenopsis", NOVEMBER).phase()).isEqualTo(Phase.SLOW);
        assertThat(Years.KNOWLEDGE.newGrowth(year("phalaenopsis", NOVEMBER))).isEmpty();
    }

    @Test
    void whatGrowsIsNotToldToWait() {
        assertThat(year("sarracenia", LocalDate.of(2026, 6, 20)).phase()).isEqualTo(Phase.GROWING);
        assertThat(Years.KNOWLEDGE.newGrowth(year("sarracenia", LocalDate.of(2026, 6, 20))))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "sarracenia, -3, NONE",
        "sarracenia, -7, TOP",
        "sarracenia, -10, ROOTS",
        "temperate-bonsai, -5, NONE",
        "temperate-bonsai, -8, ROOTS",
        "phalaenopsis, 12, NONE",
        "phalaenopsis, 7, TOP",
        "winter-jasmine, -4, TOP",
        "tillandsia, 4, NONE"
    })
    void frostTakesTheTopOrTheRoots(String kind, double night, ColdLimits.Harm harm) {
        assertThat(Years.KNOWLEDGE
                        .of(Years.PLANTS.profile(kind).orElseThrow())
                        .cold()
                        .after(night))
                .isEqualTo(harm);
    }

    @Test
    void noKindIsHurtByANightThatItLikes() {
        for (Profile kind : Years.PLANTS.profiles()) {
            KindOfYear year = Years.KNOWLEDGE.of(kind);
            double liked = Math.min(
                    kind.night().celsius(),
                    year.rest().map(rest -> rest.nights().low()).orElse(100.0));
            assertThat(year.cold().after(liked)).as(kind.id()).isEqualTo(ColdLimits.Harm.NONE);
        }
    }

    @Test
    void theColdestOfTheLastNightsTells() {
        Map<LocalDate, Double> nights =
                Map.of(NOVEMBER.minusDays(2), -5.0, NOVEMBER.minusDays(5), -7.0, NOVEMBER.minusDays(60), -20.0);
        Conditions there = new Conditions() {
            @Override
            public OptionalDouble light(LocalDate day) {
                return OptionalDouble.empty();
            }

            @Override
            public OptionalDouble day(LocalDate day) {
                return OptionalDouble.empty();
            }

            @Override
            public OptionalDouble night(LocalDate day) {
                return nights.containsKey(day) ? OptionalDouble.of(nights.get(day)) : OptionalDouble.empty();
            }

            @Override
            public double lampHours(LocalDate day) {
                return 0;
            }
        };
        Optional<Recovery.Frost> frost = Years.KNOWLEDGE.frost(new ColdLimits(-4, -8), there, NOVEMBER);
        assertThat(frost).contains(new Recovery.Frost(NOVEMBER.minusDays(5), -7, ColdLimits.Harm.TOP));
        assertThat(Years.KNOWLEDGE.frost(new ColdLimits(-15, -10), there, NOVEMBER))
                .isEmpty();
    }
}
