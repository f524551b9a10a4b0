/**
 * What every room stands on: ids, the clock, the core's knowledge as beans, forms and their problems, forms that are sent twice.
 *
 * <p>From Spring's parts and a few tables of its own.
 *
 * <p>It must not know plants, stops or the log.
 */
@NullMarked
package mildlantern.web.platform;

import org.jspecify.annotations.NullMarked;
