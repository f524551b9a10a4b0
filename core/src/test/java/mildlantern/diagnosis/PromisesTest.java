package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Trials are held against the chances that they were started with. */
class PromisesTest {
    private static Promises of(int helped, double... chances) {
        List<Promises.Made> made = new ArrayList<>();
        for (int i = 0; i < chances.length; i++) {
            made.add(new Promises.Made(chances[i], i < helped));
        }
        return Promises.of(made);
    }

    @Test
    void oneCountsWhatWasExpectedAndWhatCame() {
        Promises promises = of(4, 0.9, 0.8, 0.7, 0.5, 0.6, 0.5);
        assertThat(promises.made()).isEqualTo(6);
        assertThat(promises.expected()).isCloseTo(4.0, within(1e-12));
        assertThat(promises.helped()).isEqualTo(4);
        assertThat(promises.fit()).isEqualTo(Promises.Fit.AS_SAID);
    }

    @Test
    void threeTrialsTellNothing_tenThatFailedTellThatTooMuchWasPromised() {
        assertThat(of(0, 0.9, 0.9, 0.9).fit()).isEqualTo(Promises.Fit.TOO_FEW);
        assertThat(of(3, 0.8, 0.8, 0.8, 0.8, 0.8, 0.8, 0.8, 0.8, 0.8, 0.8).fit())
                .isEqualTo(Promises.Fit.LESS_OFTEN);
        assertThat(of(9, 0.4, 0.4, 0.4, 0.4, 0.4, 0.4, 0.4, 0.4, 0.4, 0.4).fit())
                .isEqualTo(Promises.Fit.MORE_OFTEN);
        assertThat(Promises.of(List.of()).fit()).isEqualTo(Promises.Fit.TOO_FEW);
    }

    /** Of honest figures about one collection in ten is told that they do not fit, no more. */
    @Test
    void honestChancesAreSeldomDoubted() {
        Random chance = new Random(5);
        int doubted = 0;
        for (int house = 0; house < 2_000; house++) {
            List<Promises.Made> made = new ArrayList<>();
            for (int i = 0; i < 20; i++) {
                double said = 0.2 + 0.7 * chance.nextDouble();
                made.add(new Promises.Made(said, chance.nextDouble() < said));
            }
            doubted += Promises.of(made).fit() == Promises.Fit.AS_SAID ? 0 : 1;
        }
        assertThat(doubted).isBetween(80, 280);
    }
}
