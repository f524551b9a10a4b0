/**
 * Tables and archives in and out.
 *
 * <p>From every table a house owns, through the routine's door where plants come in.
 *
 * <p>It must not know how a page looks.
 */
@NullMarked
package mildlantern.web.exchange;

import org.jspecify.annotations.NullMarked;
