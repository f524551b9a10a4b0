/**
 * Work at the pot: whether a plant is repotted, when, into what, and what is mixed for it. From its kind, the age of its
 * medium, its roots and the day; the figures stand in the knowledge base. It does not know how a plant is treated or recorded.
 */
@org.jspecify.annotations.NullMarked
package mildlantern.potting;
