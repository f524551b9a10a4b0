/**
 * What each person of a collection may do.
 *
 * <p>From the role that a person has, and what each handler says it asks for, to whether it is let through.
 *
 * <p>It must not know who somebody is; that is the account room's.
 */
@NullMarked
package mildlantern.web.role;

import org.jspecify.annotations.NullMarked;
