package mildlantern.web.stop;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Objects;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.quantity.Temperature;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.words.Amounts;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Within;
import org.jspecify.annotations.Nullable;

/** A new stop, as typed; humidity in percent, temperatures in °C. */
record NewStop(
        @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
        FormKey form,

        @NotBlank(message = "{stop.new-stop.name-stop-example-kitchen}")
        @Size(max = 80, message = "{platform.form.most-80-characters}")
        @Nullable
        String name,

        @Size(max = 40, message = "{platform.form.most-40-characters}") @Nullable
        String note,

        @Nullable StopKind kind,

        @Nullable Brightness light,

        @DecimalMin(value = "0", message = "{stop.new-stop.0-100}")
        @DecimalMax(value = "100", message = "{stop.new-stop.0-100}")
        @Nullable
        Double humidity,

        @Within(of = Unit.Of.TEMPERATURE, low = -40, high = 60) @Nullable
        Temperature day,

        @Within(of = Unit.Of.TEMPERATURE, low = -40, high = 60) @Nullable
        Temperature night,

        @Nullable Boolean isolation) {
    static NewStop fresh() {
        return new NewStop(FormKey.fresh(), "", "", StopKind.SHELF, null, null, null, null, false);
    }

    /** The stop, at a place of the walk. */
    Stop at(CollectionId collection, int position) {
        Stop stop = new Stop(
                        StopId.fresh(),
                        collection,
                        position,
                        Objects.requireNonNull(name).strip())
                .climate(light, humidity, Amounts.of(day), Amounts.of(night))
                .built(kind == null ? StopKind.SHELF : kind, null, null)
                .noted(note == null || note.isBlank() ? null : note.strip());
        return Boolean.TRUE.equals(isolation) ? stop.isolating() : stop;
    }
}
