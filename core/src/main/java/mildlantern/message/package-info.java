/**
 * Facts that a person is told: which of a few, and the values that go with it.
 *
 * <p>From enums whose constants say what is told, with quantities, days, names and further facts.
 *
 * <p>It must not know a word of what is said: the words stand in bundles, one for each language.
 */
@NullMarked
package mildlantern.message;

import org.jspecify.annotations.NullMarked;
