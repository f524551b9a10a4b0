/**
 * What every feature stands on: security, clock, knowledge, the page frame's errors, forms that are sent twice.
 */
@NullMarked
package mildlantern.web.platform;

import org.jspecify.annotations.NullMarked;
