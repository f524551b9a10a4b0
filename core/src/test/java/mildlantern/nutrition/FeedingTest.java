package mildlantern.nutrition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.message.Message;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Range;
import mildlantern.quantity.Volume;
import mildlantern.season.Years;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Feeds by their labels, waters by their analysis, granules that run down, and what a kind gets in a season. */
class FeedingTest {
    private static final FeedPlan PLAN = FeedPlan.load();
    private static final Waters WATERS = Waters.load();
    private static final SlowRelease SLOW = SlowRelease.load();
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final Range FORTNIGHT = new Range(14, 21);
    private static final LocalDate MARCH = LocalDate.of(2026, 3, 1);

    private static Profile kind(String id) {
        return PLANTS.profile(id).orElseThrow();
    }

    private static FeedProduct feed(String id) {
        return PLAN.product(id).orElseThrow();
    }

    /** Worked by hand: 100 mg/L N is 0.5 g of 20 %; 10/6 g of 6 % in a liquid of 1.15 g/mL; 100/93 g of 93 g/kg in one of 1.2 g/mL. */
    @ParameterizedTest
    @CsvSource({"balanced-powder,0.5,g", "leafy-liquid,1.4493,mL", "strong-liquid,0.8961,mL"})
    void aHundredMilligramsOfNitrogenFromAnyLabel(String id, double amount, String unit) {
        FeedProduct.Litre litre = feed(id).litreWith(100);

        assertThat(litre.amount()).isCloseTo(amount, within(amount * 0.005));
        assertThat(litre.unit()).isEqualTo(unit);
    }

    /** 20 % P₂O₅ at 0.5 g/L is 100 mg/L of the oxide, 43.6 mg/L of P; 100 mg/L K₂O is 83.0 mg/L of K. */
    @Test
    void whatComesWithTheNitrogen() {
        FeedProduct.Litre litre = feed("balanced-powder").litreWith(100);

        assertThat(litre.phosphorus()).isCloseTo(43.6, within(0.2));
        assertThat(litre.potassium()).isCloseTo(83.0, within(0.2));
        assertThat(litre.conductivity()).isCloseTo(0.5, within(1e-9));
        assertThat(feed("orchid-powder").litreWith(100).calcium()).isCloseTo(61.5, within(0.1));
    }

    @Test
    void leftoversAreNoFullFeed() {
        assertThat(feed("coffee-grounds").wanting()).extracting(Message::what).containsExactly(FeedLack.LOPSIDED);
        assertThat(feed("orchid-powder").wanting()).isEmpty();
        assertThat(feed("balanced-powder").wanting())
                .extracting(Message::what)
                .containsAnyOf(FeedLack.CALCIUM, FeedLack.CALCIUM_AND_MAGNESIUM);
        assertThatThrownBy(() -> feed("egg-shell").litreWith(50)).hasMessageContaining("no nitrogen");
        assertThatThrownBy(() -> feed("slow-granules").litreWith(50)).hasMessageContaining("laid on the medium");
    }

    @ParameterizedTest
    @CsvSource({
        "sarracenia,RAIN,SUITS",
        "sarracenia,SOFT_TAP,UNSUITABLE",
        "phalaenopsis,SOFT_TAP,SUITS",
        "phalaenopsis,HARD_TAP,UNSUITABLE",
        "miltoniopsis,SOFT_TAP,SUITS",
        "peace-lily,HARD_TAP,WITH_CARE",
        "peace-lily,SOFTENED_TAP,UNSUITABLE",
        "peace-lily,SOFT_TAP,SUITS"
    })
    void watersSuitKindsByWhatIsInThem(String kind, WaterSource source, Waters.Verdict verdict) {
        assertThat(WATERS.judge(kind(kind), WATERS.typical(source), 0).verdict())
                .isEqualTo(verdict);
    }

    @Test
    void alkalinityLocksIronAndSaysSo() {
        WaterAnalysis water =
                new WaterAnalysis(0.3, OptionalDouble.empty(), OptionalDouble.of(180), OptionalDouble.empty());

        assertThat(WATERS.judge(kind("tropical-bonsai"), water, 0).reasons())
                .contains(WaterReason.LOCKS_IRON.with(180L));
        assertThat(WATERS.judge(kind("tropical-bonsai"), WaterAnalysis.metered(0.3), 0)
                        .reasons())
                .isEmpty();
    }

    /** 150 mg/L is what a lime-shy plant bears in a large pot; a small one is watered more often for its size, and buffers less. */
    @ParameterizedTest
    @CsvSource({"140, 20, true", "140, 12, false", "110, 12, true", "110, 8, false", "50, 6, true", "70, 6, false"})
    void aSmallPotBearsLessAlkalinity(double alkalinity, double potCm, boolean borne) {
        WaterAnalysis water =
                new WaterAnalysis(0.25, OptionalDouble.empty(), OptionalDouble.of(alkalinity), OptionalDouble.empty());

        assertThat(WATERS.harm(kind("phalaenopsis"), water, OptionalDouble.of(potCm))
                        .isEmpty())
                .isEqualTo(borne);
    }

    @Test
    void feedCountsTowardsWhatAnOrchidBears() {
        double withFeed = feed("orchid-powder").litreWith(100).conductivity();

        assertThat(WATERS.judge(kind("miltoniopsis"), WATERS.typical(WaterSource.RAIN), withFeed)
                        .reasons())
                .extracting(Message::what)
                .contains(WaterReason.WITH_FEED);
        assertThat(WATERS.judge(kind("phalaenopsis"), WATERS.typical(WaterSource.RAIN), withFeed)
                        .reasons())
                .isEmpty();
    }

    /** (190 / 640 − 0.02) ÷ (0.6 − 0.02) of hard tap: 47.7 %. */
    @Test
    void aBlendThatAnOrchidBears() {
        double share = WATERS.shareBorne(
                kind("phalaenopsis"),
                WATERS.typical(WaterSource.HARD_TAP),
                WATERS.typical(WaterSource.RAIN),
                OptionalDouble.empty());

        assertThat(share).isCloseTo(0.4774, within(0.001));
        WaterAnalysis blend = WATERS.typical(WaterSource.HARD_TAP).mixedWith(WATERS.typical(WaterSource.RAIN), share);
        assertThat(WATERS.dissolvedMg(blend)).isCloseTo(190, within(0.5));
    }

    @Test
    void granulesRunDownWithWarmth() {
        assertThat(SLOW.left(8, MARCH, MARCH.plusDays(122), day -> 21)).isCloseTo(0.5, within(0.005));
        assertThat(SLOW.left(8, MARCH, MARCH.plusDays(61), day -> 31)).isCloseTo(0.5, within(0.005));
        assertThat(SLOW.left(8, MARCH, MARCH.plusDays(400), day -> 21)).isZero();
        assertThat(SLOW.usedUp(6, MARCH, day -> 21, 400)).isBetween(MARCH.plusDays(182), MARCH.plusDays(184));
        assertThat(SLOW.aDay(8, -2)).isZero();
    }

    @Test
    void carnivorousPlantsAreFedThroughTheirTraps() {
        NextFeed pitchers = next("sarracenia", Phase.GROWING, counted(0, 9)).orElseThrow();
        assertThat(pitchers.way()).isEqualTo(FeedPlan.Way.PITCHERS);
        assertThat(pitchers.counts()).isEqualTo(3);
        assertThat(pitchers.ml()).isEqualTo(30);
        assertThat(pitchers.how()).isEqualTo(FeedHow.PITCHERS.with(3, new Volume(10)));
        assertThat(next("cephalotus", Phase.GROWING, counted(0, 6))
                        .orElseThrow()
                        .ml())
                .as("a third of so small a pitcher is one millilitre")
                .isEqualTo(2);
        NextFeed sundew = next("drosera", Phase.GROWING, counted(12, 0)).orElseThrow();
        assertThat(sundew.way()).isEqualTo(FeedPlan.Way.STICKY_LEAVES);
        assertThat(sundew.ml() / 12).as("a leaf bears a mist").isBetween(0.1, 0.3);
        NextFeed prey = next("dionaea", Phase.GROWING, counted(0, 9)).orElseThrow();
        assertThat(prey.how()).as("prey in the trap, nothing poured").isEqualTo(FeedHow.SNAP_TRAPS.with(3));
        assertThat(prey.ml()).isZero();
        assertThat(next("darlingtonia", Phase.GROWING, counted(0, 9))
                        .orElseThrow()
                        .how())
                .as("nothing stays in a pitcher whose mouth faces down")
                .isEqualTo(FeedHow.ROOTS.with(25L));
        assertThat(next("sarracenia", Phase.COOL_REST, counted(0, 9))).isEmpty();
        assertThat(next("nepenthes", Phase.SLOW, counted(9, 4))).isPresent();
    }

    @Test
    void aTrapTakesWhatItsSizeHoldsASeedlingIsFedAtTheRootsAndOutdoorsNothingIsFed() {
        assertThat(next("nepenthes", Phase.GROWING, of(3, Stage.ADULT, 26, false))
                        .orElseThrow()
                        .ml())
                .as("a plant that fills twice the width")
                .isEqualTo(80);
        assertThat(next("nepenthes", Phase.GROWING, of(3, Stage.CUTTING, 6.5, false))
                        .orElseThrow()
                        .ml())
                .isEqualTo(5);
        assertThat(next("sarracenia", Phase.GROWING, of(3, Stage.SEEDLING, 8, false))
                        .orElseThrow()
                        .way())
                .isEqualTo(FeedPlan.Way.ROOTS);
        for (String kind : List.of("sarracenia", "dionaea", "drosera", "cephalotus")) {
            assertThat(next(kind, Phase.GROWING, of(9, Stage.ADULT, 13, true)))
                    .as("%s catches its own outdoors", kind)
                    .isEmpty();
        }
        assertThat(next("pothos", Phase.GROWING, of(9, Stage.ADULT, 13, true))).isPresent();
    }

    private static FedSoFar counted(int leaves, int growths) {
        return FedSoFar.never(new FedPlant(leaves, growths, Stage.ADULT, 13, false));
    }

    private static FedSoFar of(int growths, Stage stage, double acrossCm, boolean outdoors) {
        return FedSoFar.never(new FedPlant(0, growths, stage, acrossCm, outdoors));
    }

    private static Optional<NextFeed> next(String kind, Phase phase, FedSoFar known) {
        return PLAN.next(kind(kind), Years.wants(kind, phase), known, FORTNIGHT);
    }

    @Test
    void growthIsFedWeaklyRestIsNotAndReturnIsAtHalf() {
        assertThat(next("cactus", Phase.DRY_REST, FedSoFar.NOTHING)).isEmpty();
        assertThat(next("dendrobium-nobile", Phase.COOL_REST, FedSoFar.NOTHING)).isEmpty();
        assertThat(next("snake-plant", Phase.SLOW, FedSoFar.NOTHING)).isEmpty();
        assertThat(next("pothos", Phase.SLOW, FedSoFar.NOTHING).orElseThrow().days())
                .as("what only holds is fed a quarter as often")
                .isEqualTo(new Range(4 * FORTNIGHT.low(), 4 * FORTNIGHT.high()));
        double summer = next("peace-lily", Phase.GROWING, PLAN.known(FedPlant.UNKNOWN, List.of(16L, 33L, 50L)))
                .orElseThrow()
                .mgNitrogen();
        NextFeed spring = next("peace-lily", Phase.GROWING, PLAN.known(FedPlant.UNKNOWN, List.of(110L, 130L)))
                .orElseThrow();
        assertThat(summer).isEqualTo(125);
        assertThat(spring.gently()).isTrue();
        assertThat(spring.mgNitrogen()).isEqualTo(50);
        assertThat(next("peace-lily", Phase.GROWING, PLAN.known(FedPlant.UNKNOWN, List.of(5L, 20L, 130L)))
                        .orElseThrow()
                        .gently())
                .isFalse();
    }

    @Test
    void strengthStaysWithinWhatAKindBears() {
        for (Profile profile : PLANTS.profiles()) {
            for (Phase phase : Phase.values()) {
                PLAN.next(profile, Years.wants(profile, phase), counted(5, 2), FORTNIGHT)
                        .filter(next -> next.way() == FeedPlan.Way.ROOTS)
                        .ifPresent(next -> assertThat(next.mgNitrogen())
                                .as(profile.id())
                                .isLessThanOrEqualTo(
                                        Math.max(25, profile.feedMgN().high())));
            }
        }
    }

    @Test
    void aBiggerLeafMeansItThrives() {
        assertThat(PLAN.leaf(14.2, 12.8)).isEqualTo(FeedPlan.LeafVerdict.BIGGER);
        assertThat(PLAN.leaf(12.8, 12.8)).isEqualTo(FeedPlan.LeafVerdict.ALIKE);
        assertThat(PLAN.leaf(10, 12.8)).isEqualTo(FeedPlan.LeafVerdict.SMALLER);
    }
}
