package mildlantern.web.calculator;

import java.util.LinkedHashMap;
import java.util.Map;
import mildlantern.knowledge.Words;
import mildlantern.quantity.Limits;
import mildlantern.web.platform.PlainNumbers;

/** What was asked of a calculator, and what is wrong with it, field by field. */
public final class Given {
    private final Map<String, String> values = new LinkedHashMap<>();
    private final Map<String, String> problems = new LinkedHashMap<>();
    private final Calculator calculator;

    Given(Calculator calculator, Map<String, String> typed) {
        this.calculator = calculator;
        for (Field field : calculator.fields()) {
            String value = typed.getOrDefault(field.name(), field.preset()).strip();
            values.put(field.name(), value);
            if (field.isNumber()) {
                check(field, value);
            } else if (!field.choices().isEmpty()
                    && field.choices().stream().noneMatch(choice -> choice.id().equals(value))) {
                problems.put(
                        field.name(),
                        "Choose one of: "
                                + String.join(
                                        ", ",
                                        field.choices().stream()
                                                .map(Field.Choice::id)
                                                .toList()) + ".");
            }
        }
    }

    private void check(Field field, String value) {
        try {
            Limits.require(field.label(), PlainNumbers.read(value), field.low(), field.high(), field.unit());
        } catch (NumberFormatException e) {
            problems.put(field.name(), value.isEmpty() ? "A number is wanted here." : "'" + value + "' is no number.");
        } catch (IllegalArgumentException e) {
            problems.put(
                    field.name(),
                    ("Between " + Limits.plain(field.low()) + " and " + Limits.plain(field.high()) + " " + field.unit())
                                    .strip()
                            + ".");
        }
    }

    public double number(String name) {
        return PlainNumbers.read(values.getOrDefault(name, ""));
    }

    public String text(String name) {
        return values.getOrDefault(name, "");
    }

    public <E extends Enum<E>> E constant(Class<E> type, String name) {
        return Words.find(type, text(name)).orElseThrow(() -> new IllegalStateException(name + " was not checked"));
    }

    /** Something is wrong with a field that only the reckoning shows. */
    public void problem(String field, String words) {
        problems.putIfAbsent(field, words);
    }

    Map<String, String> values() {
        return values;
    }

    Map<String, String> problems() {
        return problems;
    }

    Calculator calculator() {
        return calculator;
    }
}
