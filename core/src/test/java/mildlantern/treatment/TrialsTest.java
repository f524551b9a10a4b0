package mildlantern.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Pests;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import org.junit.jupiter.api.Test;

/** What no trial may ask for, whatever the cause: the rules of the trade, held against the whole knowledge base. */
class TrialsTest {
    private static final Set<String> ROOT_ZONE =
            Set.of("root-loss", "failing-medium", "root-bound", "root-rot", "spent-rosette", "growing-point-injury");

    private final Trials trials = Trials.load();
    private final Collection<Disorder> causes =
            DiagnosisKnowledge.load(PlantKnowledge.load(), trials).disorders();

    private List<Trial> of(Disorder disorder) {
        return disorder.trials().stream()
                .map(id -> trials.find(id).orElseThrow())
                .toList();
    }

    @Test
    void everyCauseHasATrial_andEveryTrialACause() {
        assertThat(causes).allSatisfy(cause -> assertThat(cause.trials()).isNotEmpty());
        Set<String> used =
                causes.stream().flatMap(cause -> cause.trials().stream()).collect(Collectors.toSet());
        assertThat(trials.all()).extracting(Trial::id).containsExactlyInAnyOrderElementsOf(used);
    }

    @Test
    void aStressedPlantIsNotFed() {
        assertThat(trials.all())
                .filteredOn(trial -> !trial.does().contains(Hold.FEED))
                .filteredOn(trial -> !Set.of("watch-only", "night-visit").contains(trial.id()))
                .allSatisfy(trial -> assertThat(trial.holds()).as(trial.id()).contains(Hold.FEED));
        causes.stream()
                .filter(cause ->
                        of(cause).stream().anyMatch(trial -> trial.does().contains(Hold.FEED)))
                .forEach(
                        cause -> assertThat(cause.kind()).as(cause.id().value()).isEqualTo(Disorder.Kind.NUTRITION));
    }

    @Test
    void onlyWhereTheRootZoneIsTheCauseIsAPlantRepotted() {
        causes.stream()
                .filter(cause ->
                        of(cause).stream().anyMatch(trial -> trial.does().contains(Hold.REPOT)))
                .forEach(cause -> assertThat(ROOT_ZONE).contains(cause.id().value()));
    }

    @Test
    void noTrialHoldsTheFeedTheRepottingOrTheCutThatItAsksFor() {
        // Water and sprays are held "but as the trial says"; a plant that was moved once is not moved again.
        for (Trial trial : trials.all()) {
            for (Hold done : trial.does()) {
                if (done == Hold.FEED || done == Hold.REPOT || done == Hold.PRUNE) {
                    assertThat(trial.holds()).as(trial.id()).doesNotContain(done);
                }
            }
        }
    }

    @Test
    void noPlantIsOfferedATrialThatWouldBeRefusedOnIt() {
        TreatmentKnowledge knowledge = TreatmentKnowledge.load(Pests.load());
        Refusals refusals = new Refusals(knowledge);
        Allowed bearable = new Allowed(knowledge);
        LocalDate day = LocalDate.of(2026, 5, 10);
        for (Profile kind : PlantKnowledge.load().profiles()) {
            Situation situation = Situation.of(kind, 21);
            for (Disorder cause : causes) {
                if (!cause.mayBefall(kind)) {
                    continue;
                }
                List<Trial> offered = bearable.of(of(cause), cause.id(), situation, day);
                assertThat(offered).as(kind.id() + " " + cause.id()).isNotEmpty();
                for (Trial trial : offered) {
                    for (String id : trial.uses()) {
                        assertThat(refusals.refusal(
                                        Order.of(knowledge.find(id).orElseThrow(), day, cause.id()), situation))
                                .as(kind.id() + " " + cause.id() + " " + trial.id())
                                .isEmpty();
                    }
                }
            }
        }
    }

    private static Situation situation(Profile kind, Set<Situation.State> states, Set<Hold> holds) {
        Situation usual = Situation.of(kind, 21);
        return new Situation(
                kind,
                states,
                usual.celsius(),
                usual.warmest(),
                usual.coldest(),
                usual.humidity(),
                usual.leaves(),
                holds,
                List.of());
    }

    @Test
    void aPlantThatRestsIsNotFed_itWaits_andASeedlingIsNotSwabbed() {
        Allowed allowed = new Allowed(TreatmentKnowledge.load(Pests.load()));
        LocalDate day = LocalDate.of(2026, 11, 28);
        for (Profile kind : PlantKnowledge.load().profiles()) {
            Situation resting = situation(kind, Set.of(Situation.State.RESTING), Set.of());
            for (Disorder cause : causes) {
                if (cause.mayBefall(kind)) {
                    List<Trial> offered = allowed.of(of(cause), cause.id(), resting, day);
                    assertThat(offered)
                            .as(kind.id() + " at rest, " + cause.id())
                            .isNotEmpty();
                    assertThat(offered).extracting(Trial::id).doesNotContain("start-feeding", "pot-on");
                }
            }
            assertThat(allowed.of(
                            List.of(
                                    trials.find("swab-alcohol").orElseThrow(),
                                    trials.find("soap-course-thrips").orElseThrow()),
                            new DisorderId("mealybugs"),
                            situation(kind, Set.of(Situation.State.YOUNG), Set.of()),
                            day))
                    .extracting(Trial::id)
                    .doesNotContain("swab-alcohol");
        }
    }

    @Test
    void whatACaseHoldsIsHeldForTrialsAndForHands() {
        Allowed allowed = new Allowed(TreatmentKnowledge.load(Pests.load()));
        Profile fig = PlantKnowledge.load().profile("weeping-fig").orElseThrow();
        Situation held = situation(fig, Set.of(), Set.of(Hold.REPOT, Hold.PRUNE));
        assertThat(allowed.against(Set.of(Hold.PRUNE), held)).isPresent();
        assertThat(allowed.against(Set.of(Hold.WATER), held)).isEmpty();
        Trial repot = trials.find("repot-fresh").orElseThrow();
        LocalDate day = LocalDate.of(2026, 5, 10);
        assertThat(allowed.against(repot, new DisorderId("root-rot"), held, day))
                .isPresent();
        assertThat(allowed.against(repot, new DisorderId("root-rot"), Situation.of(fig, 21), day))
                .isEmpty();
    }

    @Test
    void aTrialSaysNotHowOftenSomethingIsUsed() {
        Pattern often = Pattern.compile("again every|every \\d|times\\b|every second day");
        assertThat(trials.all())
                .filteredOn(trial -> !trial.uses().isEmpty())
                .allSatisfy(
                        trial -> assertThat(often.matcher(trial.instruction()).find())
                                .as(trial.id())
                                .isFalse());
    }

    @Test
    void whatIsHarmlessGetsNoTreatment() {
        causes.stream()
                .filter(cause -> cause.nature().harmless())
                .forEach(cause -> assertThat(of(cause).stream().flatMap(trial -> trial.does().stream()))
                        .as(cause.id().value())
                        .doesNotContain(Hold.SPRAY, Hold.FEED, Hold.WATER));
    }

    @Test
    void alcoholIsNeverStrongerThanSeventyPercent_andSoapIsTwentyMillilitresALitre() {
        Pattern alcohol = Pattern.compile("(\\d+) % alcohol");
        for (Trial trial : trials.all()) {
            String all = trial.instruction() + " " + trial.caution().orElse("");
            Matcher strength = alcohol.matcher(all);
            while (strength.find()) {
                assertThat(Integer.parseInt(strength.group(1))).as(trial.id()).isLessThanOrEqualTo(70);
            }
            if (all.contains("insecticidal soap")) {
                assertThat(all).as(trial.id()).contains("2 %", "20 mL per litre", "below 29 °C", "rinse");
            }
            assertThat(all.toLowerCase(Locale.ROOT)).doesNotContain("detergent", "dish soap");
        }
    }

    @Test
    void whatIsCatchingAndUrgentIsTreatedAloneOrCutOut_andLookedAtSoon() {
        causes.stream()
                .filter(cause ->
                        cause.kind() == Disorder.Kind.PEST && cause.nature().actNow())
                .filter(cause -> cause.nature().catching())
                .flatMap(cause -> of(cause).stream())
                .filter(trial -> !trial.id().equals("night-visit"))
                .forEach(trial -> {
                    assertThat(trial.instruction().toLowerCase(Locale.ROOT))
                            .as(trial.id())
                            .contains("alone");
                    assertThat(trial.lookAgainDays()).as(trial.id()).isLessThanOrEqualTo(14);
                });
    }

    @Test
    void eachTrialSaysWhatShouldBeSeen_andIsJudgedBySomething() {
        assertThat(trials.all()).allSatisfy(trial -> {
            assertThat(trial.expectation()).endsWith(".");
            assertThat(trial.recheck()).isNotEmpty();
            assertThat(trial.lookAgainDays()).isBetween(1, 60);
            assertThat(trial.care()).isNotEmpty();
        });
    }
}
