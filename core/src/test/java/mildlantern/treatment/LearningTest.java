package mildlantern.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Pests;
import org.junit.jupiter.api.Test;

/** A house learns from its counts, within bounds, and not from one odd count alone. */
class LearningTest {
    private static final TreatmentKnowledge KNOWLEDGE = TreatmentKnowledge.load(Pests.load());
    private static final Learning LEARNING = new Learning(KNOWLEDGE);
    private static final DisorderId MITES = new DisorderId("spider-mites");

    private static Learning.Past soaped(int... counts) {
        List<Learning.Used> uses = new ArrayList<>();
        List<Learning.Count> counted = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            uses.add(new Learning.Used(4 * i, "soap"));
            counted.add(new Learning.Count(4 * i, counts[i]));
        }
        return new Learning.Past(MITES, 21, 0.9, uses, counted);
    }

    private static HouseFigures.Figure figure(HouseFigures figures) {
        return figures.killing().getOrDefault("soap", new HouseFigures.Figure(0, 1, 0));
    }

    private static double soap(HouseFigures figures) {
        return figure(figures).times();
    }

    @Test
    void aHouseThatCountedNothingKnowsTheBookOnly() {
        assertThat(LEARNING.from(List.of())).isEqualTo(HouseFigures.NONE);
        assertThat(LEARNING.from(List.of(soaped(40))))
                .as("one count tells nothing")
                .isEqualTo(HouseFigures.NONE);
    }

    @Test
    void whereMoreAreLeftSoapWorksWorse_whereFewerBetter() {
        assertThat(soap(LEARNING.from(List.of(soaped(40, 90, 160))))).isLessThan(0.95);
        assertThat(soap(LEARNING.from(List.of(soaped(40, 1, 0))))).isGreaterThan(1.05);
    }

    @Test
    void theMoreCountsTheSurer() {
        HouseFigures one = LEARNING.from(List.of(soaped(40, 60)));
        HouseFigures many = LEARNING.from(Collections.nCopies(4, soaped(40, 60, 90)));
        assertThat(figure(many).sd()).isLessThan(figure(one).sd());
        assertThat(figure(many).counts()).isEqualTo(8);
        assertThat(soap(many)).isLessThan(soap(one));
    }

    @Test
    void noCountMovesAFigureOutOfItsBounds() {
        HouseFigures figures = LEARNING.from(Collections.nCopies(30, soaped(40, 400, 4000)));
        assertThat(soap(figures)).isBetween(1 / HouseFigures.FURTHEST, HouseFigures.FURTHEST);
        assertThat(figures.growing().values().iterator().next().times())
                .isBetween(1 / HouseFigures.FURTHEST, HouseFigures.FURTHEST);
    }

    @Test
    void countsThatNothingExplainsStillTellSomething() {
        HouseFigures figures = LEARNING.from(List.of(soaped(5, 0, 3000, 4000, 4000, 4000, 4000)));
        assertThat(soap(figures)).isFinite().isBetween(1 / HouseFigures.FURTHEST, 1.0);
        assertThat(figure(figures).sd()).isFinite().isPositive();
    }
}
