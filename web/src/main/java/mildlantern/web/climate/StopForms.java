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
import mildlantern.plant.Brightness;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Glass;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;

/** What can be typed of a stop; constructor binding keeps what was typed. */
final class StopForms {
    private StopForms() {}

    /** A reading; percent, °C, mol/m² and day; what was not read is missing. */
    record Reading(
            @NotNull(message = "Open the page afresh.") @Nullable
            FormKey form,

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

    /** What a light meter reads. */
    enum MeterUnit {
        LUX("lux"),
        FOOT_CANDLES("foot-candles"),
        PPFD("µmol/m²s");

        private final String words;

        MeterUnit(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** A reading of a light meter, with its hour and sky. */
    record Meter(
            @NotNull(message = "Open the page afresh.") @Nullable
            FormKey form,

            @NotNull(message = "Give the day.")
            @PastOrPresent(message = "That day has not come yet.")
            @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
            @Nullable
            LocalDate onDay,

            @NotNull(message = "Give the hour, as 13:00.") @DateTimeFormat(iso = DateTimeFormat.ISO.TIME) @Nullable
            LocalTime at,

            @NotNull(message = "What the meter shows.")
            @DecimalMin(value = "0", message = "0 to 200 000.")
            @DecimalMax(value = "200000", message = "0 to 200 000.")
            @Nullable
            Double value,

            @NotNull(message = "Choose the unit.") @Nullable MeterUnit unit,

            @NotNull(message = "Choose the sky.") @Nullable Sky sky) {}

    /** Where the house stands; degrees. */
    record Site(
            @NotNull(message = "Open the page afresh.") @Nullable
            FormKey form,

            @NotNull(message = "−66 to 66 degrees.")
            @DecimalMin(value = "-66", message = "−66 to 66 degrees.")
            @DecimalMax(value = "66", message = "−66 to 66 degrees.")
            @Nullable
            Double latitude,

            @NotNull(message = "−180 to 180 degrees.")
            @DecimalMin(value = "-180", message = "−180 to 180 degrees.")
            @DecimalMax(value = "180", message = "−180 to 180 degrees.")
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
            @NotNull(message = "Open the page afresh.") @Nullable
            FormKey form,

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
            Integer position,

            @Nullable Glazing glazing,

            @Nullable Curtain curtain,

            @Min(value = 10, message = "10 to 2000 cm.") @Max(value = 2000, message = "10 to 2000 cm.") @Nullable
            Integer paneWidthCm,

            @Min(value = 10, message = "10 to 1500 cm.") @Max(value = 1500, message = "10 to 1500 cm.") @Nullable
            Integer paneHeightCm,

            @Min(value = -500, message = "−500 to 1000 cm.") @Max(value = 1000, message = "−500 to 1000 cm.") @Nullable
            Integer paneSillCm,

            @Min(value = 0, message = "0 to 85 degrees.") @Max(value = 85, message = "0 to 85 degrees.") @Nullable
            Integer skyline,

            @Min(value = 0, message = "0 to 1000 cm.") @Max(value = 1000, message = "0 to 1000 cm.") @Nullable
            Integer heaterCm,

            @Min(value = 0, message = "0 to 1000 cm.") @Max(value = 1000, message = "0 to 1000 cm.") @Nullable
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
