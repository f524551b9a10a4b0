package mildlantern.nutrition;

/**
 * What is known of a plant for its feed.
 *
 * @param plant what is counted on it, and where it stands
 * @param pausedDays days since the last feed before the present run of feeds; 0 where there was no feed yet
 * @param feedsSince feeds since that pause
 */
public record FedSoFar(FedPlant plant, int pausedDays, int feedsSince) {
    /** Nothing was counted, and nothing is known of earlier feeds. */
    public static final FedSoFar NOTHING = never(FedPlant.UNKNOWN);

    /** A plant of which no earlier feed is known. */
    public static FedSoFar never(FedPlant plant) {
        return new FedSoFar(plant, 0, 0);
    }
}
