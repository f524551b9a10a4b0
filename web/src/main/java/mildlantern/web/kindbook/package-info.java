/**
 * The book of kinds: every kind that the product knows, drawn, with its names and what it wants.
 * Answers which kind a plant is, by looking; from the knowledge base. Nothing of it is stored.
 */
@NullMarked
package mildlantern.web.kindbook;

import org.jspecify.annotations.NullMarked;
