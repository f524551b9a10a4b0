package mildlantern.sensing;

import java.time.Instant;
import mildlantern.message.MessageKey;

/**
 * A value that cannot be true and was set aside.
 *
 * @param at when it was read
 * @param what what was read
 * @param value as it was read, in the unit of {@link Sample}
 * @param why why it cannot be
 */
public record Aside(Instant at, What what, double value, Why why) {
    /** What is read, with what can be. */
    public enum What implements MessageKey {
        TEMPERATURE(-45, 65, "°C"),
        /** A worn sensor shows a little over 100 in fog; that is read as 100. */
        HUMIDITY(0, 105, "%"),
        /** Up to a little above full sun at noon. */
        LIGHT(0, 2600, "µmol/m²s");

        private final double low;
        private final double high;
        private final String unit;

        What(double low, double high, String unit) {
            this.low = low;
            this.high = high;
            this.unit = unit;
        }

        /** The lowest that can be. */
        public double low() {
            return low;
        }

        /** The highest that can be. */
        public double high() {
            return high;
        }

        /** Symbol of the unit. */
        public String unit() {
            return unit;
        }
    }

    /** Why a reading cannot be. */
    public enum Why implements MessageKey {
        /** Lower or higher than anything of its kind. */
        OUTSIDE,
        /** Far away from the reading before and back at the next. */
        LEAP
    }
}
