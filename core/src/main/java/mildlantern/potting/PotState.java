package mildlantern.potting;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.plant.Medium;
import mildlantern.plant.PotKind;
import mildlantern.quantity.Limits;

/**
 * A pot and what is in it.
 *
 * @param pot what it is made of
 * @param acrossCm across its top, 2 to 200 cm
 * @param medium what is in it
 * @param months how long it has been in it, 0 or more, where that is known
 * @param roots how they look
 * @param signs what the pot shows
 * @param flowering whether the plant is in bud or in flower
 * @param pottedDaysAgo days since it was potted last, where that is known
 * @param cutting whether it is a cutting that has had no pot of its own yet
 */
public record PotState(
        PotKind pot,
        double acrossCm,
        Optional<Medium> medium,
        OptionalInt months,
        Roots roots,
        Set<PotSign> signs,
        boolean flowering,
        OptionalInt pottedDaysAgo,
        boolean cutting) {
    /**
     * @throws IllegalArgumentException if a figure lies outside its range
     */
    public PotState {
        Limits.require("pot", acrossCm, 2, 200, "cm");
        months.ifPresent(age -> Limits.require("months", age, 0, 1200, ""));
        pottedDaysAgo.ifPresent(days -> Limits.require("days", days, 0, 36_500, ""));
        signs = Set.copyOf(signs);
    }

    boolean shows(PotSign sign) {
        return signs.contains(sign);
    }

    /** Whether the medium has lasted longer than it does at its best. */
    boolean spent() {
        return medium.isPresent()
                && months.isPresent()
                && months.getAsInt() > medium.get().lifeMonths().high();
    }

    /** Whether the medium is as old as it may last. */
    boolean ageing() {
        return medium.isPresent()
                && months.isPresent()
                && months.getAsInt() >= medium.get().lifeMonths().low();
    }
}
