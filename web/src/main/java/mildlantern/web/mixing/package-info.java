/**
 * Every dilution, dose and blend as a page and as JSON.
 *
 * <p>From the core's mixing and, for a stop's batch, the plants that stand there.
 *
 * <p>It must not write anything.
 */
@NullMarked
package mildlantern.web.mixing;

import org.jspecify.annotations.NullMarked;
