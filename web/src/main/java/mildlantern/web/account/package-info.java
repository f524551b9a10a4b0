/**
 * Accounts: the first visit, signing in, and who is signed in to which collection.
 */
@NullMarked
package mildlantern.web.account;

import org.jspecify.annotations.NullMarked;
