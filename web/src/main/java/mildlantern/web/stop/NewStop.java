package mildlantern.web.stop;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Objects;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import org.jspecify.annotations.Nullable;

/** A new stop, as typed; humidity in percent, temperatures in °C. */
record NewStop(
        @NotNull(message = "Open the page afresh.") @Nullable
        FormKey form,

        @NotBlank(message = "Give the stop a name, as in kitchen sill.")
        @Size(max = 80, message = "At most 80 characters.")
        @Nullable
        String name,

        @Size(max = 40, message = "At most 40 characters.") @Nullable
        String note,

        @Nullable Brightness light,

        @DecimalMin(value = "0", message = "0 to 100 %.") @DecimalMax(value = "100", message = "0 to 100 %.") @Nullable
        Double humidity,

        @DecimalMin(value = "-40", message = "−40 to 60 °C.")
        @DecimalMax(value = "60", message = "−40 to 60 °C.")
        @Nullable
        Double day,

        @DecimalMin(value = "-40", message = "−40 to 60 °C.")
        @DecimalMax(value = "60", message = "−40 to 60 °C.")
        @Nullable
        Double night,

        @Nullable Boolean isolation) {
    static NewStop fresh() {
        return new NewStop(FormKey.fresh(), "", "", null, null, null, null, false);
    }

    /** The stop, at a place of the walk. */
    Stop at(CollectionId collection, int position) {
        Stop stop = new Stop(
                        StopId.fresh(),
                        collection,
                        position,
                        Objects.requireNonNull(name).strip())
                .climate(light, humidity, day, night)
                .noted(note == null || note.isBlank() ? null : note.strip());
        return Boolean.TRUE.equals(isolation) ? stop.isolating() : stop;
    }
}
