/**
 * Places and moves between them.
 * Answers what a move means for a plant in warmth and light, and whether that is too much at once; from what was read at both.
 */
@NullMarked
package mildlantern.place;

import org.jspecify.annotations.NullMarked;
