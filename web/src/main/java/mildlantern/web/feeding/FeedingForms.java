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
            @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
            FormKey form,

            @NotNull(message = "{feeding.feeding-forms.choose-which-water}") @Nullable
            WaterSource source,

            @NotNull(message = "{feeding.feeding-forms.0-10-ms-cm}")
            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-10-ms-cm}")
            @DecimalMax(value = "10", message = "{feeding.feeding-forms.0-10-ms-cm-2}")
            @Nullable
            Double conductivity,

            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-2000}")
            @DecimalMax(value = "2000", message = "{feeding.feeding-forms.0-2000}")
            @Nullable
            Double hardness,

            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-2000}")
            @DecimalMax(value = "2000", message = "{feeding.feeding-forms.0-2000}")
            @Nullable
            Double alkalinity,

            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-2000}")
            @DecimalMax(value = "2000", message = "{feeding.feeding-forms.0-2000}")
            @Nullable
            Double sodium) {}

    /** A feed by its label. */
    record Label(
            @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
            FormKey form,

            @NotBlank(message = "{feeding.feeding-forms.name-feed}")
            @Size(max = 80, message = "{platform.form.most-80-characters}")
            @Nullable
            String name,

            FeedProduct.@Nullable Form comes,

            OwnFeed.@Nullable Says says,

            @NotNull(message = "{feeding.feeding-forms.number}")
            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-1000}")
            @DecimalMax(value = "1000", message = "{feeding.feeding-forms.0-1000}")
            @Nullable
            Double n,

            @NotNull(message = "{feeding.feeding-forms.number}")
            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-1000}")
            @DecimalMax(value = "1000", message = "{feeding.feeding-forms.0-1000}")
            @Nullable
            Double p,

            @NotNull(message = "{feeding.feeding-forms.number}")
            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-1000}")
            @DecimalMax(value = "1000", message = "{feeding.feeding-forms.0-1000}")
            @Nullable
            Double k,

            @DecimalMin(value = "0.1", message = "{feeding.feeding-forms.0-1-100}")
            @DecimalMax(value = "100", message = "{feeding.feeding-forms.0-1-100}")
            @Nullable
            Double total,

            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-100}")
            @DecimalMax(value = "100", message = "{feeding.feeding-forms.0-100}")
            @Nullable
            Double calcium,

            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-100}")
            @DecimalMax(value = "100", message = "{feeding.feeding-forms.0-100}")
            @Nullable
            Double magnesium,

            @DecimalMin(value = "0", message = "{feeding.feeding-forms.0-100}")
            @DecimalMax(value = "100", message = "{feeding.feeding-forms.0-100}")
            @Nullable
            Double iron,

            @Nullable Boolean micros,

            @Nullable Boolean organic) {}
}
