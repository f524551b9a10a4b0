/**
 * Doses, dilutions and blends in any unit of a label, down to one pot and to what the grower's tools can measure.
 * Answers how much of what goes into how much water; plain arithmetic, no knowledge of plants or products.
 */
@NullMarked
package mildlantern.mixing;

import org.jspecify.annotations.NullMarked;
