/**
 * Which plants a house keeps, of what kind, in which pot, how each is cared for, and how its plate looks.
 *
 * <p>From the tables of plants, own kinds and care sheets, and from the knowledge base.
 *
 * <p>It must not know the log, nor when anything is due.
 */
@NullMarked
package mildlantern.web.plant;

import org.jspecify.annotations.NullMarked;
