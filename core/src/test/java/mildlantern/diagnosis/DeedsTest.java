package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import org.junit.jupiter.api.Test;

/** What a change would cost the plant decides which is made, and which look is worth its while. */
class DeedsTest {
    private static Differential of(String kind, String... seen) {
        return Known.DIAGNOSIS.consider(Known.bare(kind), Known.seen(seen));
    }

    private static double cost(Differential of, String trial, String cause) {
        double[] truth = of.disorders().stream()
                .mapToDouble(disorder -> disorder.id().equals(new DisorderId(cause)) ? 1 : 0)
                .toArray();
        return Known.KNOWLEDGE.deeds(of.disorders()).all().stream()
                .filter(deed -> deed.trial().equals(trial))
                .findFirst()
                .orElseThrow()
                .expected(truth);
    }

    @Test
    void waterOnRottenRootsCostsMoreThanWaiting_andWaitingMoreThanWhatTheCauseAsksFor() {
        Differential fern = of("boston-fern", "leaf.limp", "present");
        assertThat(cost(fern, "soak-and-water", "root-rot"))
                .isGreaterThan(cost(fern, "watch-only", "root-rot"))
                .isGreaterThan(cost(fern, "cut-rot-and-repot", "root-rot"));
        assertThat(cost(fern, "soak-and-water", "underwatering")).isZero();
        assertThat(cost(fern, "drain-and-dry", "underwatering")).isGreaterThan(0.5);
    }

    @Test
    void whatIsLikeliestIsNotAlwaysTheChangeToMake() {
        Differential dry = of("boston-fern", "leaf.limp", "present", "soil.deep", "dry");
        assertThat(dry.deeds().best().orElseThrow().trial()).isEqualTo("soak-and-water");
        Differential wet = of("boston-fern", "leaf.limp", "present", "soil.deep", "wet", "soil.sour", "present");
        assertThat(wet.deeds().best().orElseThrow().trial()).isNotEqualTo("soak-and-water");
    }

    @Test
    void aChangeTellsHowLikelyItIsRight_andUnderWhichCauseItWouldDoHarm() {
        Differential unsure = of("boston-fern", "leaf.limp", "present");
        DeedOutlook soak = unsure.deeds().outlook("soak-and-water").orElseThrow();
        assertThat(soak.answers()).isBetween(unsure.probability(new DisorderId("underwatering")) - 1e-9, 1.0);
        assertThat(soak.worse()).isGreaterThan(0.1);
        assertThat(soak.worstIf()).isPresent();
        DeedOutlook dry = of("boston-fern", "leaf.limp", "present", "soil.deep", "dry", "pot.weight", "light")
                .deeds()
                .outlook("soak-and-water")
                .orElseThrow();
        assertThat(dry.answers()).isGreaterThan(soak.answers());
        assertThat(dry.worse()).isLessThan(soak.worse());
        assertThat(unsure.deeds().outlook("no-such-trial")).isEmpty();
    }

    @Test
    void aLookSavesWhatItChangesInWhatOneWouldDo_andNeverLessThanNothing() {
        List<NextLook> looks = of("phalaenopsis", "leaf.limp", "present").nextLooks(40, Set.of());
        assertThat(looks).isNotEmpty().allSatisfy(look -> {
            assertThat(look.saves()).isBetween(0.0, 1.0);
            assertThat(look.worth()).isPositive();
        });
        assertThat(looks).anySatisfy(look -> assertThat(look.saves()).isGreaterThan(0.02));
    }

    /** The look that would put another change first does so when it is taken and shows that. */
    @Test
    void theLookThatIsSaidToChangeWhatComesFirstDoesChangeIt() {
        int changed = 0;
        for (String kind :
                List.of("phalaenopsis", "boston-fern", "sarracenia", "weeping-fig", "cactus", "calamondin")) {
            for (String sign : List.of("leaf.limp", "leaf.yellow", "leaf.tip-brown", "leaf.spots-brown")) {
                Differential now = of(kind, sign, "present");
                Optional<DeedChange> change = now.deedChange();
                if (change.isEmpty()) {
                    continue;
                }
                changed++;
                DeedChange look = change.get();
                assertThat(look.chance()).isBetween(0.0, 1.0);
                Differential then = of(
                        kind,
                        sign,
                        "present",
                        look.finding().id().value(),
                        look.state().id());
                assertThat(then.deeds().leastRisk())
                        .as("%s, %s, then %s", kind, sign, look)
                        .contains(look.trial())
                        .isNotEqualTo(now.deeds().leastRisk());
            }
        }
        assertThat(changed).isGreaterThan(6);
    }

    @Test
    void oneWaitsWithAnOldLeaf_notWithCaterpillarsOrARottingCrown() {
        assertThat(of("croton", "leaf.holes", "present", "leaf.frass", "present")
                        .waiting())
                .isGreaterThanOrEqualTo(Waiting.SETBACK);
        assertThat(of("phalaenopsis", "crown.leaves-loose", "present", "leaf.slime", "present")
                        .waiting())
                .isEqualTo(Waiting.DANGER);
        assertThat(of(
                                "pothos",
                                "leaf.yellow",
                                "present",
                                "affected-leaves",
                                "oldest-few",
                                "soil.deep",
                                "moist",
                                "new-growth",
                                "normal")
                        .waiting())
                .isLessThanOrEqualTo(Waiting.LITTLE);
    }

    /** A dear look waits for the cheap one before it, and that one is the more worth for it. */
    @Test
    void beforeADyingBranchIsCutATwigIsScratched() {
        String[] wilt = {"stem.one-sided-wilt", "present", "leaf.limp", "present", "onset", "days", "soil.deep", "moist"
        };
        assertThat(of("temperate-bonsai", wilt).nextLooks(40, Set.of()))
                .extracting(look -> look.finding().id().value())
                .doesNotContain("stem.inside-brown");
        assertThat(of("temperate-bonsai", wilt).nextLooks(3, Set.of()))
                .extracting(look -> look.finding().id().value())
                .contains("twig.scratch");
        String[] scratched = Arrays.copyOf(wilt, wilt.length + 2);
        scratched[wilt.length] = "twig.scratch";
        scratched[wilt.length + 1] = "brown";
        assertThat(of("temperate-bonsai", scratched).nextLooks(3, Set.of()))
                .extracting(look -> look.finding().id().value())
                .contains("stem.inside-brown");
    }

    @Test
    void limpLeavesInWetMediumAskForTheRoots() {
        assertThat(of("phalaenopsis", "leaf.limp", "present", "soil.deep", "wet")
                        .nextLooks(4, Set.of()))
                .extracting(look -> look.finding().id().value())
                .anyMatch(id -> id.startsWith("roots."));
    }

    @Test
    void looksThatAreProposedLeadToTheTruthSoonerThanACheckList() {
        LookSearch proposed = search(LookSearch.Way.DEED);
        LookSearch list = search(LookSearch.Way.CHECKLIST);
        assertThat(LookSearch.within(proposed.toCause(), 6)).isGreaterThan(LookSearch.within(list.toCause(), 6));
        assertThat(LookSearch.within(proposed.toDeed(), 6)).isGreaterThan(LookSearch.within(list.toDeed(), 6));
    }

    private static LookSearch search(LookSearch.Way way) {
        return LookSearch.of(
                new MadeUpPlants(Known.KNOWLEDGE, Known.PLANTS), Known.KNOWLEDGE, Known.DIAGNOSIS, way, 40, 6, 7);
    }
}
