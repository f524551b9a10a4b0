package mildlantern.care;

import java.util.Optional;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Range;

/**
 * One need against what the plant gets.
 *
 * @param kind which
 * @param wanted what it wants
 * @param gets what it gets
 * @param standing whether that fits
 * @param miss how far off it is: 0 fits, 1 shows within weeks
 * @param missed what is amiss; empty where it fits
 */
public record Need(Kind kind, Range wanted, Figure gets, Standing standing, double miss, Optional<Message> missed) {
    /** What a plant needs. */
    public enum Kind implements MessageKey {
        LIGHT("mol/m² d"),
        HUMIDITY("%"),
        DAY("°C"),
        NIGHT("°C"),
        WATERING("d"),
        WATER("mg/L"),
        FOOD("mg/L"),
        SALTS("mS/cm");

        private final String unit;

        Kind(String unit) {
            this.unit = unit;
        }

        /** The sign of its unit. */
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
