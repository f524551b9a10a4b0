package mildlantern.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.plant.Profile;

/**
 * The plant that is to be treated, and its place, as far as they decide what may be used.
 *
 * @param profile its kind
 * @param flowering whether it is in flower
 * @param thirsty whether it wants water now
 * @param celsius mean air temperature at its stop, °C
 * @param humidity mean relative humidity there, percent
 * @param sunny whether the sun reaches it at some time of day
 * @param holds what must not be done meanwhile
 * @param uses what was used on it in the last year
 */
public record Situation(
        Profile profile,
        boolean flowering,
        boolean thirsty,
        double celsius,
        OptionalDouble humidity,
        boolean sunny,
        Set<Hold> holds,
        List<Use> uses) {

    /**
     * One use of a means.
     *
     * @param means its id
     * @param on when
     * @param group mode-of-action group, where it has one
     * @param product whether it is a product with a label
     */
    public record Use(String means, LocalDate on, Optional<String> group, boolean product) {}

    /** The same with one more use. */
    Situation after(Use use) {
        List<Use> all = new ArrayList<>(uses);
        all.add(use);
        return new Situation(profile, flowering, thirsty, celsius, humidity, sunny, holds, List.copyOf(all));
    }
}
