package mildlantern.web.climate;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Objects;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import mildlantern.light.Sky;
import mildlantern.message.MessageKey;
import mildlantern.plant.Brightness;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Glass;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;

/** What can be typed of a stop; constructor binding keeps what was typed. */
final class StopForms {
    private StopForms() {}

    /** A reading; percent, °C, mol/m² and day; what was not read is missing. */
    record Reading(
            @NotNull(message = "{platform.form.open-page-afresh}") @Nullable
            FormKey form,

            @NotNull(message = "{climate.stop-forms.give-day}")
            @PastOrPresent(message = "{platform.form.day-not-come-yet}")
            @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
            @Nullable
            LocalDate onDay,

            @Nullable Brightness light,

            @DecimalMin(value = "0", message = "{climate.stop-forms.0-100}")
            @DecimalMax(value = "100", message = "{climate.stop-forms.0-100}")
            @Nullable
            Double humidity,

            @DecimalMin(value = "-40", message = "{climate.stop-forms.40-60-c}")
            @DecimalMax(value = "60", message = "{climate.stop-forms.40-60-c}")
            @Nullable
            Double day,

            @DecimalMin(value = "-40", message = "{climate.stop-forms.40-60-c}")
            @DecimalMax(value = "60", message = "{climate.stop-forms.40-60-c}")
            @Nullable
            Double night,

            @DecimalMin(value = "0", message = "{climate.stop-forms.0-80}")
            @DecimalMax(value = "80", message = "{climate.stop-forms.0-80}")
            @Nullable
            Double dailyLight) {
        boolean empty() {
            return light == null && humidity == null && day == null && night == null && dailyLight == null;
        }
    }

    /** What a light meter reads. */
    enum MeterUnit implements MessageKey {
        LUX,
        FOOT_CANDLES,
        PPFD;

        public String words() {
            return Wording.of(this);
        }
    }

    /** A reading of a light meter, with its hour and sky. */
    record Meter(
            @NotNull(message = "{platform.form.open-page-afresh}") @Nullable
            FormKey form,

            @NotNull(message = "{climate.stop-forms.give-day}")
            @PastOrPresent(message = "{platform.form.day-not-come-yet}")
            @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
            @Nullable
            LocalDate onDay,

            @NotNull(message = "{climate.stop-forms.give-hour-13-00}")
            @DateTimeFormat(iso = DateTimeFormat.ISO.TIME)
            @Nullable
            LocalTime at,

            @NotNull(message = "{climate.stop-forms.what-meter-shows}")
            @DecimalMin(value = "0", message = "{climate.stop-forms.0-200-000}")
            @DecimalMax(value = "200000", message = "{climate.stop-forms.0-200-000}")
            @Nullable
            Double value,

            @NotNull(message = "{climate.stop-forms.choose-unit}") @Nullable
            MeterUnit unit,

            @NotNull(message = "{climate.stop-forms.choose-sky}") @Nullable
            Sky sky) {}

    /** Where the house stands; degrees. */
    record Site(
            @NotNull(message = "{platform.form.open-page-afresh}") @Nullable
            FormKey form,

            @NotNull(message = "{climate.stop-forms.66-66-degrees}")
            @DecimalMin(value = "-66", message = "{climate.stop-forms.66-66-degrees}")
            @DecimalMax(value = "66", message = "{climate.stop-forms.66-66-degrees}")
            @Nullable
            Double latitude,

            @NotNull(message = "{climate.stop-forms.180-180-degrees}")
            @DecimalMin(value = "-180", message = "{climate.stop-forms.180-180-degrees}")
            @DecimalMax(value = "180", message = "{climate.stop-forms.180-180-degrees}")
            @Nullable
            Double longitude,

            @Nullable Long version,
            @Nullable String opened) {

        static Site of(Houses.Site site) {
            return new Site(
                    FormKey.fresh(),
                    site.said() ? site.latitude() : null,
                    site.said() ? site.longitude() : null,
                    site.version(),
                    null);
        }
    }

    /** What a stop is; cm. */
    record Shape(
            @NotNull(message = "{platform.form.open-page-afresh}") @Nullable
            FormKey form,

            @NotBlank(message = "{climate.stop-forms.give-stop-name}")
            @Size(max = 80, message = "{platform.form.most-80-characters}")
            @Nullable
            String name,

            @NotNull(message = "{climate.stop-forms.choose-what}") @Nullable
            StopKind kind,

            @Nullable Glass glass,

            @Min(value = 0, message = "{climate.stop-forms.0-1000-cm}")
            @Max(value = 1000, message = "{climate.stop-forms.0-1000-cm}")
            @Nullable
            Integer glassCm,

            @NotNull(message = "{climate.stop-forms.20-2000-cm}")
            @Min(value = 20, message = "{climate.stop-forms.20-2000-cm}")
            @Max(value = 2000, message = "{climate.stop-forms.20-2000-cm}")
            @Nullable
            Integer widthCm,

            @NotNull(message = "{climate.stop-forms.10-1000-cm}")
            @Min(value = 10, message = "{climate.stop-forms.10-1000-cm}")
            @Max(value = 1000, message = "{climate.stop-forms.10-1000-cm}")
            @Nullable
            Integer depthCm,

            @NotNull(message = "{climate.stop-forms.1-more}")
            @Min(value = 1, message = "{climate.stop-forms.1-more}")
            @Max(value = 1000, message = "{climate.stop-forms.most-1000}")
            @Nullable
            Integer position,

            @Nullable Glazing glazing,

            @Nullable Curtain curtain,

            @Min(value = 10, message = "{climate.stop-forms.10-2000-cm}")
            @Max(value = 2000, message = "{climate.stop-forms.10-2000-cm}")
            @Nullable
            Integer paneWidthCm,

            @Min(value = 10, message = "{climate.stop-forms.10-1500-cm}")
            @Max(value = 1500, message = "{climate.stop-forms.10-1500-cm}")
            @Nullable
            Integer paneHeightCm,

            @Min(value = -500, message = "{climate.stop-forms.500-1000-cm}")
            @Max(value = 1000, message = "{climate.stop-forms.500-1000-cm}")
            @Nullable
            Integer paneSillCm,

            @Min(value = 0, message = "{climate.stop-forms.0-85-degrees}")
            @Max(value = 85, message = "{climate.stop-forms.0-85-degrees}")
            @Nullable
            Integer skyline,

            @Min(value = 0, message = "{climate.stop-forms.0-1000-cm}")
            @Max(value = 1000, message = "{climate.stop-forms.0-1000-cm}")
            @Nullable
            Integer heaterCm,

            @Min(value = 0, message = "{climate.stop-forms.0-1000-cm}")
            @Max(value = 1000, message = "{climate.stop-forms.0-1000-cm}")
            @Nullable
            Integer draughtCm,

            @Nullable Long version,
            @Nullable String opened) {

        static Shape of(Stop stop) {
            return new Shape(
                    FormKey.fresh(),
                    stop.name(),
                    stop.kind(),
                    stop.glass(),
                    stop.glassCm(),
                    stop.widthCm(),
                    stop.depthCm(),
                    stop.position(),
                    stop.glazing(),
                    stop.curtain(),
                    stop.paneWidthCm(),
                    stop.paneHeightCm(),
                    stop.paneSillCm(),
                    stop.skyline(),
                    stop.heaterCm(),
                    stop.draughtCm(),
                    stop.version(),
                    null);
        }

        /** The stop with what was typed. */
        Stop into(Stop stop, double heaterReachCm) {
            return stop.renamed(Objects.requireNonNull(name).strip())
                    .built(Objects.requireNonNull(kind), glass, glassCm)
                    .sized(Objects.requireNonNull(widthCm), Objects.requireNonNull(depthCm))
                    .glazed(glazing, curtain, paneWidthCm, paneHeightCm, paneSillCm, skyline)
                    .exposed(heaterCm, draughtCm, heaterReachCm);
        }
    }
}
