package mildlantern.nutrition;

import mildlantern.quantity.Range;

/**
 * What a plant gets at its next feed.
 *
 * @param way where it goes
 * @param mgNitrogen strength of the mix, mg/L nitrogen
 * @param days from and by when after the last one
 * @param counts pitchers to fill or leaves to mist; 0 for feed to the roots
 * @param ml how much of the mix; 0 for a usual watering
 * @param gently whether the strength is halved because it begins again after a pause
 * @param words what to do, as an instruction
 */
public record NextFeed(
        FeedPlan.Way way, double mgNitrogen, Range days, int counts, double ml, boolean gently, String words) {}
