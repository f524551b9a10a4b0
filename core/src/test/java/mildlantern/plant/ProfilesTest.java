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

    /** Daily light integrals, mol per square metre and day, from where a kind grows to what it bears. */
    @ParameterizedTest
    @CsvSource({
        "phalaenopsis, 4, 10",
        "paphiopedilum, 4, 9",
        "anthurium, 3, 10",
        "boston-fern, 3, 10",
        "african-violet, 4, 10",
        "tank-bromeliad, 5, 14",
        "tillandsia, 6, 15",
        "nepenthes, 6, 15",
        "pinguicula, 5, 12",
        "cattleya, 8, 18",
        "oncidium, 8, 16",
        "dendrobium-nobile, 8, 20",
        "drosera, 8, 25",
        "tropical-bonsai, 6, 20",
        "croton, 6, 20",
        "winter-jasmine, 8, 25",
        "succulent-rosette, 8, 30",
        "cactus, 10, 45",
        "tropical-hibiscus, 10, 35",
        "sarracenia, 15, 50",
        "dionaea, 15, 50"
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
