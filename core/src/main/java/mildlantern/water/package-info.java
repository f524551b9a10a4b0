/**
 * Water in the pot: what it holds, how fast it goes, what the plant's own thirst is, and when to look again.
 * Answers from pot, medium, leaves, the air and light of each day, and what the grower poured, probed and weighed.
 */
@NullMarked
package mildlantern.water;

import org.jspecify.annotations.NullMarked;
