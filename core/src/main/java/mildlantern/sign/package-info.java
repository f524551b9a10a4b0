/**
 * What signs look like, and what tells those apart that are easily confused.
 *
 * <p>From {@code signs.yaml}: for each state of each finding where it is seen and what is seen there.
 *
 * <p>It must not draw: how any of it is drawn is the pages' own.
 */
@NullMarked
package mildlantern.sign;

import org.jspecify.annotations.NullMarked;
