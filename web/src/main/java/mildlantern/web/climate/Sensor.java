package mildlantern.web.climate;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.time.OffsetDateTime;
import java.util.Optional;
import mildlantern.message.MessageKey;
import mildlantern.place.StopId;
import mildlantern.web.platform.Row;
import mildlantern.web.stop.Stop;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.NullUnmarked;

/** What reads a stop's air and light: a simulated station, a sensor that pushes its readings, or a logger whose tables are brought. */
@Entity
@NullUnmarked
class Sensor extends Row {
    /** Sorts of sensor. */
    enum Kind implements MessageKey {
        SIMULATED,
        PUSHED,
        LOGGER;

        String words() {
            return Wording.of(this);
        }
    }

    @Column(name = "stop_id", updatable = false)
    private StopId stop;

    private String name;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    private String tokenHash;
    private String settings;
    private OffsetDateTime lastAt;
    private OffsetDateTime createdAt;
    private OffsetDateTime retiredAt;

    @Version
    private Long version;

    protected Sensor() {}

    Sensor(SensorId id, Stop stop, String name, Kind kind, OffsetDateTime createdAt) {
        super(id.value(), stop.collection());
        this.stop = stop.id();
        this.name = name;
        this.kind = kind;
        this.createdAt = createdAt;
    }

    /** Sets what a simulated station is like, as JSON. */
    Sensor like(String json) {
        this.settings = json;
        return this;
    }

    /** Gives it a token, of which only the hash is kept. */
    Sensor knownBy(String hash) {
        this.tokenHash = hash;
        return this;
    }

    void readUntil(OffsetDateTime moment) {
        if (lastAt == null || moment.isAfter(lastAt)) {
            lastAt = moment;
        }
    }

    void retire(OffsetDateTime moment) {
        retiredAt = moment;
        tokenHash = null;
    }

    StopId stop() {
        return stop;
    }

    String name() {
        return name;
    }

    Kind kind() {
        return kind;
    }

    String settings() {
        return settings;
    }

    Optional<OffsetDateTime> lastAt() {
        return Optional.ofNullable(lastAt);
    }

    boolean retired() {
        return retiredAt != null;
    }

    public SensorId id() {
        return new SensorId(key());
    }
}
