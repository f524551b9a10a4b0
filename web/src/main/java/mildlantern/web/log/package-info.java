/**
 * The log at hand everywhere: the line in which a grower writes, and taking entries back.
 */
@NullMarked
package mildlantern.web.log;

import org.jspecify.annotations.NullMarked;
