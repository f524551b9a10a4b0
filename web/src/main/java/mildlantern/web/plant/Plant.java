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
        PlantId drawnFrom) {
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
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit.since(day, habit.bloomSince()),
                pot,
                counts,
                ending,
                mother,
                drawnFrom);
    }

    public Plant bloomingSince(@Nullable LocalDate day) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit.since(habit.acquiredOn(), day),
                pot,
                counts,
                ending,
                mother,
                drawnFrom);
    }

    /** Pot, medium and when it was potted; the diameter in cm, or null if not known. */
    public Plant potted(PotKind kind, @Nullable Double diameterCm, @Nullable String mediumId, @Nullable LocalDate day) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit,
                pot.with(kind, diameterCm, mediumId, day),
                counts,
                ending,
                mother,
                drawnFrom);
    }

    /** The pot's height in cm, or null for the usual; its reservoir in mL, or 0; since when this medium, or null. */
    public Plant pot(@Nullable Double heightCm, double reservoir, @Nullable LocalDate since) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit,
                pot.sized(heightCm, reservoir, since),
                counts,
                ending,
                mother,
                drawnFrom);
    }

    /** What it weighs wet through and bone dry, g; null for not known. */
    public Plant weighing(@Nullable Integer wet, @Nullable Integer dry) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit,
                pot.weighing(wet, dry),
                counts,
                ending,
                mother,
                drawnFrom);
    }

    /** How it is kept; anything may be null, for not known. */
    public Plant kept(
            @Nullable WaterSource water,
            @Nullable FeedStrength feed,
            @Nullable Boolean over,
            @Nullable Boolean outer,
            @Nullable Boolean holes) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit.kept(water, feed, over),
                pot.standing(outer, holes),
                counts,
                ending,
                mother,
                drawnFrom);
    }

    /** What can be counted on it: leaves (or fronds), growths (pitchers, canes), offsets, open flowers, buds. */
    public Plant counted(int leaves, int growths, int offsets, int flowers, int buds) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit,
                pot,
                new Counts(leaves, growths, offsets, flowers, buds),
                ending,
                mother,
                drawnFrom);
    }

    public Plant grown(Stage now) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit.grown(now, habit.leafClass()),
                pot,
                counts,
                ending,
                mother,
                drawnFrom);
    }

    public Plant leafy(LeafClass leaf) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit.grown(habit.stage(), leaf),
                pot,
                counts,
                ending,
                mother,
                drawnFrom);
    }

    /** What it is called beyond its kind, its number in the collection, where it came from; anything may be null. */
    public Plant named(@Nullable String cultivar, @Nullable String number, @Nullable String from) {
        return new Plant(
                id,
                collection,
                version,
                place,
                new LabelOfPlant(label.name(), cultivar, number, from),
                habit,
                pot,
                counts,
                ending,
                mother,
                drawnFrom);
    }

    public Plant renamed(String newName) {
        return new Plant(
                id,
                collection,
                version,
                place,
                new LabelOfPlant(newName, label.cultivar(), label.accession(), label.source()),
                habit,
                pot,
                counts,
                ending,
                mother,
                drawnFrom);
    }

    public Plant ofKind(String profileId, @Nullable GrowthForm plateForm) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit.ofKind(profileId, plateForm),
                pot,
                counts,
                ending,
                mother,
                drawnFrom);
    }

    /** Its middle on the stop's plan, cm from the left and from the glass; null for not placed by hand. */
    public Plant at(@Nullable Double x, @Nullable Double y) {
        return new Plant(
                id,
                collection,
                version,
                new PlaceOfPlant(place.stop(), place.placeOnStop(), x, y),
                label,
                habit,
                pot,
                counts,
                ending,
                mother,
                drawnFrom);
    }

    public Plant standingAt(StopId stop, int order) {
        return new Plant(
                id,
                collection,
                version,
                new PlaceOfPlant(stop, order, place.planX(), place.planY()),
                label,
                habit,
                pot,
                counts,
                ending,
                mother,
                drawnFrom);
    }

    public Plant from(PlantId motherId) {
        return new Plant(id, collection, version, place, label, habit, pot, counts, ending, motherId, drawnFrom);
    }

    public Plant ended(State how, @Nullable LocalDate day, @Nullable String cause) {
        return new Plant(
                id,
                collection,
                version,
                place,
                label,
                habit,
                pot,
                counts,
                new EndOfPlant(how, day, cause),
                mother,
                drawnFrom);
    }

    public String name() {
        return label.name();
    }

    public @Nullable String cultivar() {
        return label.cultivar();
    }

    public @Nullable String accession() {
        return label.accession();
    }

    public @Nullable String source() {
        return label.source();
    }

    public StopId stop() {
        return place.stop();
    }

    public int placeOnStop() {
        return place.placeOnStop();
    }

    public @Nullable Double planX() {
        return place.planX();
    }

    public @Nullable Double planY() {
        return place.planY();
    }

    public String profile() {
        return habit.profile();
    }

    public @Nullable GrowthForm form() {
        return habit.form();
    }

    public Stage stage() {
        return habit.stage();
    }

    public LeafClass leafClass() {
        return habit.leafClass();
    }

    public @Nullable WaterSource waterSource() {
        return habit.waterSource();
    }

    public @Nullable FeedStrength feedStrength() {
        return habit.feedStrength();
    }

    public @Nullable Boolean overTop() {
        return habit.overTop();
    }

    public @Nullable LocalDate acquiredOn() {
        return habit.acquiredOn();
    }

    public @Nullable LocalDate bloomSince() {
        return habit.bloomSince();
    }

    public PotKind potKind() {
        return pot.potKind();
    }

    public @Nullable Double potDiameterCm() {
        return pot.potDiameterCm();
    }

    public @Nullable Double potHeightCm() {
        return pot.potHeightCm();
    }

    public double reservoirMl() {
        return pot.reservoirMl();
    }

    public @Nullable String medium() {
        return pot.medium();
    }

    public @Nullable LocalDate pottedOn() {
        return pot.pottedOn();
    }

    public @Nullable LocalDate mediumSince() {
        return pot.mediumSince();
    }

    public @Nullable Boolean outerPot() {
        return pot.outerPot();
    }

    public @Nullable Boolean drainHoles() {
        return pot.drainHoles();
    }

    public @Nullable Integer wetGrams() {
        return pot.wetGrams();
    }

    public @Nullable Integer dryGrams() {
        return pot.dryGrams();
    }

    public int leaves() {
        return counts.leaves();
    }

    public int growths() {
        return counts.growths();
    }

    public int offsets() {
        return counts.offsets();
    }

    public int flowers() {
        return counts.flowers();
    }

    public int buds() {
        return counts.buds();
    }

    public State state() {
        return ending.state();
    }

    public @Nullable LocalDate endedOn() {
        return ending.endedOn();
    }

    public @Nullable String endedCause() {
        return ending.endedCause();
    }
}
