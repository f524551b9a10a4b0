package mildlantern.web.plant;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import mildlantern.plant.Brightness;
import mildlantern.plant.Dryness;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterWant;
import mildlantern.web.platform.FormKey;
import org.jspecify.annotations.Nullable;

/** A kind of plant of the grower's own, as typed; humidity in percent, temperatures in °C, feed in mg of nitrogen per litre. */
record NewKind(
        @NotNull(message = "Open the page afresh.") @Nullable
        FormKey form,

        @NotBlank(message = "Choose the kind that it is most like.") @Nullable
        String nearest,

        @NotBlank(message = "Give the kind a name, as in blue fern.")
        @Size(max = 80, message = "At most 80 characters.")
        @Nullable
        String name,

        @Size(max = 120, message = "At most 120 characters.") @Nullable
        String botanical,

        @NotNull(message = "Choose one.") @Nullable Brightness light,

        @NotNull(message = "A number, 0 to 100 %.")
        @DecimalMin(value = "0", message = "0 to 100 %.")
        @DecimalMax(value = "100", message = "0 to 100 %.")
        @Nullable
        Double humidityLow,

        @NotNull(message = "A number, 0 to 100 %.")
        @DecimalMin(value = "0", message = "0 to 100 %.")
        @DecimalMax(value = "100", message = "0 to 100 %.")
        @Nullable
        Double humidityHigh,

        @NotNull(message = "A number, -20 to 50 °C.")
        @DecimalMin(value = "-20", message = "-20 to 50 °C.")
        @DecimalMax(value = "50", message = "-20 to 50 °C.")
        @Nullable
        Double dayLow,

        @NotNull(message = "A number, -20 to 50 °C.")
        @DecimalMin(value = "-20", message = "-20 to 50 °C.")
        @DecimalMax(value = "50", message = "-20 to 50 °C.")
        @Nullable
        Double dayHigh,

        @NotNull(message = "A number, -20 to 50 °C.")
        @DecimalMin(value = "-20", message = "-20 to 50 °C.")
        @DecimalMax(value = "50", message = "-20 to 50 °C.")
        @Nullable
        Double night,

        @NotNull(message = "A number, 0.5 to 90 days.")
        @DecimalMin(value = "0.5", message = "0.5 to 90 days.")
        @DecimalMax(value = "90", message = "0.5 to 90 days.")
        @Nullable
        Double daysLow,

        @NotNull(message = "A number, 0.5 to 90 days.")
        @DecimalMin(value = "0.5", message = "0.5 to 90 days.")
        @DecimalMax(value = "90", message = "0.5 to 90 days.")
        @Nullable
        Double daysHigh,

        @NotNull(message = "Choose one.") @Nullable Dryness dryness,

        @NotNull(message = "Choose one.") @Nullable WaterWant water,

        @NotNull(message = "A number, 0 to 400 mg.")
        @DecimalMin(value = "0", message = "0 to 400 mg.")
        @DecimalMax(value = "400", message = "0 to 400 mg.")
        @Nullable
        Double feedLow,

        @NotNull(message = "A number, 0 to 400 mg.")
        @DecimalMin(value = "0", message = "0 to 400 mg.")
        @DecimalMax(value = "400", message = "0 to 400 mg.")
        @Nullable
        Double feedHigh,

        @Size(max = 300, message = "At most 300 characters.") @Nullable
        String rest) {
    /** A form that starts from the kind that it is most like. */
    static NewKind like(Profile profile) {
        return new NewKind(
                FormKey.fresh(),
                profile.nearest(),
                "",
                "",
                profile.light(),
                profile.humidity().low(),
                profile.humidity().high(),
                profile.day().low(),
                profile.day().high(),
                profile.night().celsius(),
                profile.wateringDays().low(),
                profile.wateringDays().high(),
                profile.dryness(),
                profile.water(),
                profile.feedMgN().low(),
                profile.feedMgN().high(),
                profile.rest().orElse(""));
    }

    /** A form before the nearest kind was chosen. */
    static NewKind fresh() {
        return new NewKind(
                FormKey.fresh(),
                "",
                "",
                "",
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                "");
    }
}
