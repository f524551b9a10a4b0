package mildlantern.web.words;

import java.util.List;
import mildlantern.light.Photons;
import mildlantern.message.MessageKey;
import mildlantern.mixing.Measure;

/**
 * A unit that growers measure in, and how it turns into the one that is reckoned in.
 *
 * <p>Factors: the international inch (exact); ounces, pounds and foot-candles as in {@link Measure} and {@link Photons}; cup, pint, quart and
 * gallon are 8, 16, 32 and 128 US fluid ounces.
 */
public enum Unit implements MessageKey {
    CELSIUS(Of.TEMPERATURE, 1, 0, "°c", "c", "celsius"),
    FAHRENHEIT(Of.TEMPERATURE, 5 / 9.0, -32, "°f", "f", "fahrenheit"),
    CENTIMETRE(Of.LENGTH, 1, 0, "cm"),
    MILLIMETRE(Of.LENGTH, 0.1, 0, "mm"),
    METRE(Of.LENGTH, 100, 0, "m"),
    INCH(Of.LENGTH, 2.54, 0, "in", "inch", "inches", "\"", "″"),
    FOOT(Of.LENGTH, 30.48, 0, "ft", "foot", "feet", "'", "′"),
    MILLILITRE(Of.VOLUME, 1, 0, "ml", "cc"),
    LITRE(Of.VOLUME, 1000, 0, "l", "litre", "litres", "liter", "liters"),
    FLUID_OUNCE(Of.VOLUME, Measure.US_FLUID_OUNCE.inBase(1), 0, "fl oz", "floz", "oz"),
    CUP(Of.VOLUME, 8 * Measure.US_FLUID_OUNCE.inBase(1), 0, "cup", "cups"),
    PINT(Of.VOLUME, 16 * Measure.US_FLUID_OUNCE.inBase(1), 0, "pt", "pint", "pints"),
    QUART(Of.VOLUME, 32 * Measure.US_FLUID_OUNCE.inBase(1), 0, "qt", "quart", "quarts"),
    GALLON(Of.VOLUME, 128 * Measure.US_FLUID_OUNCE.inBase(1), 0, "gal", "gallon", "gallons"),
    GRAM(Of.MASS, 1, 0, "g", "gram", "grams"),
    KILOGRAM(Of.MASS, 1000, 0, "kg"),
    OUNCE(Of.MASS, Measure.OUNCE.inBase(1), 0, "oz", "ounce", "ounces"),
    POUND(Of.MASS, Measure.POUND.inBase(1), 0, "lb", "lbs", "pound", "pounds"),
    LUX(Of.LIGHT, 1, 0, "lux", "lx"),
    FOOT_CANDLE(Of.LIGHT, Photons.LUX_PER_FOOT_CANDLE, 0, "fc", "foot-candles", "foot-candle", "footcandles");

    /** What is measured, and the unit that it is reckoned in; its words are an example of how it is typed. */
    public enum Of implements MessageKey {
        /** In °C. */
        TEMPERATURE,
        /** In cm. */
        LENGTH,
        /** In mL. */
        VOLUME,
        /** In g. */
        MASS,
        /** In lux. */
        LIGHT
    }

    private final Of of;
    private final double factor;
    private final double shift;
    private final List<String> written;

    Unit(Of of, double factor, double shift, String... written) {
        this.of = of;
        this.factor = factor;
        this.shift = shift;
        this.written = List.of(written);
    }

    public Of of() {
        return of;
    }

    /** How people write it, in small letters. */
    List<String> written() {
        return written;
    }

    /** An amount in this unit, in the one that is reckoned in. */
    public double base(double amount) {
        return (amount + shift) * factor;
    }

    /** An amount in the unit that is reckoned in, in this one. */
    public double amount(double base) {
        return base / factor - shift;
    }
}
