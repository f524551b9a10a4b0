package mildlantern.diagnosis;

import java.util.Optional;

/**
 * One fact that speaks for or against a cause.
 *
 * @param finding the finding it comes from, or empty where it comes from the record
 * @param sentence the fact in words
 * @param weight what it adds to the natural logarithm of the odds of the cause; negative speaks against
 */
public record Reason(Optional<String> finding, String sentence, double weight) {}
