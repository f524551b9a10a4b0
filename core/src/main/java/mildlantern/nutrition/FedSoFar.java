package mildlantern.nutrition;

/**
 * What is known of a plant for its feed.
 *
 * @param leaves that are counted; likewise growths: pitchers of a pitcher plant
 * @param pausedDays days since the last feed before the present run of feeds; 0 where there was no feed yet
 * @param feedsSince feeds since that pause
 */
public record FedSoFar(int leaves, int growths, int pausedDays, int feedsSince) {
    /** Nothing was counted, and nothing is known of earlier feeds. */
    public static final FedSoFar NOTHING = new FedSoFar(0, 0, 0, 0);
}
