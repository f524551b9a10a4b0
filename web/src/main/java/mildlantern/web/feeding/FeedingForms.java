package mildlantern.web.feeding;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import mildlantern.nutrition.FeedProduct;
import mildlantern.plant.WaterSource;
import mildlantern.web.platform.FormKey;
import org.jspecify.annotations.Nullable;

/** What can be typed of waters and feeds; constructor binding keeps what was typed. */
final class FeedingForms {
    private FeedingForms() {}

    /** A water; mS/cm, mg/L. */
    record Water(
            @NotNull(message = "Open the page afresh.") @Nullable
            FormKey form,

            @NotNull(message = "Choose which water.") @Nullable
            WaterSource source,

            @NotNull(message = "0 to 10 mS/cm.")
            @DecimalMin(value = "0", message = "0 to 10 mS/cm.")
            @DecimalMax(value = "10", message = "0 to 10 mS/cm; 640 µS/cm are 0.64 mS/cm.")
            @Nullable
            Double conductivity,

            @DecimalMin(value = "0", message = "0 to 2000.")
            @DecimalMax(value = "2000", message = "0 to 2000.")
            @Nullable
            Double hardness,

            @DecimalMin(value = "0", message = "0 to 2000.")
            @DecimalMax(value = "2000", message = "0 to 2000.")
            @Nullable
            Double alkalinity,

            @DecimalMin(value = "0", message = "0 to 2000.")
            @DecimalMax(value = "2000", message = "0 to 2000.")
            @Nullable
            Double sodium) {}

    /** A feed by its label. */
    record Label(
            @NotNull(message = "Open the page afresh.") @Nullable
            FormKey form,

            @NotBlank(message = "What is it called?") @Size(max = 80, message = "At most 80 characters.") @Nullable
            String name,

            FeedProduct.@Nullable Form comes,

            OwnFeed.@Nullable Says says,

            @NotNull(message = "A number.")
            @DecimalMin(value = "0", message = "0 to 1000.")
            @DecimalMax(value = "1000", message = "0 to 1000.")
            @Nullable
            Double n,

            @NotNull(message = "A number.")
            @DecimalMin(value = "0", message = "0 to 1000.")
            @DecimalMax(value = "1000", message = "0 to 1000.")
            @Nullable
            Double p,

            @NotNull(message = "A number.")
            @DecimalMin(value = "0", message = "0 to 1000.")
            @DecimalMax(value = "1000", message = "0 to 1000.")
            @Nullable
            Double k,

            @DecimalMin(value = "0.1", message = "0.1 to 100.")
            @DecimalMax(value = "100", message = "0.1 to 100.")
            @Nullable
            Double total,

            @DecimalMin(value = "0", message = "0 to 100.") @DecimalMax(value = "100", message = "0 to 100.") @Nullable
            Double calcium,

            @DecimalMin(value = "0", message = "0 to 100.") @DecimalMax(value = "100", message = "0 to 100.") @Nullable
            Double magnesium,

            @DecimalMin(value = "0", message = "0 to 100.") @DecimalMax(value = "100", message = "0 to 100.") @Nullable
            Double iron,

            @Nullable Boolean micros,

            @Nullable Boolean organic) {}
}
