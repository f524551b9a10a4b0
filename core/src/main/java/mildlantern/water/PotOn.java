package mildlantern.water;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What a plant stands in from a day on.
 *
 * @param from the first day
 * @param scale what it weighs wet through and bone dry, where both are known
 */
public record PotOn(LocalDate from, PotOfPlant pot, Optional<Scale> scale) {
    /** One pot for all time. */
    public static PotOn always(PotOfPlant pot) {
        return new PotOn(LocalDate.MIN, pot, Optional.empty());
    }
}
