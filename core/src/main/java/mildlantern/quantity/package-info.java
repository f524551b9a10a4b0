/**
 * Numbers with their units, ranges and limits.
 * Answers whether a value is allowed and how far it lies from what is wanted; uses nothing.
 */
@NullMarked
package mildlantern.quantity;

import org.jspecify.annotations.NullMarked;
