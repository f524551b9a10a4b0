package mildlantern.outcome;

import mildlantern.care.Figure;

/**
 * A need after a change, against what was promised.
 *
 * @param now what the plant gets
 * @param without what it would get today without the change
 * @param share how much of what was promised the change itself brought: 1 all of it, 0 nothing, below 0 the opposite; 0 where nothing was promised
 * @param error standard error of that share
 * @param verdict what can be said of it
 * @param sure how sure that is, 0 to 1; of {@link Verdict#CANNOT_TELL} the chance of the likeliest of the others
 */
public record Compared(
        Promised promised, Figure now, double without, double share, double error, Verdict verdict, double sure) {}
