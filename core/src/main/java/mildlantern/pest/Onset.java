package mildlantern.pest;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.ToIntFunction;
import mildlantern.quantity.Range;

/** How long a pest stays unseen: from its first female, or from an egg that was missed, until there are enough of it to find. */
final class Onset {
    private static final int MOST_DAYS = PestClock.MOST_DAYS;

    private final LifeTable table;
    private final double celsius;
    private final List<Drawn> samples;

    Onset(LifeTable table, double celsius, List<Drawn> samples) {
        this.table = table;
        this.celsius = celsius;
        this.samples = samples;
    }

    Optional<Range> firstNoticed() {
        int[] days = sorted(sample -> untilNoticed(sample, table.seenFrom()).orElse(MOST_DAYS + 1));
        return late(days) > MOST_DAYS ? Optional.empty() : Optional.of(new Range(early(days), late(days)));
    }

    Range thereSince(double noticed) {
        int[] days = sorted(sample -> untilNoticed(sample, noticed).orElse(MOST_DAYS));
        return new Range(early(days), late(days));
    }

    OptionalInt rebound() {
        int late = late(sorted(this::rebound));
        return late > MOST_DAYS ? OptionalInt.empty() : OptionalInt.of(late);
    }

    private int rebound(Drawn sample) {
        double grown = sample.table().daysToAdult(celsius).orElse(MOST_DAYS) * (1 + LifeTable.SLOWEST * table.spread());
        return (int) Math.ceil(grown) + untilNoticed(sample, table.findFrom()).orElse(MOST_DAYS);
    }

    private int[] sorted(ToIntFunction<Drawn> days) {
        return samples.stream().mapToInt(days).sorted().toArray();
    }

    private static int early(int[] days) {
        return days[(int) (0.05 * days.length)];
    }

    private static int late(int[] days) {
        return days[(int) (0.95 * days.length)];
    }

    private OptionalInt untilNoticed(Drawn sample, double enough) {
        Population population = Population.founder(sample.table(), celsius);
        for (int day = 0; day <= MOST_DAYS; day++) {
            if (population.noticed() >= enough) {
                return OptionalInt.of(day);
            }
            population.day();
        }
        return OptionalInt.empty();
    }
}
