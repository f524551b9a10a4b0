package mildlantern.water;

import java.time.LocalDate;

/** What a pot stood in, day by day. */
@FunctionalInterface
public interface ClimateOfDay {
    Climate on(LocalDate day);

    /** The share of its usual leaf work that the plant does at its time of the year, 0 to 1. */
    default double atWork(LocalDate day) {
        return 1;
    }
}
