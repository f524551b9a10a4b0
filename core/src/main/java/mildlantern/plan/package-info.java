/**
 * The house as one plan.
 * Answers which few moves, lamps, humidifiers and nets together help the most plants most, how near that is to the best that can be, in which order the
 * plants are carried, and what the season will ask next. It must not know how a plan is drawn or stored.
 */
@NullMarked
package mildlantern.plan;

import org.jspecify.annotations.NullMarked;
