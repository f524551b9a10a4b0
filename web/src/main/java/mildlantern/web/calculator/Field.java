package mildlantern.web.calculator;

import java.util.List;
import java.util.Optional;
import mildlantern.quantity.Limits;
import mildlantern.web.words.Numbers;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;

/**
 * One input of a calculator as its page shows it.
 *
 * @param name its name in the address
 * @param label what it asks
 * @param unit its unit, empty if it has none or is chosen beside it
 * @param in the unit that it is reckoned in, where the reader may use another; then a number may also be typed with its unit
 * @param preset what stands there at first
 * @param low least number; high most
 * @param choices what can be chosen; empty for a number or a text
 * @param text whether it is a text, which may be empty
 */
public record Field(
        String name,
        String label,
        String unit,
        Optional<Unit> in,
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

    /**
     * A number that was typed, in the unit that it is reckoned in.
     *
     * @throws NumberFormatException if it is none; the message says so in the reader's words
     */
    double read(String typed) {
        return in.map(unit -> unit.amount(Units.read(typed, Units.like(unit))))
                .orElseGet(() -> Numbers.read(typed, low, high));
    }

    /** A number as it is typed, in the reader's unit. */
    String shown(double number) {
        return in.map(unit -> Limits.tenths(Units.like(unit).amount(unit.base(number))))
                .orElseGet(() -> Limits.plain(number));
    }

    public boolean isNumber() {
        return choices.isEmpty() && !text;
    }
}
