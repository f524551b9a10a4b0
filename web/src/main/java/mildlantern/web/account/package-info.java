/**
 * Who is signed in to which house: the first visit, signing in, the account page.
 *
 * <p>From the table of members.
 *
 * <p>It must not know plants.
 */
@NullMarked
package mildlantern.web.account;

import org.jspecify.annotations.NullMarked;
