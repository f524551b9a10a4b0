package mildlantern.diagnosis;

import java.util.List;
import mildlantern.message.MessageKey;

/**
 * What became of the chances that trials were started with.
 *
 * @param made how many trials were started with a chance of being right, and have been looked at again
 * @param expected how many of them were to help
 * @param helped how many of them helped
 * @param fit how the two go together
 */
public record Promises(int made, double expected, int helped, Fit fit) {
    /** Whether trials help as often as was said. */
    public enum Fit implements MessageKey {
        TOO_FEW,
        AS_SAID,
        MORE_OFTEN,
        LESS_OFTEN
    }

    /** Fewer trials than this tell nothing. */
    private static final int TELLS_FROM = 5;

    /** Further from what was expected than nine of ten honest forecasts are (normal approximation to a sum of unequal chances). */
    private static final double FAR = 1.645;

    /**
     * A trial that was looked at again.
     *
     * @param chance with which it was to help, 0 to 1
     * @param helped whether it did
     */
    public record Made(double chance, boolean helped) {}

    /** @param trials in any order */
    public static Promises of(List<Made> trials) {
        double expected = trials.stream().mapToDouble(Made::chance).sum();
        double variance = trials.stream()
                .mapToDouble(made -> made.chance() * (1 - made.chance()))
                .sum();
        int helped = (int) trials.stream().filter(Made::helped).count();
        return new Promises(
                trials.size(), expected, helped, fit(trials.size(), helped - expected, Math.sqrt(variance)));
    }

    private static Fit fit(int made, double more, double spread) {
        if (made < TELLS_FROM) {
            return Fit.TOO_FEW;
        }
        if (Math.abs(more) <= FAR * spread) {
            return Fit.AS_SAID;
        }
        return more > 0 ? Fit.MORE_OFTEN : Fit.LESS_OFTEN;
    }
}
