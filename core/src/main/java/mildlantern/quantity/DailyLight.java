package mildlantern.quantity;

/**
 * Daily light integral: photons that a plant can use, summed over a day.
 *
 * @param molPerSquareMetre from 0 to 80 mol/m² and day (70 is a cloudless midsummer day outdoors)
 */
public record DailyLight(double molPerSquareMetre) {
    /**
     * @throws IllegalArgumentException if the value lies outside 0 to 80 mol/m² and day
     */
    public DailyLight {
        Limits.require("daily light", molPerSquareMetre, 0, 80, "mol/m² and day");
    }
}
