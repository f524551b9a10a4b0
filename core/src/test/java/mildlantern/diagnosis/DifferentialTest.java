package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.EventKind;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Season;
import mildlantern.quantity.RelativeHumidity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DifferentialTest {
    @Test
    void limpInWetMediumIsNeverThirst() {
        Differential differential = Known.DIAGNOSIS.consider(
                Known.bare("peace-lily"), Known.seen("leaf.limp", "present", "soil.deep", "wet"));
        assertThat(differential.probability(new DisorderId("underwatering"))).isLessThan(0.02);
        assertThat(differential.ladder().get(0).disorder().kind()).isEqualTo(Disorder.Kind.WATER);
    }

    @Test
    void limpInDryMediumIs() {
        Differential differential = Known.DIAGNOSIS.consider(
                Known.bare("peace-lily"), Known.seen("leaf.limp", "present", "soil.deep", "dry"));
        assertThat(differential.ladder().get(0).disorder().id()).hasToString("underwatering");
    }

    @Test
    void theRecordIsHeardWithItsFigures() {
        PlantRecord dryRoom = inAir("calathea", 31);
        Differential differential = Known.DIAGNOSIS.consider(dryRoom, Known.seen("leaf.edge-crisp", "present"));
        assertThat(differential.ladder().get(0).disorder().id()).hasToString("low-humidity");
        assertThat(differential.explain(new DisorderId("low-humidity")).strongestFor(3, 0.1))
                .extracting(Reason::sentence)
                .contains("31 % humidity at this stop; this plant wants 60 to 80 %", "crisp brown edges");
    }

    @Test
    void moistAirSpeaksAgainstDryAir() {
        Differential differential =
                Known.DIAGNOSIS.consider(inAir("calathea", 72), Known.seen("leaf.edge-crisp", "present"));
        assertThat(differential.explain(new DisorderId("low-humidity")).strongestAgainst(3, 0.1))
                .extracting(Reason::sentence)
                .contains("72 % humidity at this stop; this plant wants 60 to 80 %");
    }

    private static PlantRecord inAir(String profile, double percent) {
        PlantRecord bare = Known.bare(profile);
        PlantRecord.Place place = new PlantRecord.Place(
                Optional.empty(),
                Optional.of(new RelativeHumidity(percent)),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty());
        return new PlantRecord(
                bare.profile(),
                Optional.empty(),
                Optional.of(Season.WINTER),
                Optional.empty(),
                place,
                bare.watering(),
                bare.pot(),
                bare.feeding(),
                List.of(),
                OptionalDouble.empty());
    }

    @Test
    void aFingerInTheMediumIsAskedBeforeUnpotting() {
        List<String> looks = Known.DIAGNOSIS
                .consider(Known.bare("philodendron"), Known.seen("leaf.limp", "present"))
                .nextLooks(20, Set.of())
                .stream()
                .map(look -> look.finding().id().value())
                .toList();
        assertThat(looks.indexOf("soil.deep")).isBetween(0, 2);
        assertThat(looks.subList(0, looks.indexOf("soil.deep") + 1)).doesNotContain("roots.state");
    }

    @Test
    void aCertainCauseStillAsksHowFarItHasGone() {
        Differential differential = Known.DIAGNOSIS.consider(
                Known.bare("tropical-bonsai"),
                Known.seen("leaf.limp", "present", "soil.deep", "dry", "pot.weight", "light"));
        assertThat(differential.probability(new DisorderId("underwatering"))).isGreaterThan(0.7);
        assertThat(differential.nextLooks(3, Set.of()))
                .extracting(look -> look.finding().id())
                .contains(new FindingId("twig.scratch"));
    }

    @Test
    void aCatchingPestAsksToActToday_oldLeavesDoNot() {
        assertThat(Known.DIAGNOSIS
                        .consider(
                                Known.bare("monstera"),
                                Known.seen("leaf.silvering", "present", "pest.slender", "present"))
                        .actNow())
                .isTrue();
        Differential ageing = Known.DIAGNOSIS.consider(
                Known.bare("pothos"),
                Known.seen(
                        "leaf.yellow", "present",
                        "affected-leaves", "oldest-few",
                        "new-growth", "normal",
                        "soil.deep", "moist",
                        "leaf.stippling", "absent"));
        assertThat(ageing.actNow()).isFalse();
        assertThat(ageing.allWell()).isGreaterThan(0.5);
    }

    @Test
    void whatTheKnowledgeBaseLacksIsRefusedByName() {
        assertThatThrownBy(() -> Known.DIAGNOSIS.consider(Known.bare("pothos"), Known.seen("leaf.blue", "present")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("leaf.blue");
        assertThatThrownBy(() -> Known.DIAGNOSIS.consider(Known.bare("pothos"), Known.seen("soil.deep", "soggy")))
                .hasMessageContaining("soggy");
    }

    @Test
    void rootsAreNotProposedWhileAFingerInTheMediumWouldDo_unlessThatWasPassedOver() {
        Differential differential = Known.DIAGNOSIS.consider(
                Known.bare("phalaenopsis"), Known.seen("leaf.limp", "present", "leaf.leathery", "present"));
        assertThat(differential.nextLooks(200, Set.of()))
                .extracting(look -> look.finding().id())
                .contains(new FindingId("soil.deep"))
                .doesNotContain(new FindingId("roots.state"), new FindingId("wilt.after-water"));
        assertThat(Known.DIAGNOSIS
                        .consider(
                                Known.bare("phalaenopsis"), Known.seen("leaf.limp", "present", "soil.sour", "present"))
                        .nextLooks(200, Set.of()))
                .extracting(look -> look.finding().id())
                .contains(new FindingId("roots.state"));
        assertThat(differential.nextLooks(200, Set.of(new FindingId("soil.deep"))))
                .extracting(look -> look.finding().id())
                .contains(new FindingId("roots.state"))
                .doesNotContain(new FindingId("soil.deep"));
    }

    @Test
    void aLikelyCauseNamesTheAnswerThatWouldOverturnIt_andThatAnswerDoes() {
        PlantRecord orchid = Known.bare("phalaenopsis");
        Evidence limp = Known.seen("leaf.limp", "present", "leaf.leathery", "present", "soil.deep", "wet");
        Differential now = Known.DIAGNOSIS.consider(orchid, limp);
        assertThat(now.probability(new DisorderId("root-loss"))).isGreaterThan(0.5);
        Overturn overturn = now.overturning(new DisorderId("root-loss")).orElseThrow();
        Differential then = Known.DIAGNOSIS.consider(
                orchid, limp.with(overturn.finding().id(), overturn.state().id()));
        assertThat(overturn.before()).isCloseTo(now.probability(new DisorderId("root-loss")), within(0.01));
        assertThat(then.probability(new DisorderId("root-loss")))
                .isLessThan(0.5)
                .isCloseTo(overturn.after(), within(0.01));
    }

    @Test
    void whatNothingExplainsIsSaid_ratherThanForcingAName() {
        Differential odd = Known.DIAGNOSIS.consider(
                Known.bare("snake-plant"),
                Known.seen("leaf.slime", "present", "leaf.holes", "absent", "leaf.cotton", "absent"));
        assertThat(odd.unexplained()).extracting(Finding::id).containsExactly(new FindingId("leaf.slime"));
        Differential plain = Known.DIAGNOSIS.consider(
                Known.bare("snake-plant"), Known.seen("leaf.slime", "present", "leaf.holes", "present"));
        assertThat(plain.unexplained()).isEmpty();
    }

    /** A bare fig has no leaves to look at; twigs and roots tell now. */
    @Test
    void onABareTreeNoLookAtLeavesIsProposed() {
        Differential bare = new Diagnosis(Known.KNOWLEDGE)
                .consider(
                        Known.bare("weeping-fig"),
                        Evidence.of(Map.of(
                                new FindingId("leaf.drop-mass"), Finding.PRESENT, new FindingId("soil.deep"), "wet")));
        List<NextLook> looks = bare.nextLooks(60, Set.of());
        assertThat(looks).isNotEmpty();
        assertThat(looks)
                .noneMatch(look -> Set.of(Part.LEAF, Part.NEW_LEAF, Part.FLOWER)
                        .containsAll(look.finding().parts()));
        assertThat(looks).anyMatch(look -> look.finding().id().value().equals("roots.state"));
    }

    /** What is said of a closer kind goes before what is said of its broad one. */
    @ParameterizedTest
    @CsvSource({
        "hedera, pothos, spider-mites",
        "poinsettia, croton, whitefly",
        "cyclamen, streptocarpus, cyclamen-mites",
        "nepenthes-highland, nepenthes-lowland, heat-stress",
        "serissa-bonsai, tropical-bonsai, acclimation-shock",
        "lithops, aloe, overwatering",
        "gardenia, rubber-plant, micronutrient-chlorosis"
    })
    void aCloserKindHasTroublesOfItsOwn(String kind, String other, String trouble) {
        DisorderId cause = new DisorderId(trouble);
        assertThat(Known.DIAGNOSIS.consider(Known.bare(kind), Evidence.NONE).probability(cause))
                .isGreaterThan(1.15
                        * Known.DIAGNOSIS
                                .consider(Known.bare(other), Evidence.NONE)
                                .probability(cause));
    }

    /** Three nights far below zero are another thing than a cool one. */
    @Test
    void howDeepItWasChilledTellsWhetherItFroze() {
        DisorderId frozen = new DisorderId("frost-injury");
        Evidence dead = Known.seen("twig.scratch", "brown", "new-growth", "none");
        double deep = Known.DIAGNOSIS.consider(chilled(-18), dead).probability(frozen);
        double cool = Known.DIAGNOSIS.consider(chilled(-4), dead).probability(frozen);
        assertThat(deep).isGreaterThan(2 * cool);
        assertThat(Known.DIAGNOSIS.consider(chilled(-18), dead).explain(frozen).strongestFor(6, 0.1))
                .extracting(Reason::sentence)
                .contains("chilled by 18 °C");
    }

    private static PlantRecord chilled(double step) {
        PlantRecord bare = Known.bare("temperate-bonsai");
        return new PlantRecord(
                bare.profile(),
                Optional.empty(),
                Optional.of(Season.SPRING),
                Optional.empty(),
                bare.place(),
                bare.watering(),
                bare.pot(),
                bare.feeding(),
                List.of(new PlantRecord.Event(
                        EventKind.CHILLED, 85, OptionalDouble.of(step), OptionalDouble.empty(), Optional.empty())),
                OptionalDouble.empty());
    }
}
