/**
 * Air and what it takes from leaves.
 * Answers how strongly air of a temperature and humidity draws water; from the two readings alone.
 */
@NullMarked
package mildlantern.air;

import org.jspecify.annotations.NullMarked;
