/**
 * How a pest grows at a temperature and what an application leaves of it.
 * Answers stages by day, the risk that any survive and the fewest applications that end it; from life tables in the knowledge base.
 */
@NullMarked
package mildlantern.pest;

import org.jspecify.annotations.NullMarked;
