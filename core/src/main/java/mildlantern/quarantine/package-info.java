/**
 * How long a plant stands alone, and who may have caught what it has.
 * Answers when isolation ends, which plants were near enough for long enough, and what to clean; from the record of places and the pest clock.
 */
@NullMarked
package mildlantern.quarantine;

import org.jspecify.annotations.NullMarked;
