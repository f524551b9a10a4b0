/** Work at the pot: whether a plant is repotted and how, what is put ready for a week's pots, and what follows a repotting. */
@NullMarked
package mildlantern.web.potting;

import org.jspecify.annotations.NullMarked;
