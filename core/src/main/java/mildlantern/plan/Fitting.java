package mildlantern.plan;

/**
 * What is put up at a stop, and how the air of its room is kept.
 *
 * @param lamp what a lamp adds on the leaves, µmol/m² s; 0 for none
 * @param net whether one hangs before the glass
 */
public record Fitting(double lamp, boolean net, RoomAir air) {
    public static final Fitting NONE = new Fitting(0, false, RoomAir.AS_IT_IS);

    static Fitting lamp(double ppfd) {
        return new Fitting(ppfd, false, RoomAir.AS_IT_IS);
    }

    static Fitting shade() {
        return new Fitting(0, true, RoomAir.AS_IT_IS);
    }

    /** Whether a lamp or a net is put up. */
    public boolean hangs() {
        return lamp > 0 || net;
    }

    Fitting in(RoomAir other) {
        return new Fitting(lamp, net, other);
    }

    /** The same lamp or net in air that is left as it is. */
    Fitting alone() {
        return in(RoomAir.AS_IT_IS);
    }
}
