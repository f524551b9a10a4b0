/**
 * Today's pass along the walk: what is due at which stop, what to carry, one slip a plant.
 *
 * <p>From the routine, cases, courses and planned steps.
 *
 * <p>No other room leans on it.
 */
@NullMarked
package mildlantern.web.round;

import org.jspecify.annotations.NullMarked;
