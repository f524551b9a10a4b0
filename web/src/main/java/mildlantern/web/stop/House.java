package mildlantern.web.stop;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import mildlantern.pest.Aim;
import mildlantern.treatment.Style;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Stored;
import org.jspecify.annotations.NullUnmarked;

/** A collection of plants, kept by one grower or a few. */
@Entity
@Table(name = "collection")
@NullUnmarked
class House extends Stored {
    private String name;
    private String hemisphere;

    @Enumerated(EnumType.STRING)
    private Style style = Style.WASH;

    private Double latitude;
    private Double longitude;
    private String weather;
    private String feed;
    private String zone;

    @Enumerated(EnumType.STRING)
    private Aim aim = Aim.CONTROL;

    private LocalDate learnsSince;
    private OffsetDateTime createdAt;

    @Version
    private Long version;

    protected House() {}

    House(CollectionId id, String name, String hemisphere, OffsetDateTime createdAt) {
        super(id.value());
        this.name = name;
        this.hemisphere = hemisphere;
        this.createdAt = createdAt;
    }

    long version() {
        return version == null ? 0 : version;
    }

    String name() {
        return name;
    }

    Aim aim() {
        return aim;
    }

    void aims(Aim newAim) {
        aim = newAim;
    }

    /** The first day whose counts teach this house something; null for all. */
    LocalDate learnsSince() {
        return learnsSince;
    }

    void learnsAnew(LocalDate day) {
        learnsSince = day;
    }

    Style style() {
        return style;
    }

    void prefer(Style newStyle) {
        style = newStyle;
    }

    /** Degrees, north above 0; null where it was not given. */
    Double latitude() {
        return latitude;
    }

    Double longitude() {
        return longitude;
    }

    boolean simulatedWeather() {
        return "SIMULATED".equals(weather);
    }

    void standing(Double north, Double east, boolean simulated) {
        this.latitude = north;
        this.longitude = east;
        this.weather = simulated ? "SIMULATED" : null;
    }

    /** Id of the feed that is mixed, or null. */
    String feed() {
        return feed;
    }

    void feedWith(String id) {
        this.feed = id;
    }

    /** Id of its clock, or null where it is the machine's. */
    String zone() {
        return zone;
    }

    void clockedBy(String id, String newHemisphere) {
        zone = id;
        hemisphere = newHemisphere;
    }

    String hemisphere() {
        return hemisphere;
    }

    boolean south() {
        return "south".equals(hemisphere);
    }
}
