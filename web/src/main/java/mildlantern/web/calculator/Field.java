package mildlantern.web.calculator;

import java.util.List;

/**
 * One input of a calculator as its page shows it.
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

    /** Whether its choices are sentences, which need a line of their own. */
    public boolean wide() {
        return choices.stream().anyMatch(choice -> choice.words().length() > 20);
    }

    public boolean isNumber() {
        return choices.isEmpty() && !text;
    }
}
