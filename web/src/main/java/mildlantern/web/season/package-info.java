/**
 * The year of each plant.
 * Puts what is stored of a plant, its stops and what was read there before the core, which says what time of its year it is and what it wants; shows a plant's
 * year and the collection's, and takes what the grower saw and says.
 */
@NullMarked
package mildlantern.web.season;

import org.jspecify.annotations.NullMarked;
