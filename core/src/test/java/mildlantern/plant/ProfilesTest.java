package mildlantern.plant;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collection;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What kinds of plants want, held against the figures that growers work with. */
class ProfilesTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final Set<String> POISONOUS = Set.of(
            "anthurium",
            "peace-lily",
            "pothos",
            "philodendron",
            "monstera",
            "dieffenbachia",
            "zz-plant",
            "dracaena",
            "snake-plant",
            "fiddle-leaf-fig",
            "weeping-fig",
            "rubber-plant",
            "croton");

    private static Profile profile(String id) {
        return PLANTS.profile(id).orElseThrow();
    }

    static Collection<Profile> profiles() {
        return PLANTS.profiles();
    }

    /** Daily light integrals, mol per square metre and day, as general horticulture gives them. */
    @ParameterizedTest
    @CsvSource({
        "phalaenopsis, 4, 8",
        "paphiopedilum, 4, 8",
        "anthurium, 4, 8",
        "boston-fern, 3, 6",
        "african-violet, 5, 8",
        "tank-bromeliad, 6, 12",
        "tillandsia, 8, 12",
        "nepenthes, 6, 12",
        "pinguicula, 6, 10",
        "cattleya, 8, 14",
        "oncidium, 8, 14",
        "dendrobium-nobile, 10, 14",
        "drosera, 10, 18",
        "tropical-bonsai, 8, 15",
        "croton, 10, 15",
        "winter-jasmine, 10, 18",
        "succulent-rosette, 10, 20",
        "cactus, 15, 25",
        "tropical-hibiscus, 15, 25",
        "sarracenia, 20, 40",
        "dionaea, 20, 40"
    })
    void lightIsWhatItsKindNeeds(String id, double low, double high) {
        assertThat(profile(id).dailyLight().low()).isEqualTo(low);
        assertThat(profile(id).dailyLight().high()).isEqualTo(high);
    }

    /** Nitrogen at each feed, mg per litre. */
    @ParameterizedTest
    @CsvSource({
        "phalaenopsis, 75, 125",
        "oncidium, 75, 125",
        "paphiopedilum, 40, 60",
        "miltoniopsis, 40, 60",
        "tank-bromeliad, 30, 60",
        "african-violet, 50, 75",
        "tropical-bonsai, 100, 200",
        "monstera, 100, 150"
    })
    void feedIsWhatItsKindIsGiven(String id, double low, double high) {
        assertThat(profile(id).feedMgN().low()).isEqualTo(low);
        assertThat(profile(id).feedMgN().high()).isEqualTo(high);
    }

    @Test
    void bogPlantsWantWaterWithoutMinerals_andNextToNoFeed() {
        for (Profile profile : PLANTS.profiles()) {
            if (profile.family() == Family.CARNIVOROUS) {
                assertThat(profile.water()).as(profile.id()).isEqualTo(WaterWant.MINERAL_FREE);
                assertThat(profile.feedMgN().high()).as(profile.id()).isLessThanOrEqualTo(20);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("profiles")
    void everyKindIsDescribedSensibly(Profile profile) {
        assertThat(profile.nearest()).isEqualTo(profile.id());
        assertThat(profile.media()).isNotEmpty();
        assertThat(profile.humidity().low()).isBetween(20.0, 70.0);
        assertThat(profile.day().low()).isLessThan(profile.day().high());
        assertThat(profile.night().celsius()).isLessThan(profile.day().high());
        assertThat(profile.wateringDays().low())
                .isLessThanOrEqualTo(profile.wateringDays().high());
        assertThat(profile.harm().isPresent() || !POISONOUS.contains(profile.id()))
                .as("said to be poisonous")
                .isTrue();
        if (profile.dryness() == Dryness.LONG_DRY) {
            assertThat(profile.wateringDays().high()).isGreaterThanOrEqualTo(14);
        }
        if (profile.dryness() == Dryness.BOG) {
            assertThat(profile.wateringDays().high()).isLessThanOrEqualTo(4);
        }
    }

    @Test
    void whatNeedsAColdWinterSaysSo() {
        for (String id : Set.of(
                "sarracenia", "dionaea", "darlingtonia", "temperate-bonsai", "winter-jasmine", "dendrobium-nobile")) {
            assertThat(profile(id).rest()).as(id).isPresent();
        }
        assertThat(profile("pothos").rest()).isEmpty();
    }

    @Test
    void habitsThatLookLikeTroubleAreKnown() {
        assertThat(profile("sarracenia").habits())
                .contains(
                        new DisorderId("pitcher-ageing"),
                        new DisorderId("nectar-burn"),
                        new DisorderId("digestion-browning"));
        assertThat(profile("tank-bromeliad").habits()).contains(new DisorderId("spent-rosette"));
        assertThat(profile("boston-fern").habits()).contains(new DisorderId("natural-growths"));
        assertThat(profile("phalaenopsis").habits())
                .contains(new DisorderId("natural-spotting"), new DisorderId("spent-flowers"));
    }
}
