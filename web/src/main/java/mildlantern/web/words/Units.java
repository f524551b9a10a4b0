package mildlantern.web.words;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.quantity.Limits;

/**
 * Measured things in the reader's units: read with any unit of their kind behind the number, or with none, which means the reader's own; and
 * shown in the reader's own. The reader's units are part of the manner of writing (Unicode extensions {@code ms} and {@code mu} of the locale).
 */
public final class Units {
    private static final Pattern AMOUNT =
            Pattern.compile("([-+\\u2212]?[\\d.,][\\d.,'\\u2019\\u00a0\\u202f ]*?)\\s*(\\D*)");

    private static final Map<Unit.Of, Unit> METRIC = Map.of(
            Unit.Of.TEMPERATURE, Unit.CELSIUS,
            Unit.Of.LENGTH, Unit.CENTIMETRE,
            Unit.Of.VOLUME, Unit.MILLILITRE,
            Unit.Of.MASS, Unit.GRAM,
            Unit.Of.LIGHT, Unit.LUX);

    private static final Map<Unit.Of, Unit> US = Map.of(
            Unit.Of.TEMPERATURE, Unit.FAHRENHEIT,
            Unit.Of.LENGTH, Unit.INCH,
            Unit.Of.VOLUME, Unit.FLUID_OUNCE,
            Unit.Of.MASS, Unit.OUNCE,
            Unit.Of.LIGHT, Unit.FOOT_CANDLE);

    private Units() {}

    /** The unit that the reader uses for something. */
    public static Unit of(Unit.Of of) {
        Locale reader = Wording.reader();
        String system = Optional.ofNullable(reader.getUnicodeLocaleType("ms")).orElse("metric");
        if (of == Unit.Of.TEMPERATURE) {
            String degrees =
                    Optional.ofNullable(reader.getUnicodeLocaleType("mu")).orElse("");
            if (!degrees.isEmpty()) {
                return degrees.equals("fahrenhe") ? Unit.FAHRENHEIT : Unit.CELSIUS;
            }
        }
        return (system.equals("ussystem") ? US : METRIC).getOrDefault(of, Unit.CELSIUS);
    }

    /** The unit that the reader uses for what is usually measured in a metric unit. */
    public static Unit like(Unit metric) {
        boolean own = of(metric.of()) == METRIC.get(metric.of());
        return own ? metric : metric == Unit.LITRE ? Unit.GALLON : of(metric.of());
    }

    /** Reads an amount, as {@link #read(String, Unit.Of)} does; without a unit it is in the usual one. */
    public static double read(String text, Unit usual) {
        return text.strip().matches("[-+\u2212\\d.,'\u2019\u00a0\u202f ]+")
                ? usual.base(Numbers.read(text))
                : read(text, usual.of());
    }

    /**
     * Reads an amount, as in {@code 55F}, {@code 1,5 l} or {@code 6 in}.
     *
     * @return it in the unit that is reckoned in
     * @throws NumberFormatException if it is not understood; the message says so in the reader's words, and what would be
     */
    public static double read(String text, Unit.Of of) {
        String typed = text.strip();
        Matcher matcher = AMOUNT.matcher(typed);
        if (!matcher.matches()) {
            throw new Unreadable(
                    typed.isEmpty()
                            ? Wording.say("words.numbers.none")
                            : Wording.say("words.units.no-amount", typed, of));
        }
        String written = matcher.group(2).strip().toLowerCase(Locale.ROOT);
        Unit unit = written.isEmpty()
                ? of(of)
                : Arrays.stream(Unit.values())
                        .filter(one -> one.of() == of && one.written().contains(written))
                        .findFirst()
                        .orElseThrow(() -> new Unreadable(Wording.say(
                                "words.units.no-unit", matcher.group(2).strip(), of)));
        return unit.base(Numbers.read(matcher.group(1)));
    }

    /** An amount in the reader's unit, without the unit, as finely as people measure. */
    public static String number(double base, Unit.Of of) {
        Unit unit = of(of);
        double amount = unit.amount(base);
        boolean whole = unit == Unit.MILLILITRE
                || unit == Unit.FAHRENHEIT
                || (unit == Unit.FLUID_OUNCE && amount >= 10)
                || of == Unit.Of.LIGHT;
        return whole ? Limits.plain(Math.round(amount)) : Limits.tenths(amount);
    }

    /** An amount with a unit of the reader's, as people say it: whole mL, litres from a litre on, gallons from a gallon on. */
    public static String shown(double base, Unit.Of of) {
        if (of == Unit.Of.VOLUME) {
            Unit large = of(of) == Unit.MILLILITRE ? Unit.LITRE : Unit.GALLON;
            if (base >= large.base(1) * 0.9995) {
                return Limits.tenths(large.amount(base)) + " " + Wording.of(large);
            }
        }
        return number(base, of) + " " + name(of);
    }

    /** How far apart two amounts are, with the reader's unit: degrees have no common zero. */
    public static String apart(double base, Unit.Of of) {
        Unit unit = of(of);
        return Limits.tenths(unit.amount(base) - unit.amount(0)) + " " + name(of);
    }

    /** The reader's unit for something, as it stands behind a number. */
    public static String name(Unit.Of of) {
        return Wording.of(of(of));
    }
}
