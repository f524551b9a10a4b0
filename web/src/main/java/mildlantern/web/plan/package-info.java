/**
 * Stops drawn to scale from above: where each pot stands, what is within reach, what a move would mean.
 */
@NullMarked
package mildlantern.web.plan;

import org.jspecify.annotations.NullMarked;
