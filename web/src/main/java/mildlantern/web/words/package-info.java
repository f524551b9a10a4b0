/**
 * Every text that a person reads: bundles of words, plurals, numbers, units and days, in the reader's language and manner of writing.
 *
 * <p>From facts and keys that other rooms give, and {@code words/*.properties}, one file for each room, in English; other languages stand in
 * a directory of their own.
 *
 * <p>It must not decide what is told.
 */
@NullMarked
package mildlantern.web.words;

import org.jspecify.annotations.NullMarked;
