package mildlantern.season;

import java.time.LocalDate;
import mildlantern.plant.GrowthSign;
import mildlantern.plant.Phase;

/** What a grower saw or said of a plant's year. */
public sealed interface Mark {
    LocalDate on();

    /** Seen. */
    record Seen(LocalDate on, GrowthSign what) implements Mark {}

    /** The first flower opened, or the last one went. */
    record Bloom(LocalDate on, boolean opened) implements Mark {}

    /** Said: it stands against all else. */
    record Said(LocalDate on, Phase phase) implements Mark {}
}
