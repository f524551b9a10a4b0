package mildlantern.web.collection;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.Near;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** One place of the collection, as the grower passes it on the walk. */
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

    @Version
    private Long version;

    protected Stop() {}

    public Stop(UUID id, UUID collection, int position, String name) {
        super(id, collection);
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
}
