package mildlantern.round;

import mildlantern.message.Message;
import mildlantern.plant.PlantId;

/**
 * Something due on a plant today.
 *
 * @param plant the plant
 * @param kind what is due
 * @param why why now
 */
public record Due(PlantId plant, Kind kind, Message why) {
    /** What can be due, the most pressing first. */
    public enum Kind {
        LOOK_AGAIN(Lamp.BRIGHT, Half.MORNING),
        OPEN_CASE(Lamp.BRIGHT, Half.MORNING),
        COURSE_STEP(Lamp.BRIGHT, Half.MORNING),
        MOVE_STEP(Lamp.BRIGHT, Half.MORNING),
        ASKED_LOOK(Lamp.BRIGHT, Half.MORNING),
        /** Work by hand that has its day. */
        BY_HAND(Lamp.LOW, Half.MORNING),
        WATER(Lamp.LOW, Half.MORNING),
        FILL_TRAY(Lamp.LOW, Half.MORNING),
        ISOLATION_LOOK(Lamp.LOW, Half.MORNING),
        ROUTINE_LOOK(Lamp.LOW, Half.MORNING),
        FEED(Lamp.LOW, Half.MORNING),
        EMPTY_CUP(Lamp.LOW, Half.EVENING);

        private final Lamp lamp;
        private final Half half;

        Kind(Lamp lamp, Half half) {
            this.lamp = lamp;
            this.half = half;
        }

        public Lamp lamp() {
            return lamp;
        }

        /** When of the day it is best done: what wets leaves or roots in the morning, so that leaves are dry by night. */
        public Half half() {
            return half;
        }

        /** Whether it is part of a case, which is worked on its own page. */
        public boolean ofCase() {
            return this == LOOK_AGAIN || this == OPEN_CASE;
        }

        /** Whether it is about water in the pot. */
        public boolean ofWater() {
            return this == WATER || this == FILL_TRAY;
        }
    }

    /** The halves of a day's work. */
    public enum Half {
        MORNING,
        EVENING
    }
}
