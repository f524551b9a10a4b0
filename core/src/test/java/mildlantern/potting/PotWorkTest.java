package mildlantern.potting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.water.WaterKnowledge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** When a plant is repotted and when it is left; into which pot; how much medium a list of pots takes. */
class PotWorkTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final Potting POTTING = Potting.load(PLANTS);
    private static final PotWork WORK = new PotWork(POTTING);
    private static final MixList MIXES = new MixList(POTTING, WaterKnowledge.load(PLANTS));
    private static final Season[] NORTH = {Season.WINTER, Season.SPRING, Season.SUMMER, Season.AUTUMN};
    private static final Function<LocalDate, Season> SEASONS = day -> NORTH[day.getMonthValue() % 12 / 3];

    private static PotDeed decide(String kind, int months, Roots roots, String signs, String day) {
        Profile profile = PLANTS.profile(kind).orElseThrow();
        PotState state = new PotState(
                profile.usualPot(),
                13,
                PLANTS.medium(profile.usualMedium()),
                months < 0 ? OptionalInt.empty() : OptionalInt.of(months),
                roots,
                Arrays.stream(PotSign.values())
                        .filter(sign -> signs.contains(sign.name()))
                        .collect(Collectors.toSet()),
                signs.contains("FLOWERING"),
                signs.contains("NEW") ? OptionalInt.of(20) : OptionalInt.empty(),
                signs.contains("CUTTING"));
        return WORK.decide(profile, state, LocalDate.parse("2026-" + day), SEASONS);
    }

    @ParameterizedTest
    @CsvSource({
        // What rots waits for no season, and no bloom.
        "phalaenopsis, 10, ROTTEN, '', 11-28, SMALLER, ROOTS_ROT, NOW",
        "phalaenopsis, 10, ROTTEN, FLOWERING, 11-28, SMALLER, ROOTS_ROT, NOW",
        "phalaenopsis, 10, NOT_SEEN, SOUR, 11-28, FRESH, SOUR, NOW",
        "monstera, 10, FEW, '', 11-28, SMALLER, FEW_ROOTS, NOW",
        "peace-lily, 5, ROTTEN, NEW, 01-10, SMALLER, ROOTS_ROT, NOW",
        // Just potted: left alone.
        "monstera, 1, CIRCLING, NEW, 05-10, LEAVE, JUST_POTTED, AGAIN",
        // A cutting that has rooted gets a pot of its own, in any season.
        "hoya, 2, ROOM, NEW CUTTING, 11-28, POT_ON, CUTTING_ROOTED, NOW",
        "hoya, 2, NOT_SEEN, NEW CUTTING, 11-28, LEAVE, HAS_ROOM, AGAIN",
        "hoya, 2, ROTTEN, NEW CUTTING, 11-28, SMALLER, ROOTS_ROT, NOW",
        // A dense ball gets air now, fresh medium when it grows.
        "monstera, 10, ROOM, STAYS_WET, 11-28, HOLES, TOO_DENSE, NOW",
        "monstera, 10, ROOM, STAYS_WET, 05-10, FRESH, TOO_DENSE, NOW",
        "sarracenia, 8, ROOM, STAYS_WET, 11-28, LEAVE, HAS_ROOM, AGAIN",
        // Roots fill it: one pot up, in its season.
        "monstera, 10, CIRCLING, '', 05-10, POT_ON, ROOTS_CIRCLE, NOW",
        "monstera, 10, FILL, '', 05-10, POT_ON, ROOTS_FILL, NOW",
        "monstera, 10, FILL, '', 11-28, POT_ON, ROOTS_FILL, FROM",
        "monstera, 10, FILL, FLOWERING, 05-10, POT_ON, ROOTS_FILL, AFTER_BLOOM",
        "boston-fern, 10, CIRCLING, '', 07-10, POT_ON, ROOTS_CIRCLE, FROM",
        "sarracenia, 8, FILL, '', 02-10, POT_ON, ROOTS_FILL, NOW",
        "sarracenia, 8, FILL, '', 06-10, POT_ON, ROOTS_FILL, FROM",
        "temperate-bonsai, 10, CIRCLING, '', 03-20, SAME_POT, ROOTS_CIRCLE, NOW",
        "temperate-bonsai, 10, CIRCLING, '', 07-20, SAME_POT, ROOTS_CIRCLE, FROM",
        "african-violet, 8, CIRCLING, '', 09-10, POT_ON, ROOTS_CIRCLE, NOW",
        // Some like to fill their pot.
        "spider-plant, 10, FILL, '', 05-10, LEAVE, LIKES_CROWD, AGAIN",
        "hoya, 10, FILL, '', 05-10, LEAVE, LIKES_CROWD, AGAIN",
        "snake-plant, 10, FILL, '', 05-10, LEAVE, LIKES_CROWD, AGAIN",
        "spider-plant, 10, CIRCLING, '', 05-10, POT_ON, ROOTS_CIRCLE, NOW",
        "spider-plant, 40, FILL, '', 05-10, POT_ON, ROOTS_FILL, NOW",
        // Spent medium: bark lasts 18 to 30 months, moss 12 to 18, bog mixes one to two years.
        "phalaenopsis, 31, ROOM, '', 05-10, FRESH, SPENT, NOW",
        "phalaenopsis, 31, NOT_SEEN, '', 11-28, FRESH, SPENT, FROM",
        "phalaenopsis, 31, NOT_SEEN, FLOWERING, 05-10, FRESH, SPENT, AFTER_BLOOM",
        "phalaenopsis, 20, ROOM, '', 05-10, LEAVE, SOON, AGAIN",
        "phalaenopsis, 8, ROOM, '', 05-10, LEAVE, HAS_ROOM, AGAIN",
        "darlingtonia, 19, NOT_SEEN, '', 02-10, FRESH, SPENT, NOW",
        "dionaea, 25, NOT_SEEN, '', 02-10, FRESH, SPENT, NOW",
        // What the pot shows from outside.
        "monstera, 10, NOT_SEEN, DRIES_FAST, 05-10, LOOK, DRIES_FAST, NOW",
        "monstera, 10, ROOM, DRIES_FAST, 05-10, LEAVE, DRIES_BY_AIR, AGAIN",
        "monstera, 10, NOT_SEEN, RUNS_THROUGH, 11-28, SOAK, REPELS, NOW",
        "monstera, 10, ROOM, SHRUNK, 11-28, TOP_UP, SHRUNK, NOW",
        "monstera, -1, NOT_SEEN, '', 11-28, LEAVE, HAS_ROOM, NOT_KNOWN",
        "tillandsia, 80, NOT_SEEN, '', 05-10, LEAVE, ON_A_MOUNT, NOT_KNOWN"
    })
    void potByRootsAgeAndSeason(
            String kind, int months, Roots roots, String signs, String day, String deed, String because, String when) {
        PotDeed found = decide(kind, months, roots, signs, day);
        assertThat(List.of(
                        found.deed().name(),
                        found.because().name(),
                        found.when().name()))
                .containsExactly(deed, because, when);
    }

    @Test
    void whatWaitsNamesTheFirstDayThatSuitsItsKind() {
        assertThat(decide("monstera", 10, Roots.FILL, "", "11-28").from()).contains(LocalDate.parse("2027-03-01"));
        assertThat(decide("sarracenia", 8, Roots.FILL, "", "06-10").from()).contains(LocalDate.parse("2026-12-01"));
        assertThat(decide("monstera", 1, Roots.CIRCLING, "NEW", "05-10").from())
                .as("60 days after it was potted")
                .contains(LocalDate.parse("2026-06-19"));
        assertThat(decide("monstera", 10, Roots.ROOM, "STAYS_WET", "11-28").from())
                .as("fresh medium after the holes")
                .contains(LocalDate.parse("2027-03-01"));
    }

    @Test
    void bothSchoolsAreSaid_whereTheKindBearsTrimmedRoots() {
        assertThat(decide("monstera", 10, Roots.FILL, "", "05-10").other()).contains(PotDeed.Deed.SAME_POT);
        assertThat(decide("temperate-bonsai", 10, Roots.FILL, "", "03-20").other())
                .contains(PotDeed.Deed.POT_ON);
        assertThat(decide("phalaenopsis", 10, Roots.CIRCLING, "", "05-10").other())
                .as("living roots of an orchid are not trimmed")
                .isEmpty();
        assertThat(decide("phalaenopsis", 10, Roots.CIRCLING, "", "05-10").trimShare())
                .isZero();
    }

    @Test
    void neverMoreThanAThirdOfTheRoots_andFeedWaitsWhateverTheKind() {
        for (Profile kind : PLANTS.profiles()) {
            PotDeed deed = decide(kind.id(), 10, Roots.ROTTEN, "", "11-28");
            assertThat(deed.trimShare()).as(kind.id()).isBetween(0.0, 0.334);
            assertThat(deed.after().feedDays()).as(kind.id()).isGreaterThanOrEqualTo(14);
        }
    }

    @ParameterizedTest
    @CsvSource({"6, 8", "9, 11", "11, 13", "13, 15", "15, 17", "17, 19", "19, 21", "24, 27", "60, 66", "13.5, 17"})
    void onePotUpLeavesAFingerOfFreshMedium(double from, double to) {
        assertThat(POTTING.larger(from)).isEqualTo(to);
    }

    @ParameterizedTest
    @ValueSource(doubles = {7, 9, 11, 13, 17, 24, 30, 50})
    void onePotDownIsTheOneThatLeadsBackHere(double from) {
        assertThat(POTTING.smaller(from)).isLessThan(from);
        assertThat(POTTING.larger(POTTING.smaller(from))).isLessThanOrEqualTo(from);
    }

    @Test
    void aPotOfThirteenTakesOnePointOneLitres_onTheWayToFifteenOnlyWhatIsNew() {
        // π/4 · 13² · 13·0.88 · 0.78 · 0.92 = 1090 cm³; for 15 cm 1674 cm³.
        MixList.Job fresh = new MixList.Job(PotDeed.Deed.FRESH, PotKind.PLASTIC, 13, 13, "bark");
        MixList.Job up = new MixList.Job(PotDeed.Deed.POT_ON, PotKind.PLASTIC, 13, 15, "bark");
        assertThat(MIXES.litres(fresh)).isCloseTo(1.090, within(0.005));
        assertThat(MIXES.litres(up)).isCloseTo(1.674 - 1.090, within(0.01));
    }

    @Test
    void aListOfPotsIsOneShoppingAndMixingList() {
        MixList.Ready ready = MIXES.ready(List.of(
                new MixList.Job(PotDeed.Deed.FRESH, PotKind.PLASTIC, 13, 13, "bark"),
                new MixList.Job(PotDeed.Deed.POT_ON, PotKind.PLASTIC, 13, 15, "bark"),
                new MixList.Job(PotDeed.Deed.POT_ON, PotKind.PLASTIC, 13, 15, "peat-perlite"),
                new MixList.Job(PotDeed.Deed.FRESH, PotKind.PLASTIC, 11, 11, "sphagnum")));
        assertThat(ready.potsNeeded()).isEqualTo(Map.of(15.0, 2));
        MixList.Mix bark = ready.mixes().get(0);
        assertThat(bark.litres()).isCloseTo(1.674, within(0.01));
        // Seven parts of ten are bark, and the dry parts measure 15 % more than the mix.
        assertThat(bark.parts().get(Material.BARK)).isCloseTo(bark.litres() * 1.15 * 0.7, within(1e-9));
        assertThat(ready.materials().get(Material.PERLITE))
                .isCloseTo(bark.litres() * 1.15 * 0.2 + 0.584 * 1.15 / 2, within(0.01));
        assertThat(ready.materials().get(Material.SPHAGNUM))
                .as("one material alone fills no gaps")
                .isCloseTo(ready.mixes().get(2).litres(), within(1e-9));
    }

    @Test
    void impossiblePotsAreRefused() {
        assertThatThrownBy(() -> new MixList.Job(PotDeed.Deed.LEAVE, PotKind.PLASTIC, 13, 13, "bark"))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new PotState(
                        PotKind.PLASTIC,
                        -1,
                        Optional.empty(),
                        OptionalInt.empty(),
                        Roots.ROOM,
                        Set.of(),
                        false,
                        OptionalInt.empty(),
                        false))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
