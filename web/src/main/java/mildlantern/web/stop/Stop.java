package mildlantern.web.stop;

import java.util.Set;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import mildlantern.place.StopId;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.Near;
import mildlantern.web.platform.CollectionId;
import org.jspecify.annotations.Nullable;
import org.springframework.lang.CheckReturnValue;

/**
 * One place of the collection, as the grower passes it on the walk. Its air and light are as they were last typed or read by meter; how it is
 * now, sensors included, {@link StopStates} works out. A change gives another record, which {@link Stops} stores.
 *
 * @param version how often it was changed; below 0 before it is stored
 * @param position where on the walk it comes
 */
@CheckReturnValue
public record Stop(
        StopId id,
        CollectionId collection,
        long version,
        int position,
        String name,
        @Nullable String note,
        TypedClimate climate,
        BuildOfStop build,
        Window window,
        Airflow airflow)
        implements StopParts {
    /** A new one. */
    public Stop(StopId id, CollectionId collection, int position, String name) {
        this(
                id,
                collection,
                -1,
                position,
                name,
                null,
                TypedClimate.UNKNOWN,
                BuildOfStop.USUAL,
                Window.UNKNOWN,
                Airflow.UNKNOWN);
    }

    /** What the stop's air and light are; anything may be null, for not known. */
    public Stop climate(
            @Nullable Brightness light, @Nullable Double humidity, @Nullable Double day, @Nullable Double night) {
        return with(new TypedClimate(light, climate.dailyLight(), humidity, day, night));
    }

    public Stop airflow(
            @Nullable AirMovement movement, @Nullable Double hoursWet, @Nullable Boolean touching, Set<Near> things) {
        return with(airflow.moving(movement, hoursWet, touching, things));
    }

    public Stop isolating() {
        return built(StopKind.ISOLATION, build.glass(), build.glassCm());
    }

    public Stop noted(@Nullable String text) {
        return new Stop(id, collection, version, position, name, text, climate, build, window, airflow);
    }

    public Stop renamed(String newName) {
        return new Stop(id, collection, version, position, newName, note, climate, build, window, airflow);
    }

    public Stop at(int newPosition) {
        return new Stop(id, collection, version, newPosition, name, note, climate, build, window, airflow);
    }

    /** What it is, which way its glass looks and how far that is, cm; glass and distance may be null. */
    public Stop built(StopKind what, @Nullable Glass glass, @Nullable Integer distanceCm) {
        return with(build.of(what, glass, distanceCm));
    }

    /** How wide and deep it is, cm. */
    public Stop sized(int width, int depth) {
        return with(build.sized(width, depth));
    }

    /** How long a lamp shines there a day, hours; null for no lamp. */
    public Stop lamp(@Nullable Double hours) {
        return with(build.lamp(hours));
    }

    /** The room whose air it shares with other stops; null where that is not said. */
    public Stop inRoom(@Nullable String room) {
        return with(build.in(room));
    }

    /** Its window: glazing, what hangs before it, width and height, how far its lower edge is above the pots (below 0 if it reaches lower), cm, and
     * how high what stands outside reaches, degrees; anything may be null, for not known. */
    public Stop glazed(
            @Nullable Glazing panes,
            @Nullable Curtain hung,
            @Nullable Integer width,
            @Nullable Integer height,
            @Nullable Integer sill,
            @Nullable Integer outside) {
        return with(new Window(panes, hung, width, height, sill, outside, window.lightFactor()));
    }

    /** How far a heater is, and a door or vent that draws, cm; null where there is none. What is within reach counts as near. */
    public Stop exposed(@Nullable Integer heater, @Nullable Integer draught, double reachCm) {
        return with(airflow.exposed(heater, draught, reachCm));
    }

    /** How many times the reckoned light a meter read here; null for not read. */
    public Stop lit(@Nullable Double factor) {
        return with(new Window(
                window.glazing(),
                window.curtain(),
                window.paneWidthCm(),
                window.paneHeightCm(),
                window.paneSillCm(),
                window.skyline(),
                factor));
    }

    /** Takes over what was typed or read by meter; what was not read stays as it was. */
    public Stop typed(StopReading reading) {
        return with(climate.after(reading));
    }

    private Stop with(TypedClimate now) {
        return new Stop(id, collection, version, position, name, note, now, build, window, airflow);
    }

    private Stop with(BuildOfStop now) {
        return new Stop(id, collection, version, position, name, note, climate, now, window, airflow);
    }

    private Stop with(Window now) {
        return new Stop(id, collection, version, position, name, note, climate, build, now, airflow);
    }

    private Stop with(Airflow now) {
        return new Stop(id, collection, version, position, name, note, climate, build, window, now);
    }
}
