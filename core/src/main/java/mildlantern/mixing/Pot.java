package mildlantern.mixing;

import mildlantern.quantity.Limits;

/** What a round pot's size comes to. */
public final class Pot {
    private Pot() {}

    /**
     * Area of the surface: π d² / 4.
     *
     * @param diameterCm diameter at the surface, 1 to 150 cm
     * @return m²
     */
    public static double surfaceSquareMetres(double diameterCm) {
        double metres = Limits.require("diameter of the pot", diameterCm, 1, 150, "cm") / 100;
        return Math.PI * metres * metres / 4;
    }

    /**
     * Granules for one pot, by surface.
     *
     * @param gramsPerSquareMetre label rate, g/m²
     * @param diameterCm diameter at the surface, cm
     * @return g
     */
    public static double granules(double gramsPerSquareMetre, double diameterCm) {
        return Limits.require("granules", gramsPerSquareMetre, 0, 10_000, "g/m²") * surfaceSquareMetres(diameterCm);
    }
}
