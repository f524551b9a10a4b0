package mildlantern.web.plant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
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
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** One plant of a collection, as it is now; what happened to it stands in its happenings. */
@Entity
@NullUnmarked
public class Plant extends Row {
    private static final double USUAL_POT_CM = 13;

    @Column(name = "stop_id")
    private StopId stop;

    private int placeOnStop;
    private String name;
    private String profile;

    @Enumerated(EnumType.STRING)
    private Stage stage = Stage.ADULT;

    private LocalDate acquiredOn;
    private Double potDiameterCm;

    @Enumerated(EnumType.STRING)
    private PotKind potKind = PotKind.PLASTIC;

    private String medium;
    private LocalDate pottedOn;
    private Boolean outerPot;
    private Boolean drainHoles;

    @Enumerated(EnumType.STRING)
    private WaterSource waterSource;

    private Boolean overTop;

    @Enumerated(EnumType.STRING)
    private FeedStrength feedStrength;

    private int leaves;
    private int growths;
    private int offsets;
    private int flowers;
    private int buds;
    private LocalDate bloomSince;

    private String cultivar;
    private String accession;
    private String source;
    private Double potHeightCm;
    private double reservoirMl;
    private LocalDate mediumSince;

    @Enumerated(EnumType.STRING)
    private LeafClass leafClass = LeafClass.USUAL;

    @Enumerated(EnumType.STRING)
    private GrowthForm form;

    @Column(name = "plan_x")
    private Double planX;

    @Column(name = "plan_y")
    private Double planY;

    @Column(name = "mother_id")
    private PlantId mother;

    private PlantId drawnFrom;
    private Integer wetGrams;
    private Integer dryGrams;

    @Enumerated(EnumType.STRING)
    private State state = State.ALIVE;

    private LocalDate endedOn;
    private String endedCause;

    @Version
    private Long version;

    /** Whether a plant is still kept. */
    public enum State {
        ALIVE,
        RETIRED,
        LOST,
        WITHDRAWN
    }

    protected Plant() {}

    public Plant(PlantId id, CollectionId collection, StopId stop, int placeOnStop, String name, String profile) {
        super(id.value(), collection);
        this.stop = stop;
        this.placeOnStop = placeOnStop;
        this.name = name;
        this.profile = profile;
    }

    public Plant acquired(LocalDate day) {
        this.acquiredOn = day;
        return this;
    }

    /** Pot, medium and when it was potted; the diameter in cm, or null if not known. */
    public Plant potted(PotKind kind, Double diameterCm, String mediumId, LocalDate day) {
        this.potKind = kind;
        this.potDiameterCm = diameterCm;
        this.medium = mediumId;
        this.pottedOn = day;
        return this;
    }

    /** How it is kept; anything may be null, for not known. */
    public Plant kept(WaterSource water, FeedStrength feed, Boolean over, Boolean outer, Boolean holes) {
        this.waterSource = water;
        this.feedStrength = feed;
        this.overTop = over;
        this.outerPot = outer;
        this.drainHoles = holes;
        return this;
    }

    /** What can be counted on it: leaves (or fronds), growths (pitchers, canes), offsets, open flowers, buds. */
    public Plant counted(int leafCount, int growthCount, int offsetCount, int flowerCount, int budCount) {
        this.leaves = leafCount;
        this.growths = growthCount;
        this.offsets = offsetCount;
        this.flowers = flowerCount;
        this.buds = budCount;
        return this;
    }

    public Plant bloomingSince(LocalDate day) {
        this.bloomSince = day;
        return this;
    }

    public Plant grown(Stage now) {
        this.stage = now;
        return this;
    }

    /** What it is called beyond its kind, its number in the collection, where it came from; anything may be null. */
    public Plant named(String cultivarName, String number, String from) {
        this.cultivar = cultivarName;
        this.accession = number;
        this.source = from;
        return this;
    }

    public Plant renamed(String newName) {
        this.name = newName;
        return this;
    }

    public Plant ofKind(String profileId, GrowthForm plateForm) {
        this.profile = profileId;
        this.form = plateForm;
        return this;
    }

    /** The pot's height in cm, or null for the usual; its reservoir in mL, or 0; since when this medium, or null. */
    public Plant pot(Double heightCm, double reservoir, LocalDate since) {
        this.potHeightCm = heightCm;
        this.reservoirMl = reservoir;
        this.mediumSince = since;
        return this;
    }

    public Plant leafy(LeafClass leaf) {
        this.leafClass = leaf;
        return this;
    }

    /** Its middle on the stop's plan, cm from the left and from the glass; null for not placed by hand. */
    public Plant at(Double x, Double y) {
        this.planX = x;
        this.planY = y;
        return this;
    }

    public Plant standingAt(StopId stopId, int place) {
        this.stop = stopId;
        this.placeOnStop = place;
        return this;
    }

    public Plant from(PlantId motherId) {
        this.mother = motherId;
        return this;
    }

    /** What it weighs wet through and bone dry, g; null for not known. */
    public Plant weighing(Integer wet, Integer dry) {
        this.wetGrams = wet;
        this.dryGrams = dry;
        return this;
    }

    public Plant ended(State how, LocalDate day, String cause) {
        this.state = how;
        this.endedOn = day;
        this.endedCause = cause;
        return this;
    }

    public String cultivar() {
        return cultivar;
    }

    public String accession() {
        return accession;
    }

    public String source() {
        return source;
    }

    public Double potHeightCm() {
        return potHeightCm;
    }

    public double reservoirMl() {
        return reservoirMl;
    }

    public LocalDate mediumSince() {
        return mediumSince;
    }

    public LeafClass leafClass() {
        return leafClass;
    }

    public GrowthForm form() {
        return form;
    }

    public Double planX() {
        return planX;
    }

    public Double planY() {
        return planY;
    }

    public PlantId mother() {
        return mother;
    }

    /** What its drawing is made from: its own id, or the one it had where it came from. */
    public PlantId drawnFrom() {
        return drawnFrom == null ? id() : drawnFrom;
    }

    public Integer wetGrams() {
        return wetGrams;
    }

    public Integer dryGrams() {
        return dryGrams;
    }

    public long version() {
        return version == null ? 0 : version;
    }

    public State state() {
        return state;
    }

    public boolean alive() {
        return state == State.ALIVE;
    }

    public LocalDate endedOn() {
        return endedOn;
    }

    public String endedCause() {
        return endedCause;
    }

    public StopId stop() {
        return stop;
    }

    public int placeOnStop() {
        return placeOnStop;
    }

    public String name() {
        return name;
    }

    public String profile() {
        return profile;
    }

    public Stage stage() {
        return stage;
    }

    public LocalDate acquiredOn() {
        return acquiredOn;
    }

    public Double potDiameterCm() {
        return potDiameterCm;
    }

    /** Across the pot's top, cm; the commonest size where it was not measured. */
    public double acrossCm() {
        return potDiameterCm == null ? USUAL_POT_CM : potDiameterCm;
    }

    public PotKind potKind() {
        return potKind;
    }

    public String medium() {
        return medium;
    }

    public LocalDate pottedOn() {
        return pottedOn;
    }

    public Boolean outerPot() {
        return outerPot;
    }

    public Boolean drainHoles() {
        return drainHoles;
    }

    public WaterSource waterSource() {
        return waterSource;
    }

    public Boolean overTop() {
        return overTop;
    }

    public FeedStrength feedStrength() {
        return feedStrength;
    }

    public int leaves() {
        return leaves;
    }

    public int growths() {
        return growths;
    }

    public int offsets() {
        return offsets;
    }

    public int flowers() {
        return flowers;
    }

    public int buds() {
        return buds;
    }

    public LocalDate bloomSince() {
        return bloomSince;
    }

    public PlantId id() {
        return new PlantId(key());
    }
}
