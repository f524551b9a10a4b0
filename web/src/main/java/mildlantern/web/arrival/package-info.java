/** The path of a new plant: its way home, a first look, where it stands alone, its medium and the first repotting. */
@NullMarked
package mildlantern.web.arrival;

import org.jspecify.annotations.NullMarked;
