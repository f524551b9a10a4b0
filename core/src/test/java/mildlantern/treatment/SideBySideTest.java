package mildlantern.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import mildlantern.knowledge.FindingId;
import org.junit.jupiter.api.Test;

class SideBySideTest {
    private final Trials trials = Trials.load();

    private SideBySide together(String one, String other) {
        return SideBySide.of(trials.find(one).orElseThrow(), trials.find(other).orElseThrow());
    }

    @Test
    void feedingDoesNotRunBesideATrialThatHoldsFeed() {
        SideBySide both = together("start-feeding", "wash-and-soap-mites");
        assertThat(both.kind()).isEqualTo(SideBySide.Kind.CLASH);
        assertThat(both.hold()).contains(Hold.FEED);
        assertThat(together("wash-and-soap-mites", "start-feeding")).isEqualTo(both);
    }

    @Test
    void twoTrialsJudgedByTheSameSignBlurEachOther() {
        SideBySide both = together("raise-humidity", "away-from-heat");
        assertThat(both.kind()).isEqualTo(SideBySide.Kind.BLUR);
        assertThat(both.shared()).contains(new FindingId("leaf.edge-crisp"));
    }

    @Test
    void theSameChangeServesBothCauses() {
        assertThat(together("repot-fresh", "repot-fresh").kind()).isEqualTo(SideBySide.Kind.SAME);
    }

    @Test
    void twoThatAreJudgedByDifferentSignsGoTogether() {
        assertThat(together("raise-humidity", "flush-salts").kind()).isEqualTo(SideBySide.Kind.APART);
        assertThat(together("dry-surface-and-cards", "wash-off").kind()).isEqualTo(SideBySide.Kind.APART);
    }
}
