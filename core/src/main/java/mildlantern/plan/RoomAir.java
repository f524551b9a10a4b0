package mildlantern.plan;

/**
 * How the air of a room is kept.
 *
 * @param humidifier whether one runs
 * @param nights by how much its nights are kept warmer, °C; below 0 cooler
 */
public record RoomAir(boolean humidifier, double nights) {
    public static final RoomAir AS_IT_IS = new RoomAir(false, 0);

    public boolean changes() {
        return !equals(AS_IT_IS);
    }
}
