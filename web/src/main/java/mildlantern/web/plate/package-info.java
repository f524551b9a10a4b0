/**
 * Plates: the drawn figure of a plant, computed from its own numbers.
 */
@NullMarked
package mildlantern.web.plate;

import org.jspecify.annotations.NullMarked;
