package mildlantern.season;

import java.util.OptionalDouble;

/** The mean of the last days of which something is known. */
final class Lately {
    private final double[] values;
    private final boolean[] known;
    private int next;
    private double sum;
    private int count;

    Lately(int days) {
        values = new double[days];
        known = new boolean[days];
    }

    void add(OptionalDouble value) {
        if (known[next]) {
            sum -= values[next];
            count--;
        }
        known[next] = value.isPresent();
        if (value.isPresent()) {
            values[next] = value.getAsDouble();
            sum += values[next];
            count++;
        }
        next = (next + 1) % values.length;
    }

    /** Empty where fewer than a fifth of the days are known. */
    OptionalDouble mean() {
        return 5 * count < values.length ? OptionalDouble.empty() : OptionalDouble.of(sum / count);
    }
}
