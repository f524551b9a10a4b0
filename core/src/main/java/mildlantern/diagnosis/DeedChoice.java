package mildlantern.diagnosis;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/** Which change to make on one plant, over all that can be the matter with it. */
public final class DeedChoice {
    /** A cause that a change would make worse is told of from this probability on. */
    private static final double TOLD_FROM = 0.05;

    private final Deeds deeds;
    private final List<Disorder> disorders;
    private final List<Cause> ladder;
    private final double[] marginals;
    private final ToDoubleFunction<Predicate<Disorder>> without;

    /**
     * @param disorders the causes, as deeds count them
     * @param ladder the causes, the likeliest first
     * @param marginals their probabilities, in the order of disorders
     * @param without the chance that no cause of some sort is there
     */
    DeedChoice(
            Deeds deeds,
            List<Disorder> disorders,
            List<Cause> ladder,
            double[] marginals,
            ToDoubleFunction<Predicate<Disorder>> without) {
        this.deeds = deeds;
        this.disorders = disorders;
        this.ladder = ladder;
        this.marginals = marginals;
        this.without = without;
    }

    /**
     * What a change would do for the plant.
     *
     * @param trial id of the trial
     * @return empty where no cause that it can have is answered by it
     */
    public Optional<DeedOutlook> outlook(String trial) {
        return deeds.all().stream()
                .filter(deed -> deed.trial().equals(trial))
                .findFirst()
                .map(this::outlook);
    }

    private DeedOutlook outlook(Deeds.Deed deed) {
        Predicate<Disorder> treated = disorder -> deed.treats()[disorders.indexOf(disorder)];
        Predicate<Disorder> harmed = disorder -> deed.harmed()[disorders.indexOf(disorder)];
        return new DeedOutlook(
                1 - without.applyAsDouble(treated),
                1 - without.applyAsDouble(harmed),
                ladder.stream()
                        .filter(cause -> cause.probability() >= TOLD_FROM)
                        .map(Cause::disorder)
                        .filter(harmed)
                        .findFirst(),
                deed.expected(marginals));
    }

    /** Id of the trial that is expected to cost the plant least, if anything can be done. */
    public Optional<String> leastRisk() {
        return best().map(Deeds.Deed::trial);
    }

    Optional<Deeds.Deed> best() {
        return deeds.first(marginals);
    }

    /** What the best change costs where the causes are known. */
    double least(double[] truth) {
        return deeds.least(truth);
    }
}
