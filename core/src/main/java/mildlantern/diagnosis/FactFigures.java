package mildlantern.diagnosis;

import java.util.LinkedHashMap;
import java.util.Map;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;

/** Figures for the sentences of facts, by the names under which the sentences hold them. */
final class FactFigures {
    private FactFigures() {}

    static Map<String, String> span(Range range, String name, String value) {
        return figures(name, value, "low", Limits.plain(range.low()), "high", Limits.plain(range.high()));
    }

    static Map<String, String> rounded(Range range, String name, double value) {
        return span(new Range(Math.rint(range.low()), Math.rint(range.high())), name, Limits.plain(Math.rint(value)));
    }

    static double tenths(double value) {
        return Math.rint(value * 10) / 10;
    }

    static Map<String, String> figures(String... pairs) {
        Map<String, String> figures = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            figures.put(pairs[i], pairs[i + 1]);
        }
        return figures;
    }
}
