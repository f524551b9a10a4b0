package mildlantern.round;

import java.util.UUID;

/**
 * Something due on a plant today.
 *
 * @param plant the plant
 * @param kind what is due
 * @param why why now, in a sentence
 */
public record Due(UUID plant, Kind kind, String why) {

    /** What can be due, the most pressing first. */
    public enum Kind {
        LOOK_AGAIN(Lamp.BRIGHT),
        OPEN_CASE(Lamp.BRIGHT),
        ISOLATION_LOOK(Lamp.LOW),
        ROUTINE_LOOK(Lamp.LOW);

        private final Lamp lamp;

        Kind(Lamp lamp) {
            this.lamp = lamp;
        }

        public Lamp lamp() {
            return lamp;
        }
    }
}
