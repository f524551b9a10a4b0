/**
 * The line at hand everywhere, in which a grower writes what was done, and taking entries back.
 *
 * <p>From the core's reading of the line, through the routine's door.
 *
 * <p>It must not know the page on which it stands.
 */
@NullMarked
package mildlantern.web.quickline;

import org.jspecify.annotations.NullMarked;
