package mildlantern.diagnosis;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** The changes that could be made on one plant, and what each is expected to cost it. */
final class Deeds {
    private final List<Deed> deeds;
    private final LookPrice price;

    /**
     * A change.
     *
     * @param trial its id
     * @param forNothing what it costs a plant that did not need it
     * @param treats by cause, whether it answers it
     * @param loss by cause, what it costs where that is the true one
     * @param harmed by cause, whether it makes it worse
     */
    record Deed(String trial, double forNothing, boolean[] treats, double[] loss, boolean[] harmed) {
        /** What it is expected to cost, given how likely each cause is; causes that stand together are counted each. */
        double expected(double[] probabilities) {
            double cost = 0;
            double needed = 0;
            for (int d = 0; d < loss.length; d++) {
                cost += probabilities[d] * loss[d];
                needed += treats[d] ? probabilities[d] : 0;
            }
            return cost + forNothing * (1 - Math.min(1, needed));
        }
    }

    /**
     * What a look costs, as a share of a plant.
     *
     * @param begin to begin it
     * @param minute a minute of it
     * @param stress a degree of stress
     */
    record LookPrice(double begin, double minute, double stress) {}

    Deeds(List<Deed> deeds, LookPrice price) {
        this.deeds = List.copyOf(deeds);
        this.price = price;
    }

    /** Price of a look, as a share of a plant: for its minutes, and for what it does to the plant. */
    double price(Finding finding) {
        return price.begin() + price.minute() * finding.minutes() + price.stress() * finding.stress();
    }

    List<Deed> all() {
        return deeds;
    }

    /** Those that could still turn out the best: the ones that answer a cause of at least some probability. */
    Deeds thatMatter(double[] probabilities, double least) {
        return new Deeds(
                deeds.stream()
                        .filter(deed -> IntStream.range(0, probabilities.length)
                                .anyMatch(d -> deed.treats()[d] && probabilities[d] >= least))
                        .toList(),
                price);
    }

    /** What the best of them is expected to cost; 0 where there is none. */
    double least(double[] probabilities) {
        double least = Double.POSITIVE_INFINITY;
        for (Deed deed : deeds) {
            least = Math.min(least, deed.expected(probabilities));
        }
        return deeds.isEmpty() ? 0 : least;
    }

    /** The best of them; of several the first. */
    Optional<Deed> first(double[] probabilities) {
        return deeds.stream().min(Comparator.comparingDouble(deed -> deed.expected(probabilities)));
    }
}
