/**
 * Mail: the way out to a mail server, and the small one that stands in for it.
 *
 * <p>From an address, a subject and a text to a message that is sent, or to the mailbox page of the demo.
 *
 * <p>It must not know what a message says, or why.
 */
@NullMarked
package mildlantern.web.mail;

import org.jspecify.annotations.NullMarked;
