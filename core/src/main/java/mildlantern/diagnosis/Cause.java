package mildlantern.diagnosis;

/**
 * A rung of the ladder.
 *
 * @param disorder the cause
 * @param probability that it is present, alone or with others, from 0 to 1; over all causes they may add up to more than 1
 */
public record Cause(Disorder disorder, double probability) {}
