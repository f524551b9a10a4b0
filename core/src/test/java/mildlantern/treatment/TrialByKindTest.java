package mildlantern.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import mildlantern.knowledge.Words;
import mildlantern.plant.Dryness;
import mildlantern.plant.Family;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.Profile;
import mildlantern.season.Years;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is right for one kind kills another: a trial says to each what a specialist would. */
class TrialByKindTest {
    private static final Trials TRIALS = Trials.load();

    private static String says(String trial, String kind) {
        return TRIALS.find(trial)
                .orElseThrow()
                .on(Years.PLANTS.profile(kind).orElseThrow())
                .instruction();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "dry-the-crown | guzmania | refill it",
                "dry-the-crown | phalaenopsis | dry with a paper twist",
                "dry-the-crown | dionaea | medium stays damp",
                "plan-cool-rest | cymbidium | Keep watering",
                "plan-cool-rest | phalaenopsis | must not shrivel",
                "plan-cool-rest | cattleya | needs no cold rest",
                "plan-cool-rest | sarracenia | roots must not dry out",
                "plan-cool-rest | winter-jasmine | roots must not dry out",
                "plan-cool-rest | dendrobium-nobile | nearly dry",
                "plan-cool-rest | cactus | nearly dry",
                "drain-and-dry | boston-fern | surface feels dry",
                "drain-and-dry | miltoniopsis | surface feels dry",
                "drain-and-dry | zz-plant | bottom third is dry",
                "drain-and-dry | sarracenia | Rain water only",
                "soak-and-water | tillandsia | upside down",
                "soak-and-water | aechmea | Fill the cup",
                "soak-and-water | peace-lily | to the rim",
                "repot-fresh | pine-bonsai | Never wash its roots bare",
                "repot-fresh | calamondin | Never wash its roots bare",
                "repot-fresh | cactus | dry for a week",
                "repot-fresh | oncidium | new roots start",
                "repot-fresh | phalaenopsis | wash the old medium off",
                "moist-air-rest | cactus | No bag",
                "moist-air-rest | jade-plant | No bag",
                "moist-air-rest | phalaenopsis | clear bag",
                "cut-rot-and-repot | cactus | one to two weeks",
                "cut-rot-and-repot | dionaea | damp with rain water",
                "cut-rot-and-repot | pothos | fresh open medium",
                "pot-on | japanese-maple-bonsai | same tray",
                "wash-off | drosera | under rain water",
                "wash-off | pothos | strong spray"
            })
    void eachKindIsToldWhatASpecialistWouldSay(String trial, String kind, String said) {
        assertThat(says(trial, kind)).contains(said);
    }

    /** A card that is called a rest in moist air must not say that there is no bag. */
    @Test
    void itsNameFitsWhatItSays() {
        assertThat(named("moist-air-rest", "cactus")).isEqualTo("Root it again dry");
        assertThat(named("plan-cool-rest", "cattleya")).doesNotContain("rest");
        assertThat(named("plan-cool-rest", "cymbidium")).isEqualTo("Plan its cool rest");
    }

    private static String named(String trial, String kind) {
        return TRIALS.find(trial)
                .orElseThrow()
                .on(Years.PLANTS.profile(kind).orElseThrow())
                .name();
    }

    @Test
    void kindsThatAreNamedAreKnown() {
        Set<String> known = new HashSet<>();
        Years.PLANTS.profiles().stream().map(Profile::id).forEach(known::add);
        known.addAll(Words.ids(Family.class));
        known.addAll(Words.ids(GrowthForm.class));
        known.addAll(Words.ids(Dryness.class));
        TRIALS.all()
                .forEach(trial -> trial.byKind()
                        .forEach(one -> assertThat(known).as(trial.id()).containsAll(one.of())));
    }

    /** Its days, its holds and what is looked at again do not hang on the kind: courses and cases go by them. */
    @Test
    void onlyTheWordsAreTheKinds() {
        for (Trial trial : TRIALS.all()) {
            for (Profile kind : Years.PLANTS.profiles()) {
                Trial on = trial.on(kind);
                assertThat(on.id()).isEqualTo(trial.id());
                assertThat(on.holds()).isEqualTo(trial.holds());
                assertThat(on.recheck()).isEqualTo(trial.recheck());
                assertThat(on.lookAgainDays()).isEqualTo(trial.lookAgainDays());
            }
        }
    }
}
