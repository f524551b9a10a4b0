/**
 * What becomes of plants: added, changed, split, propagated, no longer kept; the list of all and the labels.
 *
 * <p>From forms, through the routine's door.
 *
 * <p>It must not know cases, courses or the round.
 */
@NullMarked
package mildlantern.web.keeping;

import org.jspecify.annotations.NullMarked;
