/**
 * The drawn figure of a plant.
 *
 * <p>From the plant's own numbers, by the drawing code of its growth form.
 *
 * <p>It must not know tables, houses or who looks.
 */
@NullMarked
package mildlantern.web.plate;

import org.jspecify.annotations.NullMarked;
