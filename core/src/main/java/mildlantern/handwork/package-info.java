/**
 * What is done with scissors and hands: whether a damaged leaf is kept, trimmed or taken off, and where the cut goes.
 * From the kind, the leaf and what the plant has besides; the figures stand in the knowledge base.
 */
@org.jspecify.annotations.NullMarked
package mildlantern.handwork;
