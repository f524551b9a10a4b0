/**
 * New plants from one that is kept: by which ways a kind is multiplied, when, in which steps and with what success. The figures
 * stand in the knowledge base. It does not know how a plant is stored.
 */
@org.jspecify.annotations.NullMarked
package mildlantern.propagation;
