/**
 * When the grower is away.
 *
 * <p>From what is believed of each plant's water, the dates and who waters, to who runs dry on which day and with what chance of harm, the fewest things to
 * do before, and a helper's days.
 *
 * <p>It must not know pots or pages.
 */
@NullMarked
package mildlantern.away;

import org.jspecify.annotations.NullMarked;
