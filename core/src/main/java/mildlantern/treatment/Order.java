package mildlantern.treatment;

import java.time.LocalDate;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;
import mildlantern.mixing.Rate;

/**
 * Something that is to be used on a plant.
 *
 * @param means what
 * @param on the day
 * @param against id of the disorder
 * @param rate how strong, where it is mixed; the usual strength where nothing is said
 * @param inSun whether the sun will be on the plant
 * @param label the product's label, where it is one of the grower's own
 */
public record Order(
        Means means, LocalDate on, DisorderId against, Optional<Rate> rate, boolean inSun, Optional<Label> label) {
    /** The usual strength, out of the sun, of no product in particular. */
    public static Order of(Means means, LocalDate on, DisorderId against) {
        return new Order(means, on, against, means.rate(), false, Optional.empty());
    }
}
