package mildlantern.mixing;

import mildlantern.message.MessageKey;

/** A unit of ground as labels have it; the foot is 0.3048 m (exact). */
public enum Area implements MessageKey {
    SQUARE_METRE(1),
    SQUARE_FOOT(0.3048 * 0.3048),
    HECTARE(10_000),
    ACRE(43_560 * 0.3048 * 0.3048);

    private final double squareMetres;

    Area(double squareMetres) {

        this.squareMetres = squareMetres;
    }

    public double squareMetres(double amount) {
        return amount * squareMetres;
    }
}
