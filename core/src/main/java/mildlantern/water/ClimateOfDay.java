package mildlantern.water;

import java.time.LocalDate;

/** The climate where the plant stood, day by day. */
@FunctionalInterface
public interface ClimateOfDay {
    Climate on(LocalDate day);
}
