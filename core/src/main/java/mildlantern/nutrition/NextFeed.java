package mildlantern.nutrition;

import mildlantern.message.Message;
import mildlantern.quantity.Range;
import mildlantern.quantity.Volume;

/**
 * What a plant gets at its next feed.
 *
 * @param way where it goes
 * @param mgNitrogen strength of the mix, mg/L nitrogen
 * @param days from and by when after the last one
 * @param counts pitchers to fill or leaves to mist; 0 for feed to the roots
 * @param ml how much of the mix; 0 for a usual watering
 * @param gently whether the strength is halved because it begins again after a pause
 */
public record NextFeed(FeedPlan.Way way, double mgNitrogen, Range days, int counts, double ml, boolean gently) {
    /** How the plant is fed. */
    public Message how() {
        return how(way, mgNitrogen, counts, ml, gently);
    }

    /** How a plant is fed; what each means stands at the feed. */
    public static Message how(FeedPlan.Way way, double mgNitrogen, int counts, double ml, boolean gently) {
        return switch (way) {
            case ROOTS -> (gently ? FeedHow.ROOTS_GENTLY : FeedHow.ROOTS).with(Math.round(mgNitrogen));
            case PITCHERS -> FeedHow.PITCHERS.with(counts, new Volume(Math.round(ml / Math.max(1, counts))));
            case STICKY_LEAVES -> FeedHow.STICKY_LEAVES.with(counts);
            case SNAP_TRAPS -> FeedHow.SNAP_TRAPS.with(counts);
        };
    }
}
