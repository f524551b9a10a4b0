package mildlantern.care;

import mildlantern.quantity.Range;

/**
 * One need against what the plant gets.
 *
 * @param kind which
 * @param wanted what it wants
 * @param gets what it gets
 * @param standing whether that fits
 * @param miss how far off it is: 0 fits, 1 shows within weeks
 * @param words what is amiss, as a sentence; empty where it fits
 */
public record Need(Kind kind, Range wanted, Figure gets, Standing standing, double miss, String words) {
    /** What a plant needs. */
    public enum Kind {
        LIGHT("light", "mol/m² d"),
        HUMIDITY("humidity", "%"),
        DAY("warmth by day", "°C"),
        NIGHT("coldest night", "°C"),
        WATERING("watered every", "days"),
        WATER("dissolved in its water", "mg/L"),
        FOOD("nitrogen in the pot", "mg/L"),
        SALTS("salts in the pot", "mS/cm");

        private final String words;
        private final String unit;

        Kind(String words, String unit) {
            this.words = words;
            this.unit = unit;
        }

        public String words() {
            return words;
        }

        public String unit() {
            return unit;
        }

        /** Whether it is the stop that gives it. */
        public boolean ofStop() {
            return this == LIGHT || this == HUMIDITY || this == DAY || this == NIGHT;
        }
    }

    /** How what it gets stands to what it wants. */
    public enum Standing {
        SHORT,
        FITS,
        OVER
    }
}
