package mildlantern.handwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is cut of which kind, in which season and where; dead wood is found from the tip down, and green wood is never lost to a guess. */
class CutBackTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final CutBack CUTS = CutBack.load(PLANTS);
    private static final Season[] NORTH = {Season.WINTER, Season.SPRING, Season.SUMMER, Season.AUTUMN};
    private static final Function<LocalDate, Season> SEASONS = day -> NORTH[day.getMonthValue() % 12 / 3];

    private static Profile kind(String id) {
        return PLANTS.profile(id).orElseThrow();
    }

    private static CutDeed decide(String kind, CutState state, String day) {
        return CUTS.decide(kind(kind), state, LocalDate.parse("2026-" + day), SEASONS);
    }

    private static CutState state(CutAim aim, CutState.Part part, boolean flowering, int leaves) {
        return new CutState(aim, List.of(), Optional.empty(), part, flowering, leaves);
    }

    private static List<Wood> twig(String letters) {
        List<Wood> twig = new ArrayList<>();
        letters.chars().forEach(letter -> twig.add(letter == 'g' ? Wood.GREEN : Wood.BROWN));
        return twig;
    }

    @ParameterizedTest
    @CsvSource({
        // To a growing point for fullness: where the kind breaks, when it grows, and not in bloom.
        "weeping-fig, 04-10, false, CUT, BRANCHES, ABOVE_BUD",
        "weeping-fig, 07-10, false, WAIT, OUT_OF_SEASON, NONE",
        "weeping-fig, 11-20, false, WAIT, OUT_OF_SEASON, NONE",
        "tropical-hibiscus, 04-10, false, CUT, BRANCHES, ABOVE_BUD",
        "tropical-hibiscus, 04-10, true, WAIT, IN_BLOOM, NONE",
        "winter-jasmine, 04-20, false, CUT, BRANCHES, ABOVE_BUD",
        "winter-jasmine, 11-20, false, WAIT, OUT_OF_SEASON, NONE",
        "pothos, 06-01, false, CUT, BRANCHES, ABOVE_JOINT",
        "pothos, 12-20, false, WAIT, OUT_OF_SEASON, NONE",
        "tradescantia, 10-01, false, CUT, BRANCHES, ABOVE_JOINT",
        "jade-plant, 05-01, false, CUT, BRANCHES, ABOVE_JOINT",
        "dracaena, 05-01, false, CUT, BRANCHES, ABOVE_JOINT",
        "temperate-bonsai, 03-20, false, CUT, BRANCHES, ABOVE_BUD",
        "temperate-bonsai, 08-20, false, WAIT, OUT_OF_SEASON, NONE",
        "spider-plant, 05-01, false, CUT, FROM_BASE, AT_BASE",
        "boston-fern, 03-10, false, CUT, FROM_BASE, AT_BASE",
        "boston-fern, 09-10, false, WAIT, OUT_OF_SEASON, NONE",
        "sarracenia, 01-20, false, CUT, FROM_BASE, AT_BASE",
        "sarracenia, 06-20, false, WAIT, OUT_OF_SEASON, NONE",
        "nepenthes, 05-01, false, CUT, BRANCHES, ABOVE_JOINT",
        // Never a heart.
        "phalaenopsis, 05-01, false, NOT_THIS_KIND, ONE_POINT, NONE",
        "tank-bromeliad, 05-01, false, NOT_THIS_KIND, ONE_POINT, NONE",
        "tillandsia, 05-01, false, NOT_THIS_KIND, ONE_POINT, NONE",
        "african-violet, 05-01, false, NOT_THIS_KIND, ONE_POINT, NONE",
        "drosera, 05-01, false, NOT_THIS_KIND, ONE_POINT, NONE",
    })
    void forFullness(String kind, String day, boolean blooms, String deed, String because, String place) {
        CutDeed cut = decide(kind, state(CutAim.FULLER, CutState.Part.GREEN_LEAFY, blooms, 0), day);
        assertThat(List.of(cut.deed().name(), cut.because().name(), cut.place().name()))
                .containsExactly(deed, because, place);
        assertThat(cut.lookInDays().isPresent())
                .as("a look after every cut")
                .isEqualTo(cut.deed().cuts());
    }

    @ParameterizedTest
    @CsvSource({
        "weeping-fig, '', TEST, NOT_TESTED, 1",
        "weeping-fig, b, TEST, BROWN_SO_FAR, 0.75",
        "weeping-fig, bb, TEST, BROWN_SO_FAR, 0.5",
        "weeping-fig, bbbb, TEST, BROWN_SO_FAR, 0.05",
        "weeping-fig, g, KEEP, ALIVE, ",
        "weeping-fig, bg, CUT, GREEN_BELOW, 0.75",
        "weeping-fig, bbbg, CUT, GREEN_BELOW, 0.25",
        "tropical-hibiscus, bbg, CUT, GREEN_BELOW, 0.5",
        "temperate-bonsai, bg, CUT, GREEN_BUT_BARE, 0.75",
        "pothos, bbbbg, CUT, GREEN_BELOW, 0.05",
        "weeping-fig, bbbbb, ROOTS, ALL_BROWN, ",
    })
    void aBareTwigIsTestedFromItsTipDown_inAnySeason(
            String kind, String found, String deed, String because, Double height) {
        for (String day : List.of("01-15", "04-15", "07-15", "11-15")) {
            CutDeed cut = decide(
                    kind,
                    new CutState(
                            CutAim.TWIGS,
                            twig(found == null ? "" : found),
                            Optional.empty(),
                            CutState.Part.GREEN_BARE,
                            false,
                            0),
                    day);
            assertThat(cut.deed().name()).as(day).isEqualTo(deed);
            assertThat(cut.because().name()).isEqualTo(because);
            assertThat(cut.height().isPresent() ? cut.height().getAsDouble() : null)
                    .isEqualTo(height);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "winter-jasmine, true, WAIT, TOP_DEAD_ROOTS_LIVE, 2027-05-10",
        "weeping-fig, true, WAIT, TOP_DEAD_ROOTS_LIVE, 2027-05-24",
        "weeping-fig, false, GIVE_UP, ROOTS_DEAD, "
    })
    void allBrown_theRootsDecide(String kind, boolean roots, String deed, String because, LocalDate until) {
        CutDeed cut = decide(
                kind,
                new CutState(CutAim.TWIGS, twig("bbbbb"), Optional.of(roots), CutState.Part.GREEN_BARE, false, 0),
                "11-28");
        assertThat(cut.deed().name()).isEqualTo(deed);
        assertThat(cut.because().name()).isEqualTo(because);
        assertThat(cut.from()).isEqualTo(Optional.ofNullable(until));
    }

    @ParameterizedTest
    @CsvSource({
        "GREEN_LEAFY, KEEP, FEEDS",
        "GREEN_BARE, KEEP, STORES",
        "SHRIVELLED, KEEP, STORES",
        "YELLOW, CUT_OFF, SPENT",
        "DRY, CUT_OFF, SPENT",
        "SOFT, CUT_OFF, ROTS"
    })
    void greenCanesStay_deadOnesGo(CutState.Part part, String deed, String because) {
        for (String kind : List.of("cattleya", "dendrobium-nobile", "oncidium", "cymbidium")) {
            CutDeed cut = decide(kind, state(CutAim.CANES, part, false, 0), "11-28");
            assertThat(cut.deed().name()).isEqualTo(deed);
            assertThat(cut.because().name()).isEqualTo(because);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "phalaenopsis, GREEN_BARE, 6, CUT, FLOWERS_AGAIN, ABOVE_JOINT",
        "phalaenopsis, GREEN_BARE, 3, CUT_OFF, WEAK, AT_BASE",
        "phalaenopsis, DRY, 6, CUT_OFF, SPENT, AT_BASE",
        "paphiopedilum, GREEN_BARE, 6, CUT_OFF, SPENT, AT_BASE",
        "hoya, GREEN_BARE, 0, KEEP, SAME_STEM, NONE",
        "hoya, DRY, 0, CUT_OFF, SPENT, AT_BASE",
        "peace-lily, YELLOW, 9, CUT_OFF, SPENT, AT_BASE",
        "dendrobium-nobile, GREEN_BARE, 4, KEEP, SAME_STEM, NONE",
        "anthurium, SOFT, 5, CUT_OFF, ROTS, INTO_SOUND"
    })
    void aStemThatHasFlowered(String kind, CutState.Part part, int leaves, String deed, String because, String place) {
        CutDeed cut = decide(kind, state(CutAim.FLOWERED, part, false, leaves), "11-28");
        assertThat(List.of(cut.deed().name(), cut.because().name(), cut.place().name()))
                .containsExactly(deed, because, place);
    }

    @ParameterizedTest
    @CsvSource({
        "winter-jasmine, 05-01, PINCH, 2026-08-31",
        "winter-jasmine, 09-10, WAIT, ",
        "tradescantia, 09-10, PINCH, 2026-11-30",
        "tropical-hibiscus, 12-01, WAIT, ",
        "fiddle-leaf-fig, 05-01, NOT_THIS_KIND, "
    })
    void pinchedWhileItGrows_andNotWhenBudsForm(String kind, String day, String deed, LocalDate until) {
        CutDeed cut = decide(kind, state(CutAim.PINCH, CutState.Part.GREEN_LEAFY, false, 0), day);
        assertThat(cut.deed().name()).isEqualTo(deed);
        assertThat(cut.until()).isEqualTo(Optional.ofNullable(until));
        assertThat(cut.everyWeeks().isPresent()).isEqualTo(until != null);
    }

    @Test
    void drySheathsComeOff_greenOnesStay() {
        assertThat(decide("cattleya", state(CutAim.SHEATHS, CutState.Part.DRY, false, 0), "06-01")
                        .deed())
                .isEqualTo(CutDeed.Deed.STRIP);
        assertThat(decide("cattleya", state(CutAim.SHEATHS, CutState.Part.GREEN_BARE, false, 0), "06-01")
                        .deed())
                .isEqualTo(CutDeed.Deed.KEEP);
    }

    @Test
    void nothingIsEverCutOfAKindWithOneGrowingPoint_andEveryKindSaysWhatItMayBeCutFor() {
        for (Profile kind : PLANTS.profiles()) {
            assertThat(CUTS.aims(kind)).as(kind.id()).contains(CutAim.FULLER, CutAim.FLOWERED);
            for (int month = 1; month <= 12; month++) {
                CutDeed cut = CUTS.decide(
                        kind,
                        state(CutAim.FULLER, CutState.Part.GREEN_LEAFY, false, 5),
                        LocalDate.of(2026, month, 15),
                        SEASONS);
                assertThat(cut.deed() == CutDeed.Deed.CUT)
                        .as("%s in month %d cuts only what it may lose", kind.id(), month)
                        .isEqualTo(cut.share() > 0);
                if (cut.deed() == CutDeed.Deed.WAIT) {
                    CutDeed then = CUTS.decide(
                            kind,
                            state(CutAim.FULLER, CutState.Part.GREEN_LEAFY, false, 5),
                            cut.from().orElseThrow(),
                            SEASONS);
                    assertThat(then.deed()).isEqualTo(CutDeed.Deed.CUT);
                }
            }
        }
    }
}
