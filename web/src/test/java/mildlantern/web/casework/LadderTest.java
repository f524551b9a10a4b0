package mildlantern.web.casework;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Evidence;
import mildlantern.diagnosis.Standing;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.treatment.Trials;
import org.junit.jupiter.api.Test;

/** How a differential is worded for the grower. */
class LadderTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final Diagnosis DIAGNOSIS = new Diagnosis(DiagnosisKnowledge.load(PLANTS, Trials.load()));

    private static Differential differential(String profile, String... pairs) {
        Map<FindingId, String> states = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            states.put(new FindingId(pairs[i]), pairs[i + 1]);
        }
        return DIAGNOSIS.consider(PlantRecord.of(PLANTS.profile(profile).orElseThrow()), Evidence.of(states));
    }

    @Test
    void probabilitiesAreSaidAsWholePercent_andNeverAsCertainty() {
        assertThat(Ladder.percent(0.7149)).isEqualTo("71");
        assertThat(Ladder.percent(0.004)).isEqualTo("under 1");
        assertThat(Ladder.percent(0.9999)).isEqualTo("over 99");
    }

    @Test
    void aRungSaysWhatItMeansForThePlant_withThePinsOfItsReasons() {
        Differential mites = differential("croton", "leaf.stippling", "present", "leaf.webbing", "present");
        LadderViews.Rung first = Ladder.rungs(mites, Map.of(new FindingId("leaf.stippling"), 4), 5, true)
                .get(0);
        assertThat(first.name()).isEqualTo("Spider mites");
        assertThat(first.tags())
                .extracting(LadderViews.Tag::words)
                .containsExactly("act today", "contagious", "recovers with new growth");
        assertThat(first.speaksFor()).contains(new LadderViews.Said("pin-prick pale stippling", 4));
        assertThat(first.speaksFor()).anySatisfy(said -> assertThat(said.pin()).isZero());
    }

    @Test
    void atLeastThreeCausesAreShown_andNoMoreThanFit() {
        Differential sure = differential("croton", "leaf.stippling", "present", "pest.moving-dots", "present");
        assertThat(Ladder.rungs(sure, Map.of(), 5, true)).hasSizeBetween(3, 5);
        assertThat(Ladder.rungs(differential("pothos", "leaf.yellow", "present"), Map.of(), 4, true))
                .hasSize(4);
    }

    @Test
    void theFirstSaysAllItsReasonsAtOnce_theOthersTwoOfEachAndTheRestOnRequest() {
        Differential many = differential(
                "phalaenopsis",
                "leaf.limp",
                "present",
                "leaf.leathery",
                "present",
                "leaf.yellow",
                "present",
                "soil.sour",
                "present",
                "soil.deep",
                "wet",
                "roots.state",
                "few");
        List<LadderViews.Rung> rungs = Ladder.rungs(many, Map.of(), 5, true);
        assertThat(rungs.subList(0, 1)).allSatisfy(rung -> {
            assertThat(rung.speaksFor()).hasSizeBetween(2, 4);
            assertThat(rung.moreFor()).isEmpty();
        });
        assertThat(rungs.subList(1, rungs.size()))
                .allSatisfy(rung -> assertThat(rung.speaksFor()).hasSizeLessThanOrEqualTo(2))
                .anySatisfy(rung -> assertThat(rung.moreFor()).isNotEmpty());
    }

    @Test
    void causesOfOneGroupThatCannotBeToldApartStandTogether_untilOneLeads() {
        Differential wet = differential("phalaenopsis", "leaf.leathery", "present", "soil.deep", "wet");
        List<LadderViews.Branch> open = Ladder.branches(wet, Ladder.rungs(wet, Map.of(), 5, true));
        assertThat(open.get(0).name()).isEqualTo("Roots or medium failing");
        assertThat(open.get(0).rungs()).hasSizeGreaterThan(1);
        assertThat(open.get(0).likeliest())
                .startsWith(open.get(0).rungs().get(0).name().toLowerCase(Locale.ROOT));
        assertThat(open.get(0).bar()).isGreaterThan(open.get(0).rungs().get(0).bar());

        Differential mites = differential("croton", "leaf.stippling", "present", "leaf.webbing", "present");
        assertThat(Ladder.branches(mites, Ladder.rungs(mites, Map.of(), 5, true))
                        .get(0)
                        .group())
                .isEmpty();
    }

    @Test
    void whatWouldOverturnACauseIsSaidOnlyWhileLooksCanBeTaken() {
        Differential wet = differential("phalaenopsis", "leaf.leathery", "present", "soil.deep", "wet");
        assertThat(Ladder.rungs(wet, Map.of(), 5, true).get(0).overturn().orElseThrow())
                .contains("→");
        assertThat(Ladder.rungs(wet, Map.of(), 5, false).get(0).overturn()).isEmpty();
    }

    @Test
    void theVerdictFollowsTheStanding() {
        Differential urgent = differential("croton", "leaf.stippling", "present", "leaf.webbing", "present");
        assertThat(urgent.standing()).isEqualTo(Standing.ACT_TODAY);
        assertThat(Ladder.verdict(urgent).orElseThrow().words()).contains("Isolate the plant");

        Differential well = differential(
                "pothos",
                "leaf.yellow",
                "present",
                "affected-leaves",
                "oldest-few",
                "new-growth",
                "normal",
                "soil.deep",
                "moist",
                "leaf.limp",
                "absent",
                "leaf.edge-crisp",
                "absent");
        assertThat(well.standing()).isEqualTo(Standing.ALL_WELL);
        assertThat(Ladder.verdict(well).orElseThrow().words()).contains("Warning signs", "No treatment");

        Differential odd = differential("snake-plant", "leaf.slime", "present", "leaf.holes", "absent");
        assertThat(odd.standing()).isEqualTo(Standing.UNEXPLAINED);
        assertThat(Ladder.verdict(odd).orElseThrow().words()).contains("slime trail", "Leave the case open");

        assertThat(Ladder.verdict(differential("pothos"))).isEmpty();
    }

    @Test
    void aLookSaysItsPrice_itsAnswersWithTheirKeys_andWhatTheyWouldDo() {
        List<CaseViews.LookCard> looks =
                Ladder.looks(differential("peace-lily", "leaf.limp", "present").nextLooks(3, Set.of()));
        CaseViews.LookCard probe = looks.stream()
                .filter(look -> look.finding().equals(new FindingId("soil.deep")))
                .findFirst()
                .orElseThrow();
        assertThat(probe.price()).isEqualTo("a minute, no harm");
        assertThat(probe.choices()).extracting(CaseViews.Choice::key).containsExactly("1", "2", "3");
        assertThat(probe.choices()).extracting(CaseViews.Choice::words).containsExactly("dry", "moist", "wet");
        assertThat(probe.effects())
                .hasSize(2)
                .allSatisfy(effect -> assertThat(effect.shift()).contains("→").endsWith("%"));
    }
}
