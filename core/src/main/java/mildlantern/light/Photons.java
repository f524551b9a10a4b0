package mildlantern.light;

import mildlantern.quantity.Limits;

/** Light counted in photons, from lux, foot-candles and hours. */
public final class Photons {
    /** Lux in a foot-candle: a lumen on a square foot of 0.3048 m (exact). */
    public static final double LUX_PER_FOOT_CANDLE = 1 / (0.3048 * 0.3048);

    private static final double SECONDS_AN_HOUR = 3600;
    private static final double MICRO = 1e6;

    private Photons() {}

    /**
     * Daily light: PPFD · 3600 · hours / 10⁶.
     *
     * @param ppfd µmol/m²s, 0 to 3000
     * @param hours of this light a day, 0 to 24
     * @return mol/m² and day
     */
    public static double daily(double ppfd, double hours) {
        Limits.require("light", ppfd, 0, 3000, "µmol/m²s");
        Limits.require("hours", hours, 0, 24, "h");
        return ppfd * SECONDS_AN_HOUR * hours / MICRO;
    }

    /**
     * Hours of a lamp that make up a shortfall.
     *
     * @param shortfall mol/m² and day, 0 or more
     * @param ppfd of the lamp at the leaf, µmol/m²s, above 0
     * @return hours; above 24 where the lamp is too weak
     */
    public static double hoursFor(double shortfall, double ppfd) {
        Limits.require("shortfall", shortfall, 0, 80, "mol/m² and day");
        Limits.require("light of the lamp", ppfd, 0.1, 3000, "µmol/m²s");
        return shortfall * MICRO / (ppfd * SECONDS_AN_HOUR);
    }

    /**
     * Light of a small lamp at another distance, by the inverse square; a long tube close by falls more slowly.
     *
     * @param ppfd read at the first distance, µmol/m²s
     * @param fromCm that distance, cm
     * @param toCm the other distance, cm
     */
    public static double atDistance(double ppfd, double fromCm, double toCm) {
        Limits.require("distance", fromCm, 1, 500, "cm");
        Limits.require("distance", toCm, 1, 500, "cm");
        return ppfd * (fromCm / toCm) * (fromCm / toCm);
    }
}
