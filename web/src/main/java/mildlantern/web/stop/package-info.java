/**
 * Which stops a house has, in walking order, where the house stands, what was typed or measured at each stop and how it is now.
 *
 * <p>From the tables of houses, stops and readings.
 *
 * <p>It must not know which plants stand there, nor what follows for them.
 */
@NullMarked
package mildlantern.web.stop;

import org.jspecify.annotations.NullMarked;
