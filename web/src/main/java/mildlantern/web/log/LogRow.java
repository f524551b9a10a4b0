package mildlantern.web.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.UUID;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.SprayKind;
import mildlantern.plant.WaterSource;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** Something that happened to a plant on a day. Written once, never changed. */
@Entity
@Table(name = "happening")
@NullUnmarked
public class LogRow extends Row {
    @Column(name = "plant_id")
    private PlantId plant;

    @Enumerated(EnumType.STRING)
    private LogKind kind;

    private LocalDate onDay;
    private Integer amountMl;
    private String detail;
    private Double temperatureStep;
    private Double lightRatio;

    @Enumerated(EnumType.STRING)
    private SprayKind spray;

    private String means;

    @Enumerated(EnumType.STRING)
    private WaterSource water;

    @Enumerated(EnumType.STRING)
    private LogEntry.Way way;

    @Enumerated(EnumType.STRING)
    private LogEntry.Felt found;

    @Enumerated(EnumType.STRING)
    private LogEntry.Wetness top;

    @Enumerated(EnumType.STRING)
    private LogEntry.Wetness middle;

    @Enumerated(EnumType.STRING)
    private LogEntry.Wetness bottom;

    private Integer grams;

    @Enumerated(EnumType.STRING)
    private LogEntry.Yardstick yardstick;

    private String product;
    private Double mgNitrogen;
    private Double diameterCm;
    private String medium;
    private StopId fromStop;
    private StopId toStop;

    @Enumerated(EnumType.STRING)
    private LogEntry.Counted counted;

    private Integer number;
    private Double granuleGrams;
    private Double lengthCm;
    private EntryId undoes;
    private String beforeState;
    private BatchId batch;
    private OffsetDateTime writtenAt;

    protected LogRow() {}

    public LogRow(Plant plant, LogKind kind, LocalDate onDay, OffsetDateTime writtenAt) {
        super(UUID.randomUUID(), plant.collection());
        this.plant = plant.id();
        this.kind = kind;
        this.onDay = onDay;
        this.writtenAt = writtenAt;
    }

    /** An entry of the log as it is stored. */
    public static LogRow of(Plant plant, LocalDate onDay, LogEntry entry, OffsetDateTime writtenAt) {
        return new EntryColumns(plant, onDay, writtenAt).of(entry);
    }

    /** The entry that this row stores; empty for what is no entry of its own, as a photo or a taking back. */
    public Optional<LogEntry> entry() {
        return EntryColumns.entry(this);
    }

    public LogRow undoing(LogRow other) {
        this.undoes = other.id();
        return this;
    }

    /** What of the plant this entry changed was before, as written by {@link PlantState}. */
    public LogRow over(String before) {
        this.beforeState = before;
        return this;
    }

    public LogRow inBatch(BatchId id) {
        this.batch = id;
        return this;
    }

    LogRow watered(WaterSource source, LogEntry.Way how, LogEntry.Felt felt) {
        this.water = source;
        this.way = how;
        this.found = felt;
        return this;
    }

    LogRow numbered(Integer count) {
        this.number = count;
        return this;
    }

    LogRow laid(String with, double weight) {
        this.product = with;
        this.granuleGrams = weight;
        return this;
    }

    LogRow measuring(double length) {
        this.lengthCm = length;
        return this;
    }

    LogRow probed(LogEntry.Wetness above, LogEntry.Wetness halfway, LogEntry.Wetness below) {
        this.top = above;
        this.middle = halfway;
        this.bottom = below;
        return this;
    }

    LogRow weighed(int weight, LogEntry.Yardstick as) {
        this.grams = weight;
        this.yardstick = as;
        return this;
    }

    LogRow fed(String with, Double mg) {
        this.product = with;
        this.mgNitrogen = mg;
        return this;
    }

    LogRow repotted(Double diameter, String into) {
        this.diameterCm = diameter;
        this.medium = into;
        return this;
    }

    LogRow between(StopId from, StopId to) {
        this.fromStop = from;
        this.toStop = to;
        return this;
    }

    LogRow counted(LogEntry.Counted what, Integer howMany) {
        this.counted = what;
        this.number = howMany;
        return this;
    }

    /** How much, in mL; null for not measured. */
    public LogRow amount(Integer ml) {
        this.amountMl = ml;
        return this;
    }

    public LogRow detail(String text) {
        this.detail = text;
        return this;
    }

    /** By how many °C and to how many times the light it changed; null for not known. */
    public LogRow change(Double celsius, Double light) {
        this.temperatureStep = celsius;
        this.lightRatio = light;
        return this;
    }

    LogRow treated(SprayKind kind, String usedMeans, String usedProduct) {
        this.spray = kind;
        this.means = usedMeans;
        this.product = usedProduct;
        return this;
    }

    /** Id of what was used against a pest or disease, where it was recognised. */
    public String means() {
        return means;
    }

    public PlantId plant() {
        return plant;
    }

    public LogKind kind() {
        return kind;
    }

    public LocalDate onDay() {
        return onDay;
    }

    public Integer amountMl() {
        return amountMl;
    }

    public String detail() {
        return detail;
    }

    public Double temperatureStep() {
        return temperatureStep;
    }

    public Double lightRatio() {
        return lightRatio;
    }

    public SprayKind spray() {
        return spray;
    }

    public WaterSource water() {
        return water;
    }

    public LogEntry.Way way() {
        return way;
    }

    public LogEntry.Felt found() {
        return found;
    }

    public LogEntry.Wetness top() {
        return top;
    }

    public LogEntry.Wetness middle() {
        return middle;
    }

    public LogEntry.Wetness bottom() {
        return bottom;
    }

    public Integer grams() {
        return grams;
    }

    public LogEntry.Yardstick yardstick() {
        return yardstick;
    }

    public String product() {
        return product;
    }

    public Double mgNitrogen() {
        return mgNitrogen;
    }

    public Double diameterCm() {
        return diameterCm;
    }

    public String medium() {
        return medium;
    }

    public StopId fromStop() {
        return fromStop;
    }

    public StopId toStop() {
        return toStop;
    }

    public LogEntry.Counted counted() {
        return counted;
    }

    /** Granules of slow release, g. */
    public Double granuleGrams() {
        return granuleGrams;
    }

    /** Length of the newest leaf, cm. */
    public Double lengthCm() {
        return lengthCm;
    }

    public Integer number() {
        return number;
    }

    public EntryId undoes() {
        return undoes;
    }

    public BatchId batch() {
        return batch;
    }

    public String beforeState() {
        return beforeState;
    }

    public OffsetDateTime writtenAt() {
        return writtenAt;
    }

    public EntryId id() {
        return new EntryId(key());
    }
}
