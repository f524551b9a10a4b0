/**
 * What a new plant went through on its way home, and what follows from it. It does not know what is asked or recorded.
 */
@org.jspecify.annotations.NullMarked
package mildlantern.arrival;
