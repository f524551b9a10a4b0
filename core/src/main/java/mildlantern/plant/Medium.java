package mildlantern.plant;

import mildlantern.quantity.Range;

/**
 * A potting medium.
 *
 * @param id its id, as in {@code bark}
 * @param name its name in a sentence
 * @param lifeMonths months until it has usually broken down
 * @param holds water held at container capacity, share of the volume of the pot, 0 to 1
 * @param available share of that which roots can take, 0 to 1
 * @param keepsDry share of what is poured that stays in it when it is dry, 0 to 1
 * @param surface lost a day by its wet, open surface in still air at 1 kPa, mL/cm²
 * @param falls power of saturation with which that falls as it dries, 1 to 2
 * @param least share of the available water under which it is not let dry, as it hardly takes up water again
 * @param wicks whether it draws water up from a wick or a tray
 */
public record Medium(
        String id,
        String name,
        Range lifeMonths,
        Range holds,
        double available,
        double keepsDry,
        double surface,
        double falls,
        double least,
        boolean wicks) {
    /** Id of what is no medium: the plant is tied to wood or cork. */
    public static final String MOUNTED = "mounted";
}
