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
import mildlantern.quantity.Temperature;
import mildlantern.web.platform.FormKey;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Within;
import org.jspecify.annotations.Nullable;

/** A kind of plant of the grower's own, as typed; humidity in percent, temperatures in °C, feed in mg of nitrogen per litre. */
record NewKind(
        @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
        FormKey form,

        @NotBlank(message = "{plant.new-kind.choose-kind-most-like}") @Nullable
        String nearest,

        @NotBlank(message = "{plant.new-kind.give-kind-name-blue}")
        @Size(max = 80, message = "{platform.form.most-80-characters}")
        @Nullable
        String name,

        @Size(max = 120, message = "{platform.form.most-120-characters}") @Nullable
        String botanical,

        @NotNull(message = "{plant.new-kind.choose-one}") @Nullable
        Brightness light,

        @NotNull(message = "{plant.new-kind.number-0-100}")
        @DecimalMin(value = "0", message = "{plant.new-kind.0-100}")
        @DecimalMax(value = "100", message = "{plant.new-kind.0-100}")
        @Nullable
        Double humidityLow,

        @NotNull(message = "{plant.new-kind.number-0-100}")
        @DecimalMin(value = "0", message = "{plant.new-kind.0-100}")
        @DecimalMax(value = "100", message = "{plant.new-kind.0-100}")
        @Nullable
        Double humidityHigh,

        @NotNull(message = "{plant.new-kind.number-20-50-c}")
        @Within(of = Unit.Of.TEMPERATURE, low = -20, high = 50)
        @Nullable
        Temperature dayLow,

        @NotNull(message = "{plant.new-kind.number-20-50-c}")
        @Within(of = Unit.Of.TEMPERATURE, low = -20, high = 50)
        @Nullable
        Temperature dayHigh,

        @NotNull(message = "{plant.new-kind.number-20-50-c}")
        @Within(of = Unit.Of.TEMPERATURE, low = -20, high = 50)
        @Nullable
        Temperature night,

        @NotNull(message = "{plant.new-kind.number-0-5-90}")
        @DecimalMin(value = "0.5", message = "{plant.new-kind.0-5-90-days}")
        @DecimalMax(value = "90", message = "{plant.new-kind.0-5-90-days}")
        @Nullable
        Double daysLow,

        @NotNull(message = "{plant.new-kind.number-0-5-90}")
        @DecimalMin(value = "0.5", message = "{plant.new-kind.0-5-90-days}")
        @DecimalMax(value = "90", message = "{plant.new-kind.0-5-90-days}")
        @Nullable
        Double daysHigh,

        @NotNull(message = "{plant.new-kind.choose-one}") @Nullable
        Dryness dryness,

        @NotNull(message = "{plant.new-kind.choose-one}") @Nullable
        WaterWant water,

        @NotNull(message = "{plant.new-kind.number-0-400-mg}")
        @DecimalMin(value = "0", message = "{plant.new-kind.0-400-mg}")
        @DecimalMax(value = "400", message = "{plant.new-kind.0-400-mg}")
        @Nullable
        Double feedLow,

        @NotNull(message = "{plant.new-kind.number-0-400-mg}")
        @DecimalMin(value = "0", message = "{plant.new-kind.0-400-mg}")
        @DecimalMax(value = "400", message = "{plant.new-kind.0-400-mg}")
        @Nullable
        Double feedHigh,

        @Size(max = 300, message = "{platform.form.most-300-characters}") @Nullable
        String rest,

        @Nullable Boolean edible,

        @Size(max = 120, message = "{platform.form.most-120-characters}") @Nullable
        String harm) {
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
                new Temperature(profile.day().low()),
                new Temperature(profile.day().high()),
                profile.night(),
                profile.wateringDays().low(),
                profile.wateringDays().high(),
                profile.dryness(),
                profile.water(),
                profile.feedMgN().low(),
                profile.feedMgN().high(),
                profile.rest().orElse(""),
                profile.edible(),
                profile.harm().orElse(""));
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
                "",
                false,
                "");
    }
}
