package mildlantern.round;

import java.time.LocalDate;
import java.util.Optional;

/**
 * When things last happened to a plant.
 *
 * @param watered last watered
 * @param moist its medium last found moist or wet
 */
public record LastDone(
        Optional<LocalDate> watered,
        Optional<LocalDate> moist,
        Optional<LocalDate> looked,
        Optional<LocalDate> fed,
        Optional<LocalDate> repotted,
        Optional<LocalDate> putOff) {}
