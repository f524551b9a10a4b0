/**
 * How a pest grows at a temperature and what an application leaves of it.
 * Answers stages by day, what is expected to be counted, and the fewest applications that reach control; from life tables in the knowledge base.
 */
@NullMarked
package mildlantern.pest;

import org.jspecify.annotations.NullMarked;
