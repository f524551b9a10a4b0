/**
 * The one door through which plants and their log are written, and what follows: how the pot dries, what it holds, when each plant is due.
 *
 * <p>From the log, the plants and their stops, by the core's water balance, pot account and round.
 *
 * <p>It must not know cases, courses or pages.
 */
@NullMarked
package mildlantern.web.routine;

import org.jspecify.annotations.NullMarked;
