package mildlantern.diagnosis;

import java.util.Optional;

/**
 * What a change is expected to do for the plant, over all that can be the matter with it.
 *
 * @param answers the chance that a cause which it answers is there, 0 to 1
 * @param worse the chance that a cause which it makes worse is there
 * @param worstIf the likeliest of those, if any is likely enough to be told
 * @param cost what it is expected to cost the plant: 1 is a plant lost
 */
public record DeedOutlook(double answers, double worse, Optional<Disorder> worstIf, double cost) {}
