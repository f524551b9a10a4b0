/**
 * What was written down of plants, what of it still stands, and how it reads.
 *
 * <p>From the table of the log.
 *
 * <p>It must not know what follows from an entry.
 */
@NullMarked
package mildlantern.web.log;

import org.jspecify.annotations.NullMarked;
