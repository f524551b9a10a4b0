/**
 * What kinds of plants are told by at a glance.
 *
 * <p>From {@code looks.yaml}: the shape, edge and pattern of leaves, how a kind carries itself, its flowers and colours.
 *
 * <p>It must not draw: how any of it is drawn is the plates' own.
 */
@NullMarked
package mildlantern.look;

import org.jspecify.annotations.NullMarked;
