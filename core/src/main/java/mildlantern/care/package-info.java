/**
 * What a plant needs against what it gets.
 * Answers where it goes short and by how much, which one change would help most and at what cost, which stop would suit it, and by which steps it
 * gets there; from its kind, its stop's readings and its pot's account.
 */
@NullMarked
package mildlantern.care;

import org.jspecify.annotations.NullMarked;
