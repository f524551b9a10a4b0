/**
 * Weather outdoors.
 * Answers how warm, moist and cloudy it is hour by hour and what the next nights bring; from a source that can be replaced, of which one that is
 * made up from a seed ships with the product.
 */
@NullMarked
package mildlantern.weather;

import org.jspecify.annotations.NullMarked;
