/**
 * A year of every kind, simulated.
 *
 * <p>From a kind and a latitude to what a plant of it that stands well does and asks for, month by month: phases, waterings, feeds, steps. For whoever reviews the
 * knowledge base ({@code ./lantern years}).
 *
 * <p>It must not know what a grower wrote down.
 */
@NullMarked
package mildlantern.almanac;

import org.jspecify.annotations.NullMarked;
