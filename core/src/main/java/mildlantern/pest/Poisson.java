package mildlantern.pest;

/** Counts of things that come one by one. */
final class Poisson {
    /** From this mean on, a normal distribution says the same to three digits. */
    private static final double LARGE = 400;

    private Poisson() {}

    /** Chance of a count of so many or more where so many are expected. */
    static double atLeast(int count, double expected) {
        if (count <= 0) {
            return 1;
        }
        if (expected > LARGE) {
            return 0.5 * erfc((count - 0.5 - expected) / Math.sqrt(2 * expected));
        }
        double term = Math.exp(-expected);
        double below = term;
        for (int i = 1; i < count && term > 0; i++) {
            term *= expected / i;
            below += term;
        }
        return Math.max(0, 1 - below);
    }

    /** Complementary error function to 1.2e-7 (Numerical Recipes, 6.2, after Chebyshev). */
    private static double erfc(double x) {
        double t = 1 / (1 + 0.5 * Math.abs(x));
        double[] c = {
            -1.26551223,
            1.00002368,
            0.37409196,
            0.09678418,
            -0.18628806,
            0.27886807,
            -1.13520398,
            1.48851587,
            -0.82215223,
            0.17087277
        };
        double sum = 0;
        for (int i = c.length - 1; i >= 0; i--) {
            sum = c[i] + t * sum;
        }
        double value = t * Math.exp(-x * x + sum);
        return x >= 0 ? value : 2 - value;
    }
}
