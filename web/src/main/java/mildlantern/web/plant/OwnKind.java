package mildlantern.web.plant;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.Brightness;
import mildlantern.plant.Dryness;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterWant;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A kind of plant that a grower added: its own needs, and for all else the kind that it is most like. */
@Entity
@NullUnmarked
class OwnKind extends Row {
    private String nearest;
    private String name;
    private String botanical;

    @Enumerated(EnumType.STRING)
    private Brightness light;

    private double humidityLow;
    private double humidityHigh;
    private double dayLow;
    private double dayHigh;
    private double night;
    private double daysLow;
    private double daysHigh;

    @Enumerated(EnumType.STRING)
    private Dryness dryness;

    @Enumerated(EnumType.STRING)
    private WaterWant water;

    private double feedLow;
    private double feedHigh;
    private String rest;
    private boolean edible;
    private String harm;

    @Version
    private Long version;

    protected OwnKind() {}

    /** A kind from a form whose fields have been checked. */
    OwnKind(UUID id, CollectionId collection, NewKind typed) {
        super(id, collection);
        nearest = Objects.requireNonNull(typed.nearest());
        name = Objects.requireNonNull(typed.name()).strip();
        botanical = Objects.requireNonNullElse(typed.botanical(), "").strip();
        light = Objects.requireNonNull(typed.light());
        humidityLow = Objects.requireNonNull(typed.humidityLow());
        humidityHigh = Objects.requireNonNull(typed.humidityHigh());
        dayLow = Objects.requireNonNull(typed.dayLow()).celsius();
        dayHigh = Objects.requireNonNull(typed.dayHigh()).celsius();
        night = Objects.requireNonNull(typed.night()).celsius();
        daysLow = Objects.requireNonNull(typed.daysLow());
        daysHigh = Objects.requireNonNull(typed.daysHigh());
        dryness = Objects.requireNonNull(typed.dryness());
        water = Objects.requireNonNull(typed.water());
        feedLow = Objects.requireNonNull(typed.feedLow());
        feedHigh = Objects.requireNonNull(typed.feedHigh());
        rest = textOrNull(typed.rest());
        edible = Boolean.TRUE.equals(typed.edible());
        harm = textOrNull(typed.harm());
    }

    private static String textOrNull(String typed) {
        return typed == null || typed.isBlank() ? null : typed.strip();
    }

    public String nearest() {
        return nearest;
    }

    public Brightness light() {
        return light;
    }

    /**
     * The profile: its own needs in the frame of the nearest kind.
     *
     * @param dailyLight what kinds of its brightness want, where it differs from that of the nearest
     */
    Profile profile(Profile like, Range dailyLight) {
        return new Profile(
                key().toString(),
                like.kin(),
                name,
                botanical.isBlank() ? like.botanical() : botanical,
                List.of(),
                like.family(),
                like.form(),
                light,
                dailyLight,
                new Range(humidityLow, humidityHigh),
                new Range(dayLow, dayHigh),
                new Temperature(night),
                new Range(daysLow, daysHigh),
                dryness,
                water,
                like.media(),
                new Range(feedLow, feedHigh),
                like.bloomWeeks(),
                Optional.ofNullable(rest),
                like.habits(),
                Optional.ofNullable(harm),
                edible,
                false);
    }
}
