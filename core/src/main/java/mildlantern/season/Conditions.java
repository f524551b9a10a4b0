package mildlantern.season;

import java.time.LocalDate;
import java.util.OptionalDouble;

/** What a plant had where it stood, day by day, and for days to come what is to be expected there; what is not known is empty. */
public interface Conditions {
    /** Light of the day, mol/m². */
    OptionalDouble light(LocalDate day);

    /** Temperature by day, °C. */
    OptionalDouble day(LocalDate day);

    /** Lowest temperature of the night, °C. */
    OptionalDouble night(LocalDate day);

    /** Hours of lamplight; 0 where there is no lamp. */
    double lampHours(LocalDate day);

    /** Nothing is known. */
    Conditions UNKNOWN = new Conditions() {
        @Override
        public OptionalDouble light(LocalDate day) {
            return OptionalDouble.empty();
        }

        @Override
        public OptionalDouble day(LocalDate day) {
            return OptionalDouble.empty();
        }

        @Override
        public OptionalDouble night(LocalDate day) {
            return OptionalDouble.empty();
        }

        @Override
        public double lampHours(LocalDate day) {
            return 0;
        }
    };
}
