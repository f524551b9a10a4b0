/**
 * What is written down of a plant: typed entries, and the line in which a grower writes them.
 * Answers what an entry says and what a typed line means; from words and the names in the collection.
 */
@NullMarked
package mildlantern.log;

import org.jspecify.annotations.NullMarked;
