package mildlantern.web.stop;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import mildlantern.place.StopId;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.Near;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/**
 * One place of the collection, as the grower passes it on the walk. Its air and light are as they were last typed or read by meter; how it is
 * now, sensors included, {@link StopStates} works out.
 */
@Entity
@NullUnmarked
public class Stop extends Row {
    private int position;
    private String name;
    private String note;

    @Enumerated(EnumType.STRING)
    private Brightness light;

    private Double humidityPercent;
    private Double dayCelsius;
    private Double nightCelsius;
    private Double wetHours;
    private String near = "";
    private Boolean crowded;

    @Enumerated(EnumType.STRING)
    private AirMovement air;

    private boolean isolation;

    @Enumerated(EnumType.STRING)
    private StopKind kind = StopKind.SHELF;

    @Enumerated(EnumType.STRING)
    private Glass glass;

    private Integer glassCm;
    private int widthCm = 160;
    private int depthCm = 40;

    @Enumerated(EnumType.STRING)
    private Glazing glazing;

    @Enumerated(EnumType.STRING)
    private Curtain curtain;

    private Integer paneWidthCm;
    private Integer paneHeightCm;
    private Integer paneSillCm;
    private Integer skyline;
    private Integer heaterCm;
    private Integer draughtCm;
    private Double lightFactor;
    private Double dailyLight;

    @Version
    private Long version;

    protected Stop() {}

    public Stop(StopId id, CollectionId collection, int position, String name) {
        super(id.value(), collection);
        this.position = position;
        this.name = name;
    }

    /** Sets what the stop's air and light are; anything may be null, for not known. */
    public Stop climate(Brightness brightness, Double humidity, Double day, Double night) {
        this.light = brightness;
        this.humidityPercent = humidity;
        this.dayCelsius = day;
        this.nightCelsius = night;
        return this;
    }

    public Stop airflow(AirMovement movement, Double hoursWet, Boolean touching, Set<Near> things) {
        this.air = movement;
        this.wetHours = hoursWet;
        this.crowded = touching;
        this.near = things.stream().map(Near::name).sorted().collect(Collectors.joining(","));
        return this;
    }

    public Stop isolating() {
        this.isolation = true;
        this.kind = StopKind.ISOLATION;
        return this;
    }

    public Stop noted(String text) {
        this.note = text;
        return this;
    }

    public Stop renamed(String newName) {
        this.name = newName;
        return this;
    }

    /** What it is, which way its glass looks and how far that is, cm; glass and distance may be null. */
    public Stop built(StopKind what, Glass window, Integer distanceCm) {
        this.kind = what;
        this.glass = window;
        this.glassCm = distanceCm;
        this.isolation = what == StopKind.ISOLATION;
        return this;
    }

    /** How wide and deep it is, cm. */
    public Stop sized(int width, int depth) {
        this.widthCm = width;
        this.depthCm = depth;
        return this;
    }

    /**
     * Its window: glazing, what hangs before it, width and height, how far its lower edge is above the pots (below 0 if it reaches lower), cm, and
     * how high what stands outside reaches, degrees; anything may be null, for not known.
     */
    public Stop glazed(Glazing panes, Curtain hung, Integer width, Integer height, Integer sill, Integer outside) {
        this.glazing = panes;
        this.curtain = hung;
        this.paneWidthCm = width;
        this.paneHeightCm = height;
        this.paneSillCm = sill;
        this.skyline = outside;
        return this;
    }

    /** How far a heater is, and a door or vent that draws, cm; null where there is none. What is within reach counts as near. */
    public Stop exposed(Integer heater, Integer draught, double reachCm) {
        this.heaterCm = heater;
        this.draughtCm = draught;
        Set<Near> things = near();
        things.remove(Near.HEATER);
        things.remove(Near.DOOR_DRAUGHT);
        if (heater != null && heater <= reachCm) {
            things.add(Near.HEATER);
        }
        if (draught != null && draught <= reachCm) {
            things.add(Near.DOOR_DRAUGHT);
        }
        this.near = things.stream().map(Near::name).sorted().collect(Collectors.joining(","));
        return this;
    }

    /** How many times the reckoned light a meter read here; null for not read. */
    public Stop lit(Double factor) {
        this.lightFactor = factor;
        return this;
    }

    public Glazing glazing() {
        return glazing;
    }

    public Curtain curtain() {
        return curtain;
    }

    public Integer paneWidthCm() {
        return paneWidthCm;
    }

    public Integer paneHeightCm() {
        return paneHeightCm;
    }

    public Integer paneSillCm() {
        return paneSillCm;
    }

    public Integer skyline() {
        return skyline;
    }

    public Integer heaterCm() {
        return heaterCm;
    }

    public Integer draughtCm() {
        return draughtCm;
    }

    /** Takes over what was typed or read by meter; what was not read stays as it was. */
    public Stop typed(StopReading reading) {
        this.light = reading.light() == null ? light : reading.light();
        this.dailyLight = reading.dailyLight() == null ? dailyLight : reading.dailyLight();
        this.humidityPercent = reading.humidityPercent() == null ? humidityPercent : reading.humidityPercent();
        this.dayCelsius = reading.dayCelsius() == null ? dayCelsius : reading.dayCelsius();
        this.nightCelsius = reading.nightCelsius() == null ? nightCelsius : reading.nightCelsius();
        return this;
    }

    public long version() {
        return version == null ? 0 : version;
    }

    public Double dailyLight() {
        return dailyLight;
    }

    public Double lightFactor() {
        return lightFactor;
    }

    public Stop at(int newPosition) {
        this.position = newPosition;
        return this;
    }

    public StopKind kind() {
        return kind;
    }

    public Glass glass() {
        return glass;
    }

    public Integer glassCm() {
        return glassCm;
    }

    public int widthCm() {
        return widthCm;
    }

    public int depthCm() {
        return depthCm;
    }

    public int position() {
        return position;
    }

    public String name() {
        return name;
    }

    public String note() {
        return note;
    }

    public Brightness light() {
        return light;
    }

    public Double humidityPercent() {
        return humidityPercent;
    }

    public Double dayCelsius() {
        return dayCelsius;
    }

    public Double nightCelsius() {
        return nightCelsius;
    }

    public Double wetHours() {
        return wetHours;
    }

    public Boolean crowded() {
        return crowded;
    }

    public AirMovement air() {
        return air;
    }

    public boolean isolation() {
        return isolation;
    }

    public Set<Near> near() {
        EnumSet<Near> things = EnumSet.noneOf(Near.class);
        Arrays.stream(near.split(",")).filter(word -> !word.isBlank()).forEach(word -> things.add(Near.valueOf(word)));
        return things;
    }

    public StopId id() {
        return new StopId(key());
    }
}
