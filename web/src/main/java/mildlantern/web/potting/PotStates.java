package mildlantern.web.potting;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Stage;
import mildlantern.potting.PotSign;
import mildlantern.potting.PotState;
import mildlantern.potting.Roots;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The pots of plants, as the rules of repotting see them. */
@Component
public class PotStates {
    private final Plants plants;
    private final PlantKnowledge knowledge;
    private final Clock clock;

    PotStates(Plants plants, PlantKnowledge knowledge, Clock clock) {
        this.plants = plants;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /**
     * What was seen of a pot.
     *
     * @param flowering whether the plant is in bud or in flower; its counts where nobody said
     */
    public record Seen(Roots roots, Set<PotSign> signs, Optional<Boolean> flowering) {
        /** Nobody looked. */
        public static final Seen NOTHING = new Seen(Roots.NOT_SEEN, Set.of(), Optional.empty());
    }

    /** The pot of a plant as its record has it, with what was seen of it. */
    @Transactional(readOnly = true)
    public PotState of(Plant plant, Seen seen) {
        LocalDate today = LocalDate.now(clock);
        Profile kind = plants.profile(plant);
        Optional<Medium> medium =
                knowledge.medium(Optional.ofNullable(plant.medium()).orElse(kind.usualMedium()));
        return new PotState(
                plant.potKind(),
                plant.acrossCm(),
                medium,
                plant.mediumSince() == null
                        ? OptionalInt.empty()
                        : OptionalInt.of((int) Math.max(0, ChronoUnit.MONTHS.between(plant.mediumSince(), today))),
                seen.roots(),
                seen.signs(),
                seen.flowering().orElse(plant.flowers() > 0 || plant.buds() > 0),
                plant.pottedOn() == null
                        ? OptionalInt.empty()
                        : OptionalInt.of((int) Math.max(0, ChronoUnit.DAYS.between(plant.pottedOn(), today))),
                plant.stage() == Stage.CUTTING);
    }
}
