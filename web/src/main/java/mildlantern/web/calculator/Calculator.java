package mildlantern.web.calculator;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;

/**
 * One calculator of the bench.
 *
 * @param id its id in the address
 * @param form what it asks
 * @param reckons how it answers; asked only with fields that are in order
 * @param <I> what it asks, as a record
 */
public record Calculator<I extends Record>(String id, Form<I> form, Function<I, Answer> reckons) {
    /** Its name. */
    public String name() {
        return Wording.say(form.key());
    }

    /** What it answers, in a line. */
    public String question() {
        return Wording.say(form.key() + ".question");
    }

    /** Its inputs, in order. */
    public List<Field> fields() {
        return form.fields();
    }

    /** Answers what was typed, or says at the fields what is wrong with it. */
    Reckoned reckon(Map<String, String> typed) {
        Map<String, String> values = form.values(typed);
        Map<String, String> problems = form.problems(values);
        Answer answer = problems.isEmpty() ? reckons.apply(form.asked(values)) : Answer.NONE;
        Map<String, String> all = new LinkedHashMap<>(problems);
        all.putAll(answer.refused());
        return new Reckoned(this, values, all, answer);
    }

    /**
     * What a calculator was asked and what it answers.
     *
     * @param inputs what stands at each field, by its name
     * @param problems what is wrong with fields, by their names
     */
    public record Reckoned(
            Calculator<?> calculator, Map<String, String> inputs, Map<String, String> problems, Answer answer) {}

    /**
     * An answer.
     *
     * @param lines what comes out, the most wanted first
     * @param warnings what to mind
     * @param bottle what to write on the bottle; empty where nothing is bottled
     * @param refused what is wrong with fields, by their names, which only the reckoning showed; empty if there is an answer
     */
    public record Answer(List<Line> lines, List<String> warnings, List<String> bottle, Map<String, String> refused) {
        static final Answer NONE = new Answer(List.of(), List.of(), List.of());

        public Answer(List<Line> lines, List<String> warnings, List<String> bottle) {
            this(lines, warnings, bottle, Map.of());
        }

        /** No answer: what is wrong stands at a field. */
        public static Answer refused(String field, String words) {
            return new Answer(List.of(), List.of(), List.of(), Map.of(field, words));
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

        /** A figure in a metric unit, which the reader is shown in the own one. */
        public static Line in(String name, double value, Unit metric) {
            Unit own = Units.like(metric);
            return of(name, own.amount(metric.base(value)), Wording.of(own));
        }

        /** How far apart two temperatures are, given in kelvin. */
        public static Line apart(String name, double kelvin) {
            Unit own = Units.like(Unit.CELSIUS);
            return of(name, own.amount(kelvin) - own.amount(0), Wording.of(own));
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
