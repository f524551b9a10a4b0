/**
 * The year of a plant and of the collection on pages.
 * Shows what time of its year it is for each plant, since when and until when, how its rest stands and where it would rest better; takes what the grower saw
 * and says; plans what the year asks for.
 */
@NullMarked
package mildlantern.web.year;

import org.jspecify.annotations.NullMarked;
