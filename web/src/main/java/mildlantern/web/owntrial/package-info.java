/** Small trials of a grower's own: plants of a kind in one way and in another, measured and compared. */
@NullMarked
package mildlantern.web.owntrial;

import org.jspecify.annotations.NullMarked;
