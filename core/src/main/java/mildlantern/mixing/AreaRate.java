package mildlantern.mixing;

import mildlantern.quantity.Limits;

/**
 * A drench by ground: so much product in so much water on so much ground, brought down to one pot by its surface.
 *
 * @param product mL or g of product
 * @param kind whether that is mL or g
 * @param litres water it goes into, L
 * @param squareMetres ground that it is for, m²
 */
public record AreaRate(double product, Measure.Kind kind, double litres, double squareMetres) {
    /**
     * @throws IllegalArgumentException if a value is not above 0
     */
    public AreaRate {
        Limits.require("product", product, 1e-6, 1e7, kind.unit());
        Limits.require("water", litres, 1e-3, 1e6, "L");
        Limits.require("ground", squareMetres, 1e-4, 1e6, "m²");
    }

    /** Strength of the drench, mL or g in a litre. */
    public double perLitre() {
        return product / litres;
    }

    /** Drench on a square metre, L. */
    public double litresPerSquareMetre() {
        return litres / squareMetres;
    }

    /**
     * Drench for one pot.
     *
     * @param diameterCm diameter of the pot at the surface, cm
     * @return mL
     */
    public double millilitresFor(double diameterCm) {
        return litresPerSquareMetre() * Pot.surfaceSquareMetres(diameterCm) * 1000;
    }

    /** Product that one pot gets, mL or g. */
    public double productFor(double diameterCm) {
        return product / squareMetres * Pot.surfaceSquareMetres(diameterCm);
    }
}
