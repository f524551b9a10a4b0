/**
 * What each plant needs against what it gets, the one change that helps most, and the steps to another stop.
 *
 * <p>From readings, feeds and the plant's record, by the core's care.
 *
 * <p>It must not know the round.
 */
@NullMarked
package mildlantern.web.care;

import org.jspecify.annotations.NullMarked;
