/**
 * Small trials of one's own: some plants of a kind kept in one way, some in another, and what can be told from what was measured.
 * It does not know where plants and measures come from.
 */
@org.jspecify.annotations.NullMarked
package mildlantern.comparison;
