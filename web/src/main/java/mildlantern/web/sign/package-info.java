/**
 * The drawn sign: what a finding looks like on a plant of this kind.
 *
 * <p>From the marks of the knowledge base and the look of a kind, in the hand of the plates.
 *
 * <p>It must not weigh causes or know who looks.
 */
@NullMarked
package mildlantern.web.sign;

import org.jspecify.annotations.NullMarked;
