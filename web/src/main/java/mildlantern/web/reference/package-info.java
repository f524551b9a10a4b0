/**
 * The reference: causes, signs and means, each with its figures, what it is confused with, and what the own cases say of it.
 *
 * <p>From the knowledge base and the cases of the collection.
 *
 * <p>It must not weigh a plant: what is the matter with one is worked out in its case.
 */
@NullMarked
package mildlantern.web.reference;

import org.jspecify.annotations.NullMarked;
