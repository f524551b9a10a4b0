/**
 * Today's feeds as few mixes, the waters and feeds of the house, and what they do.
 *
 * <p>From what the routine says is due and the core's nutrition.
 *
 * <p>It must not know courses or the round.
 */
@NullMarked
package mildlantern.web.feeding;

import org.jspecify.annotations.NullMarked;
