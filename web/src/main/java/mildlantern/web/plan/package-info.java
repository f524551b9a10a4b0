/**
 * Stops drawn to scale from above: where each pot stands, what is within reach, what a move would mean.
 *
 * <p>From plants, stops and planned steps.
 *
 * <p>It must not know what is due.
 */
@NullMarked
package mildlantern.web.plan;

import org.jspecify.annotations.NullMarked;
