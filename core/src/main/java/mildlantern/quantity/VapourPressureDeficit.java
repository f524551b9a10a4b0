package mildlantern.quantity;

/**
 * How much more vapour the air could take up: the pull on a leaf's water.
 *
 * @param kilopascal from 0 to 25 kPa (25 kPa is bone-dry air at 65 °C)
 */
public record VapourPressureDeficit(double kilopascal) {
    /**
     * @throws IllegalArgumentException if the value lies outside 0 to 25 kPa
     */
    public VapourPressureDeficit {
        Limits.require("vapour pressure deficit", kilopascal, 0, 25, "kPa");
    }
}
