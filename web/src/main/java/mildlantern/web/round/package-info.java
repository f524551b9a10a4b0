/**
 * The round: today's pass along the walk.
 */
@NullMarked
package mildlantern.web.round;

import org.jspecify.annotations.NullMarked;
