package mildlantern.handwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import java.util.OptionalInt;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Keep what feeds, trim what is dead, take off what goes on to others; never a heart, and never too much at once. */
class LeafWorkTest {
    private static final LeafWork WORK = LeafWork.load(PlantKnowledge.load());
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();

    private static LeafDeed decide(String kind, String damage, double green, String state, int alike, int leaves) {
        return WORK.decide(
                PLANTS.profile(kind).orElseThrow(),
                new LeafState(
                        Damage.valueOf(damage.toUpperCase(Locale.ROOT).replace('-', '_')),
                        green,
                        state.contains("catching"),
                        state.contains("spreading"),
                        alike,
                        leaves == 0 ? OptionalInt.empty() : OptionalInt.of(leaves),
                        state.contains("shooting")));
    }

    @ParameterizedTest
    @CsvSource({
        // A dead margin is trimmed along the leaf's shape, where the kind takes a cut leaf.
        "monstera, dry-tip, 0.9, '', TRIM, DEAD_MARGIN, ALONG_SHAPE",
        "monstera, dry-edge, 0.7, '', TRIM, DEAD_MARGIN, ALONG_SHAPE",
        "phalaenopsis, dry-tip, 0.9, '', TRIM, DEAD_MARGIN, ALONG_SHAPE",
        "tank-bromeliad, dry-tip, 0.8, '', TRIM, DEAD_MARGIN, ALONG_SHAPE",
        "tillandsia, dry-tip, 0.8, '', TRIM, DEAD_MARGIN, ALONG_SHAPE",
        "sarracenia, dry-tip, 0.6, '', TRIM, DEAD_MARGIN, ALONG_SHAPE",
        "calathea, dry-edge, 0.8, '', TRIM, DEAD_MARGIN, ALONG_SHAPE",
        "african-violet, dry-edge, 0.8, '', KEEP, STILL_FEEDS, NONE",
        "boston-fern, dry-tip, 0.8, '', KEEP, STILL_FEEDS, NONE",
        "succulent-rosette, dry-tip, 0.9, '', KEEP, STILL_FEEDS, NONE",
        "temperate-bonsai, dry-tip, 0.9, '', KEEP, STILL_FEEDS, NONE",
        // More than half green and at rest: it stays.
        "monstera, old-scar, 0.6, '', KEEP, SCAR_STAYS, NONE",
        "phalaenopsis, old-scar, 0.8, '', KEEP, SCAR_STAYS, NONE",
        "phalaenopsis, spots, 0.8, '', KEEP, STILL_FEEDS, NONE",
        "tank-bromeliad, old-scar, 0.7, '', KEEP, SCAR_STAYS, NONE",
        "monstera, spots, 0.9, '', KEEP, STILL_FEEDS, NONE",
        // Less than half green: it goes, unless new growth lives on it.
        "monstera, old-scar, 0.3, '', TAKE_OFF, SPENT, AT_STEM",
        "monstera, old-scar, 0.3, shooting, KEEP, FEEDS_NEW_GROWTH, NONE",
        "phalaenopsis, old-scar, 0.4, shooting, KEEP, FEEDS_NEW_GROWTH, NONE",
        "boston-fern, spots, 0.2, '', TAKE_OFF, SPENT, AT_GROUND",
        // What spreads or is catching goes, whatever is green of it.
        "monstera, spots, 0.9, spreading, TAKE_OFF, GOES_ON, AT_STEM",
        "monstera, spots, 0.9, catching, TAKE_OFF, GOES_ON, AT_STEM",
        "phalaenopsis, spots, 0.9, spreading, TAKE_OFF, GOES_ON, AT_BASE",
        "pothos, tunnels, 0.8, '', TAKE_OFF, GOES_ON, AT_STEM",
        "monstera, soft, 0.7, '', TAKE_OFF, GOES_ON, AT_STEM",
        "african-violet, soft, 0.5, '', TAKE_OFF, GOES_ON, SIDEWAYS",
        "boston-fern, spots, 0.9, catching, TAKE_OFF, GOES_ON, AT_GROUND",
        "boston-fern, yellow, 0.9, catching, TAKE_OFF, GOES_ON, AT_GROUND",
        "boston-fern, old-scar, 0.9, catching, KEEP, SCAR_STAYS, NONE",
        "monstera, dry-tip, 0.9, catching, TRIM, DEAD_MARGIN, ALONG_SHAPE",
        // A yellow leaf gives back what it holds; some fall by themselves.
        "monstera, yellow, 0.4, '', KEEP, DRAWS_BACK, NONE",
        "monstera, yellow, 0, '', TAKE_OFF, SPENT, AT_STEM",
        "phalaenopsis, yellow, 0.5, '', KEEP, DRAWS_BACK, NONE",
        "phalaenopsis, yellow, 0, '', TAKE_OFF, SPENT, AT_BASE",
        "dendrobium-nobile, yellow, 0, '', KEEP, DRAWS_BACK, NONE",
        "weeping-fig, yellow, 0, '', KEEP, DRAWS_BACK, NONE",
        // Dry ones go, each as its kind lets go of them.
        "cattleya, dry, 0, '', TAKE_OFF, SPENT, AT_SHEATH",
        "sarracenia, dry, 0, '', TAKE_OFF, SPENT, AT_BASE",
        "nepenthes, dry, 0, '', TAKE_OFF, SPENT, TRAP_ALONE",
        "dionaea, dry, 0, '', TAKE_OFF, SPENT, TRAP_ALONE",
        "succulent-rosette, dry, 0, '', TAKE_OFF, SPENT, SIDEWAYS",
        "boston-fern, dry, 0, '', TAKE_OFF, SPENT, AT_GROUND",
        "drosera, dry, 0, '', TAKE_OFF, SPENT, AT_BASE"
    })
    void eachLeafHasItsDeed(
            String kind,
            String damage,
            double green,
            String state,
            LeafDeed.Deed deed,
            LeafDeed.Because because,
            LeafDeed.Cut cut) {
        LeafDeed found = decide(kind, damage, green, state, 1, 0);
        assertThat(found.deed()).isEqualTo(deed);
        assertThat(found.because()).isEqualTo(because);
        assertThat(found.cut()).isEqualTo(cut);
    }

    @ParameterizedTest
    @CsvSource({
        "phalaenopsis, spots, 0.8, spreading, 1, 3, CUT_OUT",
        "phalaenopsis, spots, 0.8, spreading, 1, 6, TAKE_OFF",
        "phalaenopsis, soft, 0.8, '', 1, 3, CUT_OUT",
        "phalaenopsis, soft, 0.2, '', 1, 3, TAKE_OFF",
        "monstera, old-scar, 0.3, '', 1, 2, KEEP",
        "monstera, old-scar, 0.3, '', 1, 8, TAKE_OFF"
    })
    void aPlantWithFewLeavesLosesNoneThatCanBeSaved(
            String kind, String damage, double green, String state, int alike, int leaves, LeafDeed.Deed deed) {
        assertThat(decide(kind, damage, green, state, alike, leaves).deed()).isEqualTo(deed);
    }

    @ParameterizedTest
    @CsvSource({
        "monstera, old-scar, 0.2, '', 6, 9, 2, 4",
        "monstera, spots, 0.7, spreading, 6, 30, 6, 0",
        "monstera, spots, 0.7, spreading, 12, 30, 9, 3",
        "monstera, dry, 0, '', 9, 12, 9, 0",
        "monstera, soft, 0.6, '', 9, 12, 9, 0",
        "monstera, dry-tip, 0.9, '', 9, 12, 9, 0",
        "monstera, old-scar, 0.8, '', 9, 12, 0, 0"
    })
    void atMostAThirdOfTheGreenComesOffInOneDay(
            String kind, String damage, double green, String state, int alike, int leaves, int today, int rest) {
        LeafDeed deed = decide(kind, damage, green, state, alike, leaves);
        assertThat(deed.atOnce()).isEqualTo(today);
        assertThat(deed.rest()).isEqualTo(rest);
        assertThat(deed.restInDays().isPresent()).isEqualTo(rest > 0);
    }

    @ParameterizedTest
    @EnumSource(Damage.class)
    void everyKindHasAnAnswer_andACutExactlyWhereSomethingIsCut(Damage damage) {
        for (Profile kind : PLANTS.profiles()) {
            for (double green : new double[] {0, 0.3, 0.7, 1}) {
                LeafDeed deed = decide(kind.id(), damage.name(), green, "", 2, 10);
                assertThat(deed.cut() == LeafDeed.Cut.NONE)
                        .as(kind.id() + " " + damage + " " + green)
                        .isEqualTo(deed.deed() == LeafDeed.Deed.KEEP);
                assertThat(deed.atOnce() + deed.rest()).isEqualTo(deed.deed() == LeafDeed.Deed.KEEP ? 0 : 2);
            }
        }
    }

    @Test
    void aSlowRosetteTakesAYearOrMore_aLeafyStemWeeks() {
        assertThat(decide("tank-bromeliad", "old-scar", 0.8, "", 1, 0)
                        .outgrows()
                        .low())
                .isGreaterThanOrEqualTo(52);
        assertThat(decide("pothos", "old-scar", 0.8, "", 1, 0).outgrows().high())
                .isLessThan(30);
    }

    @Test
    void aFigureThatCannotBeIsRefused() {
        assertThatThrownBy(() -> decide("monstera", "spots", 1.4, "", 1, 0)).hasMessageContaining("green share");
        assertThatThrownBy(() -> decide("monstera", "spots", 0.5, "", 6, 4)).hasMessageContaining("leaves");
    }
}
