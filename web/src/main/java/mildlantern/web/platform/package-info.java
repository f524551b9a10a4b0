/**
 * What every room stands on: security, the clock, the core's knowledge as beans, forms that are sent twice, and what is answered when something
 * goes wrong. Made of Spring's parts and a few tables of its own.
 *
 * <p>It must not know of plants, stops or the log.
 */
@NullMarked
package mildlantern.web.platform;

import org.jspecify.annotations.NullMarked;
