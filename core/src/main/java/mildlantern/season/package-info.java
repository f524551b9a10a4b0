/**
 * The plant's year.
 * Answers what time of its year it is for a plant, since when, how surely and until what, what it wants then, and whether its rest is as it should be; from
 * its kind, the sun at its latitude, the light and warmth of the last weeks, and what its grower saw and says.
 */
@NullMarked
package mildlantern.season;

import org.jspecify.annotations.NullMarked;
