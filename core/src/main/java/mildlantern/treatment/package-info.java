/**
 * What can be done: trials, means and what refuses them, and the dated course with its looks.
 * Answers what one change can be offered, what must not be used here and now, and what is done on which day; from the knowledge base, the
 * pest clock and the counts of the house.
 */
@NullMarked
package mildlantern.treatment;

import org.jspecify.annotations.NullMarked;
