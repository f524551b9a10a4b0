package mildlantern.diagnosis;

import java.util.Optional;
import mildlantern.knowledge.FindingId;

/**
 * One fact that speaks for or against a cause.
 *
 * @param finding the finding it comes from, or empty where it comes from the record
 * @param direct whether the knowledge base ties this fact to the cause itself; otherwise it works through other causes, by
 *     explaining what was seen in another way
 * @param sentence the fact in words
 * @param weight what it adds to the natural logarithm of the odds of the cause; negative speaks against
 */
public record Reason(Optional<FindingId> finding, boolean direct, String sentence, double weight) {}
