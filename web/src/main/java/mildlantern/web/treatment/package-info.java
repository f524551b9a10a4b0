/**
 * Treating: the pest clock, courses and their steps, the grower's own products, isolation and contacts.
 *
 * <p>From cases and the core's treatment, pest and quarantine.
 *
 * <p>It must not know the round.
 */
@NullMarked
package mildlantern.web.treatment;

import org.jspecify.annotations.NullMarked;
