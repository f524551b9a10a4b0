package mildlantern.web.calculator;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;

/**
 * One calculator of the bench.
 *
 * @param id its id in the address
 * @param name its name
 * @param question what it answers, in a line
 * @param fields its inputs
 * @param reckons how it answers; asked only with fields that are in order
 */
public record Calculator(String id, String name, String question, List<Field> fields, Reckons reckons) {
    /** Reckons an answer; an argument that the core refuses is told at the field it belongs to. */
    @FunctionalInterface
    public interface Reckons {
        Answer reckon(Given given);
    }

    /**
     * An answer.
     *
     * @param lines what comes out, the most wanted first
     * @param warnings what to mind
     * @param bottle what to write on the bottle; empty where nothing is bottled
     */
    public record Answer(List<Line> lines, List<String> warnings, List<String> bottle) {
        /** No answer: what is wrong stands at a field. */
        public static Answer none() {
            return new Answer(List.of(), List.of(), List.of());
        }
    }

    /**
     * One figure.
     *
     * @param name what it is
     * @param value the figure before rounding
     * @param unit its unit
     * @param measured how it is measured with usual tools, and how far off that is
     */
    public record Line(String name, double value, String unit, Optional<String> measured) {
        public static Line of(String name, double value, String unit) {
            return new Line(name, value, unit, Optional.empty());
        }

        /** Three significant figures, as a person reads them. */
        public String shown() {
            if (value == 0) {
                return "0";
            }
            double magnitude = Math.pow(10, 2 - Math.floor(Math.log10(Math.abs(value))));
            BigDecimal rounded = new BigDecimal(Math.round(value * magnitude) / magnitude)
                    .setScale(Math.max(0, (int) Math.ceil(Math.log10(magnitude))), RoundingMode.HALF_UP)
                    .stripTrailingZeros();
            return rounded.toPlainString();
        }
    }
}
