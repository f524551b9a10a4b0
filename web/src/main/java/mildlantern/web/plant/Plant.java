package mildlantern.web.plant;

import java.time.LocalDate;
import mildlantern.place.StopId;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.water.LeafClass;
import mildlantern.web.platform.CollectionId;
import org.jspecify.annotations.Nullable;
import org.springframework.lang.CheckReturnValue;

/**
 * One plant of a collection, as it is now; what happened to it stands in its log. A change gives another record, which {@link Plants} stores.
 *
 * @param version how often it was changed; below 0 before it is stored
 * @param mother the plant it came of
 * @param drawnFrom what its drawing is made from: its own id, or the one it had where it came from
 */
@CheckReturnValue
public record Plant(
        PlantId id,
        CollectionId collection,
        long version,
        PlaceOfPlant place,
        LabelOfPlant label,
        HabitOfPlant habit,
        Pot pot,
        Counts counts,
        EndOfPlant ending,
        @Nullable PlantId mother,
        PlantId drawnFrom)
        implements PlantParts {
    private static final double USUAL_POT_CM = 13;
    private static final long NEW = -1;

    /** Whether a plant is still kept. */
    public enum State {
        ALIVE,
        RETIRED,
        LOST,
        WITHDRAWN
    }

    /** A new one. */
    public Plant(PlantId id, CollectionId collection, StopId stop, int placeOnStop, String name, String profile) {
        this(
                id,
                collection,
                NEW,
                new PlaceOfPlant(stop, placeOnStop, null, null),
                new LabelOfPlant(name, null, null, null),
                HabitOfPlant.of(profile),
                Pot.USUAL,
                Counts.NONE,
                EndOfPlant.NONE,
                null,
                id);
    }

    public boolean isNew() {
        return version < 0;
    }

    public boolean alive() {
        return ending.state() == State.ALIVE;
    }

    /** Across the pot's top, cm; the commonest size where it was not measured. */
    public double acrossCm() {
        return pot.potDiameterCm() == null ? USUAL_POT_CM : pot.potDiameterCm();
    }

    public Plant acquired(@Nullable LocalDate day) {
        return with(habit.since(day, habit.bloomSince()));
    }

    public Plant bloomingSince(@Nullable LocalDate day) {
        return with(habit.since(habit.acquiredOn(), day));
    }

    /** Pot, medium and when it was potted; the diameter in cm, or null if not known. */
    public Plant potted(PotKind kind, @Nullable Double diameterCm, @Nullable String mediumId, @Nullable LocalDate day) {
        return with(pot.with(kind, diameterCm, mediumId, day));
    }

    /** The pot's height in cm, or null for the usual; its reservoir in mL, or 0; since when this medium, or null. */
    public Plant pot(@Nullable Double heightCm, double reservoir, @Nullable LocalDate since) {
        return with(pot.sized(heightCm, reservoir, since));
    }

    /** What it weighs wet through and bone dry, g; null for not known. */
    public Plant weighing(@Nullable Integer wet, @Nullable Integer dry) {
        return with(pot.weighing(wet, dry));
    }

    /** How it is kept; anything may be null, for not known. */
    public Plant kept(
            @Nullable WaterSource water,
            @Nullable FeedStrength feed,
            @Nullable Boolean over,
            @Nullable Boolean outer,
            @Nullable Boolean holes) {
        return with(habit.kept(water, feed, over)).with(pot.standing(outer, holes));
    }

    /** What can be counted on it: leaves (or fronds), growths (pitchers, canes), offsets, open flowers, buds. */
    public Plant counted(int leaves, int growths, int offsets, int flowers, int buds) {
        return with(new Counts(leaves, growths, offsets, flowers, buds));
    }

    public Plant grown(Stage now) {
        return with(habit.grown(now, habit.leafClass()));
    }

    public Plant leafy(LeafClass leaf) {
        return with(habit.grown(habit.stage(), leaf));
    }

    /** What it is called beyond its kind, its number in the collection, where it came from; anything may be null. */
    public Plant named(@Nullable String cultivar, @Nullable String number, @Nullable String from) {
        return with(new LabelOfPlant(label.name(), cultivar, number, from));
    }

    public Plant renamed(String newName) {
        return with(new LabelOfPlant(newName, label.cultivar(), label.accession(), label.source()));
    }

    public Plant ofKind(String profileId, @Nullable GrowthForm plateForm) {
        return with(habit.ofKind(profileId, plateForm));
    }

    /** Its middle on the stop's plan, cm from the left and from the glass; null for not placed by hand. */
    public Plant at(@Nullable Double x, @Nullable Double y) {
        return with(new PlaceOfPlant(place.stop(), place.placeOnStop(), x, y));
    }

    public Plant standingAt(StopId stop, int order) {
        return with(new PlaceOfPlant(stop, order, place.planX(), place.planY()));
    }

    public Plant from(PlantId motherId) {
        return new Plant(id, collection, version, place, label, habit, pot, counts, ending, motherId, drawnFrom);
    }

    public Plant ended(State how, @Nullable LocalDate day, @Nullable String cause) {
        return with(new EndOfPlant(how, day, cause));
    }

    private Plant with(PlaceOfPlant now) {
        return new Plant(id, collection, version, now, label, habit, pot, counts, ending, mother, drawnFrom);
    }

    private Plant with(LabelOfPlant now) {
        return new Plant(id, collection, version, place, now, habit, pot, counts, ending, mother, drawnFrom);
    }

    private Plant with(HabitOfPlant now) {
        return new Plant(id, collection, version, place, label, now, pot, counts, ending, mother, drawnFrom);
    }

    private Plant with(Pot now) {
        return new Plant(id, collection, version, place, label, habit, now, counts, ending, mother, drawnFrom);
    }

    private Plant with(Counts now) {
        return new Plant(id, collection, version, place, label, habit, pot, now, ending, mother, drawnFrom);
    }

    private Plant with(EndOfPlant now) {
        return new Plant(id, collection, version, place, label, habit, pot, counts, now, mother, drawnFrom);
    }
}
