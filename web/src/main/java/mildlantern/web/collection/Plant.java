package mildlantern.web.collection;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** One plant of a collection, as it is now; what happened to it stands in its happenings. */
@Entity
@NullUnmarked
public class Plant extends Row {
    @Column(name = "stop_id")
    private UUID stop;

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

    @Version
    private Long version;

    protected Plant() {}

    public Plant(UUID id, UUID collection, UUID stop, int placeOnStop, String name, String profile) {
        super(id, collection);
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

    public UUID stop() {
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
}
