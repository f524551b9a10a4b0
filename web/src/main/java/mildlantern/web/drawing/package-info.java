/**
 * Ink and wash: the hand in which plates and signs are drawn.
 *
 * <p>From shapes and colours, without knowing what they stand for.
 *
 * <p>It must not know plants of the house, tables or who looks.
 */
@NullMarked
package mildlantern.web.drawing;

import org.jspecify.annotations.NullMarked;
