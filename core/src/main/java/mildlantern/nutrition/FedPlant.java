package mildlantern.nutrition;

import mildlantern.plant.Stage;

/**
 * What is counted on a plant and known of its place, for its feed.
 *
 * @param leaves that are counted; 0 where nobody counted
 * @param growths likewise: pitchers or traps of a carnivorous plant
 * @param stage how far it has grown
 * @param acrossCm across its pot, cm: what it has room for
 * @param outdoors whether it stands outdoors, where traps catch their own
 */
public record FedPlant(int leaves, int growths, Stage stage, double acrossCm, boolean outdoors) {
    /** Nothing was counted on a grown plant indoors in a pot of the commonest size. */
    public static final FedPlant UNKNOWN = new FedPlant(0, 0, Stage.ADULT, 13, false);
}
