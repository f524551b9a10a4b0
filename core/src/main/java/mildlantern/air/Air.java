package mildlantern.air;

import mildlantern.quantity.Limits;
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

    /** Pressure of the vapour that the air holds: saturation times relative humidity, kPa. */
    public static double vapourKpa(Temperature air, RelativeHumidity humidity) {
        return saturationKpa(air) * humidity.percent() / 100;
    }

    /**
     * Dew point: the temperature at which this vapour saturates; the inverse of {@link #saturationKpa}.
     *
     * @throws IllegalArgumentException if the air is bone-dry, as that has none
     */
    public static Temperature dewPoint(Temperature air, RelativeHumidity humidity) {
        if (humidity.percent() <= 0) {
            throw new IllegalArgumentException("bone-dry air has no dew point");
        }
        double log = Math.log(vapourKpa(air, humidity) / 0.6108);
        return new Temperature(237.3 * log / (17.27 - log));
    }

    /**
     * Absolute humidity: vapour pressure over the gas constant of water vapour (461.5 J/kgK) and temperature.
     *
     * @return g of water in a cubic metre of air
     */
    public static double gramsPerCubicMetre(Temperature air, RelativeHumidity humidity) {
        return vapourKpa(air, humidity) * 1e6 / (461.5 * (air.celsius() + 273.15));
    }

    /**
     * Humidity of air that is brought in and heated or cooled without losing or gaining water: its vapour pressure stays.
     *
     * @param outside temperature outside
     * @param humidity outside
     * @param inside temperature that it gets
     * @return at most 100 %, where some of its water would have to condense
     */
    public static RelativeHumidity broughtTo(Temperature outside, RelativeHumidity humidity, Temperature inside) {
        return new RelativeHumidity(Math.min(100, 100 * vapourKpa(outside, humidity) / saturationKpa(inside)));
    }

    /**
     * Water that holds a room at a humidity: volume · air changes · (water wanted − water that comes in with the air from outside), both at the
     * temperature of the room.
     *
     * @param cubicMetres volume of the room, m³
     * @param changesPerHour how often its air is replaced an hour, 0.1 to 10; a lived-in room about 0.5
     * @param inside temperature of the room
     * @param wanted humidity wanted
     * @param outside temperature outside
     * @param outsideHumidity humidity outside
     * @return g an hour; 0 where the air brings enough
     */
    public static double humidifierGramsPerHour(
            double cubicMetres,
            double changesPerHour,
            Temperature inside,
            RelativeHumidity wanted,
            Temperature outside,
            RelativeHumidity outsideHumidity) {
        Limits.require("volume", cubicMetres, 0.1, 100_000, "m³");
        Limits.require("air changes", changesPerHour, 0.1, 10, "an hour");
        double brought = gramsPerCubicMetre(inside, broughtTo(outside, outsideHumidity, inside));
        return Math.max(0, cubicMetres * changesPerHour * (gramsPerCubicMetre(inside, wanted) - brought));
    }
}
