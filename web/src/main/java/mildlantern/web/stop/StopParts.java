package mildlantern.web.stop;

import java.util.Set;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.Near;
import org.jspecify.annotations.Nullable;

/** What can be asked of a stop without naming the part of it that knows; what each means stands at the part. */
public interface StopParts {
    TypedClimate climate();

    BuildOfStop build();

    Window window();

    Airflow airflow();

    default StopKind kind() {
        return build().kind();
    }

    default @Nullable Glass glass() {
        return build().glass();
    }

    default @Nullable Integer glassCm() {
        return build().glassCm();
    }

    default int widthCm() {
        return build().widthCm();
    }

    default int depthCm() {
        return build().depthCm();
    }

    default boolean isolation() {
        return build().isolation();
    }

    default @Nullable Double lampHours() {
        return build().lampHours();
    }

    default @Nullable String room() {
        return build().room();
    }

    default @Nullable Brightness light() {
        return climate().light();
    }

    default @Nullable Double dailyLight() {
        return climate().dailyLight();
    }

    default @Nullable Double humidityPercent() {
        return climate().humidityPercent();
    }

    default @Nullable Double dayCelsius() {
        return climate().dayCelsius();
    }

    default @Nullable Double nightCelsius() {
        return climate().nightCelsius();
    }

    default @Nullable Glazing glazing() {
        return window().glazing();
    }

    default @Nullable Curtain curtain() {
        return window().curtain();
    }

    default @Nullable Integer paneWidthCm() {
        return window().paneWidthCm();
    }

    default @Nullable Integer paneHeightCm() {
        return window().paneHeightCm();
    }

    default @Nullable Integer paneSillCm() {
        return window().paneSillCm();
    }

    default @Nullable Integer skyline() {
        return window().skyline();
    }

    default @Nullable Double lightFactor() {
        return window().lightFactor();
    }

    default @Nullable AirMovement air() {
        return airflow().air();
    }

    default @Nullable Double wetHours() {
        return airflow().wetHours();
    }

    default @Nullable Boolean crowded() {
        return airflow().crowded();
    }

    default Set<Near> near() {
        return airflow().near();
    }

    default @Nullable Integer heaterCm() {
        return airflow().heaterCm();
    }

    default @Nullable Integer draughtCm() {
        return airflow().draughtCm();
    }
}
