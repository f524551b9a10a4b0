/**
 * What to do today, in walking order.
 * Answers which plants need a look, how brightly each stop's lamp burns and why; from dates and cases.
 */
@NullMarked
package mildlantern.round;

import org.jspecify.annotations.NullMarked;
