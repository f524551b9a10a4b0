/**
 * What a pot holds of nitrogen and salts: given, taken up, washed out, left.
 * Answers whether it goes short or wants a flush; from what was given and figures of the knowledge base.
 */
@NullMarked
package mildlantern.nutrition;

import org.jspecify.annotations.NullMarked;
