package mildlantern.mixing;

import mildlantern.message.MessageKey;

/**
 * A unit of product as labels have it. Factors: International System and the international avoirdupois pound (exact); US customary
 * spoons, fluid ounce (231 in³ to the gallon) and the imperial fluid ounce (4.54609 L to the gallon) by definition.
 */
public enum Measure implements MessageKey {
    MILLILITRE(Kind.VOLUME, 1),
    LITRE(Kind.VOLUME, 1000),
    TEASPOON(Kind.VOLUME, 231 * 16.387064 / 768),
    TABLESPOON(Kind.VOLUME, 231 * 16.387064 / 256),
    US_FLUID_OUNCE(Kind.VOLUME, 231 * 16.387064 / 128),
    IMPERIAL_FLUID_OUNCE(Kind.VOLUME, 4546.09 / 160),
    GRAM(Kind.MASS, 1),
    KILOGRAM(Kind.MASS, 1000),
    OUNCE(Kind.MASS, 453.59237 / 16),
    POUND(Kind.MASS, 453.59237);

    /** Whether it is measured by volume or by mass; one does not become the other without a density. */
    public enum Kind {
        VOLUME("mL"),
        MASS("g");

        private final String unit;

        Kind(String unit) {
            this.unit = unit;
        }

        /** The unit that amounts of this kind are reckoned in. */
        public String unit() {
            return unit;
        }
    }

    private final Kind kind;
    private final double base;

    Measure(Kind kind, double base) {
        this.kind = kind;
        this.base = base;
    }

    public Kind kind() {
        return kind;
    }

    /** So many of this unit in millilitres or grams. */
    public double inBase(double amount) {
        return amount * base;
    }

    /** So many millilitres or grams in this unit. */
    public double fromBase(double amount) {
        return amount / base;
    }
}
