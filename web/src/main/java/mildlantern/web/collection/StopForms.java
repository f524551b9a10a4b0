package mildlantern.web.collection;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.plant.Brightness;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;

/** What can be typed of a stop; constructor binding keeps what was typed. */
final class StopForms {
    private StopForms() {}

    /** A reading; percent, °C, mol/m² and day; what was not read is missing. */
    record Reading(
            @NotNull(message = "Open the page afresh.") @Nullable
            UUID form,

            @NotNull(message = "Give the day.")
            @PastOrPresent(message = "That day has not come yet.")
            @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
            @Nullable
            LocalDate onDay,

            @Nullable Brightness light,

            @DecimalMin(value = "0", message = "0 to 100 %.")
            @DecimalMax(value = "100", message = "0 to 100 %.")
            @Nullable
            Double humidity,

            @DecimalMin(value = "-40", message = "−40 to 60 °C.")
            @DecimalMax(value = "60", message = "−40 to 60 °C.")
            @Nullable
            Double day,

            @DecimalMin(value = "-40", message = "−40 to 60 °C.")
            @DecimalMax(value = "60", message = "−40 to 60 °C.")
            @Nullable
            Double night,

            @DecimalMin(value = "0", message = "0 to 80.") @DecimalMax(value = "80", message = "0 to 80.") @Nullable
            Double dailyLight) {
        boolean empty() {
            return light == null && humidity == null && day == null && night == null && dailyLight == null;
        }
    }

    /** What a stop is; cm. */
    record Shape(
            @NotNull(message = "Open the page afresh.") @Nullable
            UUID form,

            @NotBlank(message = "Give the stop a name.") @Size(max = 80, message = "At most 80 characters.") @Nullable
            String name,

            @NotNull(message = "Choose what it is.") @Nullable
            StopKind kind,

            @Nullable Glass glass,

            @Min(value = 0, message = "0 to 1000 cm.") @Max(value = 1000, message = "0 to 1000 cm.") @Nullable
            Integer glassCm,

            @NotNull(message = "20 to 2000 cm.")
            @Min(value = 20, message = "20 to 2000 cm.")
            @Max(value = 2000, message = "20 to 2000 cm.")
            @Nullable
            Integer widthCm,

            @NotNull(message = "10 to 1000 cm.")
            @Min(value = 10, message = "10 to 1000 cm.")
            @Max(value = 1000, message = "10 to 1000 cm.")
            @Nullable
            Integer depthCm,

            @NotNull(message = "1 or more.")
            @Min(value = 1, message = "1 or more.")
            @Max(value = 1000, message = "At most 1000.")
            @Nullable
            Integer position) {}
}
