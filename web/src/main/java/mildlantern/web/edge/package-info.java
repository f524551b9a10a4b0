/**
 * What may come in from outside and how much of it, who may ask for what, and what is answered when it may not.
 *
 * <p>From Spring's security and the limits of the machine.
 *
 * <p>It must not know what a request is about.
 */
@NullMarked
package mildlantern.web.edge;

import org.jspecify.annotations.NullMarked;
