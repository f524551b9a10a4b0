package mildlantern.water;

/** The normal distribution, as far as the learning needs it. */
final class Normal {
    static final double ROOT_TWO_PI = Math.sqrt(2 * Math.PI);

    private Normal() {}

    /**
     * The share below a standard deviate; error below 7.5e-8 (Abramowitz and Stegun 1964, equation 26.2.17).
     */
    static double below(double z) {
        double t = 1 / (1 + 0.2316419 * Math.abs(z));
        double poly = t * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        double tail = Math.exp(-z * z / 2) / ROOT_TWO_PI * poly;
        return z >= 0 ? 1 - tail : tail;
    }

    /** The deviate below which a share lies, by halving; error below 1e-6. */
    static double quantile(double share) {
        double low = -6;
        double high = 6;
        while (high - low > 1e-7) {
            double middle = (low + high) / 2;
            if (below(middle) < share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
