/** Feeding: today's feeds as few mixes, the waters and feeds of the house, and what they do. */
@NullMarked
package mildlantern.web.feeding;

import org.jspecify.annotations.NullMarked;
