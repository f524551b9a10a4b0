package mildlantern.web.calculator;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import mildlantern.knowledge.Words;
import mildlantern.quantity.Limits;

/**
 * One input of a calculator.
 *
 * @param name its name in the address
 * @param label what it asks
 * @param unit its unit, empty if it has none or is chosen beside it
 * @param preset what stands there at first
 * @param low least number; high most
 * @param choices what can be chosen; empty for a number or a text
 * @param text whether it is a text, which may be empty
 */
public record Field(
        String name,
        String label,
        String unit,
        String preset,
        double low,
        double high,
        List<Choice> choices,
        boolean text) {

    /** One thing to choose. */
    public record Choice(String id, String words) {}

    public static Field number(String name, String label, String unit, double preset, double low, double high) {
        return new Field(name, label, unit, Limits.plain(preset), low, high, List.of(), false);
    }

    public static Field choice(String name, String label, String preset, List<Choice> choices) {
        return new Field(name, label, "", preset, 0, 0, choices, false);
    }

    public static <E extends Enum<E>> Field choice(
            String name, String label, E preset, List<E> constants, Function<E, String> words) {
        return choice(
                name,
                label,
                Words.id(preset),
                constants.stream()
                        .map(one -> new Choice(Words.id(one), words.apply(one)))
                        .toList());
    }

    public static <E extends Enum<E>> Field choice(
            String name, String label, E preset, Class<E> type, Function<E, String> words) {
        return choice(name, label, preset, Arrays.asList(type.getEnumConstants()), words);
    }

    public static Field text(String name, String label) {
        return new Field(name, label, "", "", 0, 0, List.of(), true);
    }

    /** Whether its choices are sentences, which need a line of their own. */
    public boolean wide() {
        return choices.stream().anyMatch(choice -> choice.words().length() > 20);
    }

    public boolean isNumber() {
        return choices.isEmpty() && !text;
    }
}
