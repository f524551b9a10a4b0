/**
 * Readings of air and light.
 * Answers what a logger's file or a sensor says, what of it cannot be, where it is silent, and what hours and days it comes to; from samples with
 * their time.
 */
@NullMarked
package mildlantern.sensing;

import org.jspecify.annotations.NullMarked;
