package mildlantern.diagnosis;

import java.util.Map;
import java.util.Optional;
import mildlantern.quantity.FactorCurve;

/**
 * What one fact of the record does to the odds of a cause.
 *
 * @param fact id of the fact
 * @param curve factor by number, for a fact that is a number
 * @param logFactors natural logarithm of the factor by word, for a fact that is a word; the nearest word that stands here counts
 */
record RecordRule(String fact, Optional<FactorCurve> curve, Map<String, Double> logFactors) {
    /** Natural logarithm of the factor on the odds; 0 where the rule says nothing about the fact's value. */
    double logFactor(Fact value) {
        if (value.number().isPresent()) {
            return curve.map(c -> c.logAt(value.number().getAsDouble())).orElse(0.0);
        }
        return value.words().stream()
                .filter(logFactors::containsKey)
                .findFirst()
                .map(logFactors::get)
                .orElse(0.0);
    }
}
