/**
 * Light at a place.
 * Answers how much light a brightness stands for in a season; from the knowledge base.
 */
@NullMarked
package mildlantern.light;

import org.jspecify.annotations.NullMarked;
