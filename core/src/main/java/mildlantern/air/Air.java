package mildlantern.air;

import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.quantity.VapourPressureDeficit;

/** What air at a temperature and humidity does to leaves. */
public final class Air {
    private Air() {}

    /**
     * Saturation vapour pressure over water: 0.6108 · exp(17.27 T / (T + 237.3)).
     *
     * <p>Source: Tetens (1930), in the form of Allen et al. (1998), FAO Irrigation and Drainage Paper 56, equation 11. Within
     * 0.5 % of tables between 0 and 50 °C; below 0 °C it is the pressure over supercooled water.
     *
     * @param air temperature of the air
     * @return kPa
     */
    public static double saturationKpa(Temperature air) {
        return 0.6108 * Math.exp(17.27 * air.celsius() / (air.celsius() + 237.3));
    }

    /**
     * Vapour pressure deficit: saturation pressure times what is missing to 100 % humidity (FAO paper 56, equation 17 and the
     * text after it, for air that is measured at one temperature).
     */
    public static VapourPressureDeficit deficit(Temperature air, RelativeHumidity humidity) {
        return new VapourPressureDeficit(saturationKpa(air) * (1 - humidity.percent() / 100));
    }
}
