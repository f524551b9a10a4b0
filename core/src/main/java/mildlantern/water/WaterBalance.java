package mildlantern.water;

import java.time.LocalDate;
import java.util.List;
import mildlantern.log.Logged;

/**
 * Retells what the water in a plant's pots did, from its log, and learns the plant's own thirst and the pot's own store on the way.
 *
 * <p>Estimator: the pot is followed from the first watering of the log under each of a grid of thirsts and stores at once (priors are lognormal round
 * the kind's mean and the medium's). Each probe, weight, "ready", "still wet" or "bone dry" multiplies the weight of a point by how likely the
 * observation was under it, mixed with a share of slips of the pen that say nothing, so that one wrong entry cannot outweigh the rest. The water followed
 * under each point is then drawn to what was read, as far as the entry is believed to be no slip. Between observations the thirst may drift. A watering
 * without an amount is taken to have wet the ball through. In another pot the plant keeps its thirst; what that pot holds is learned anew.
 */
public final class WaterBalance {
    private final WaterKnowledge knowledge;

    public WaterBalance(WaterKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * Retells a log.
     *
     * @param pots what the plant stood in, in order, at least one
     * @param log its entries, in any order; waterings and readings are used
     * @param climate the climate of each day from the first watering to today, and of today for the days to come
     * @param today the day up to which it is told; what happened today counts
     */
    public WaterEstimate estimate(List<PotOn> pots, List<Logged> log, ClimateOfDay climate, LocalDate today) {
        return new PotStory(knowledge, pots, log, climate, today).told();
    }

    /**
     * What an observation said.
     *
     * @param fullness the share that it stands for
     * @param believed how far it is believed to be no slip, 0 to 1
     */
    public record Seen(LocalDate day, double fullness, double believed) {}
}
