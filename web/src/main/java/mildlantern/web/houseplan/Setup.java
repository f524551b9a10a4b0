package mildlantern.web.houseplan;

import mildlantern.care.Change;
import mildlantern.care.Need;
import mildlantern.place.StopId;
import mildlantern.plan.Fitting;
import mildlantern.plan.RoomAir;
import mildlantern.web.stop.Stop;

/**
 * Something to be set up at a stop, or in its room.
 *
 * @param amount a lamp's light on the leaves, µmol/m² s, or by how many °C nights are kept warmer; else 0
 */
record Setup(StopId stop, What what, double amount) {
    /** What is set up. */
    enum What {
        LAMP(Change.Kind.LAMP, Need.Kind.LIGHT),
        NET(Change.Kind.SHADE, Need.Kind.LIGHT),
        HUMIDIFIER(Change.Kind.HUMIDIFIER, Need.Kind.HUMIDITY),
        NIGHTS(Change.Kind.HEATING, Need.Kind.NIGHT);

        private final Change.Kind change;
        private final Need.Kind changes;

        What(Change.Kind change, Need.Kind changes) {
            this.change = change;
            this.changes = changes;
        }

        /** What it is to a plant that stands there. */
        Change.Kind change() {
            return change;
        }

        /** What a stop gives otherwise then. */
        Need.Kind changes() {
            return changes;
        }

        /** Whether it serves all stops of the room. */
        boolean ofRoom() {
            return this == HUMIDIFIER || this == NIGHTS;
        }
    }

    /** @param at where it is set up */
    boolean serves(Stop at, Stop stop) {
        return stop.id().equals(at.id()) || what.ofRoom() && Households.sameRoom(at, stop);
    }

    /** What a stop has with this besides what it has. */
    Fitting with(Fitting other) {
        RoomAir air = other.air();
        return switch (what) {
            case LAMP -> new Fitting(amount, other.net(), air);
            case NET -> new Fitting(other.lamp(), true, air);
            case HUMIDIFIER -> new Fitting(other.lamp(), other.net(), new RoomAir(true, air.nights()));
            case NIGHTS -> new Fitting(other.lamp(), other.net(), new RoomAir(air.humidifier(), amount));
        };
    }
}
