/**
 * Whether a change of care did what it was to do.
 * Answers, need by need, what a change brought against what was promised and what would have been without it, how sure that is, and whether the plant
 * is better, the same or worse for it. It must not know how a change is stored or asked about.
 */
@NullMarked
package mildlantern.outcome;

import org.jspecify.annotations.NullMarked;
