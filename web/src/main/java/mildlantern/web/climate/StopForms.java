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
import mildlantern.quantity.Length;
import mildlantern.quantity.Temperature;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Glass;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.words.Amounts;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Within;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;

/** What can be typed of a stop; constructor binding keeps what was typed. */
final class StopForms {
    private StopForms() {}

    /** A reading; percent, °C, mol/m² and day; what was not read is missing. */
    record Reading(
            @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
            FormKey form,

            @NotNull(message = "{climate.stop-forms.enter-day}")
            @PastOrPresent(message = "{platform.form.day-future}")
            @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
            @Nullable
            LocalDate onDay,

            @Nullable Brightness light,

            @DecimalMin(value = "0", message = "{climate.stop-forms.0-100}")
            @DecimalMax(value = "100", message = "{climate.stop-forms.0-100}")
            @Nullable
            Double humidity,

            @Within(of = Unit.Of.TEMPERATURE, low = -40, high = 60) @Nullable
            Temperature day,

            @Within(of = Unit.Of.TEMPERATURE, low = -40, high = 60) @Nullable
            Temperature night,

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
            @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
            FormKey form,

            @NotNull(message = "{climate.stop-forms.enter-day}")
            @PastOrPresent(message = "{platform.form.day-future}")
            @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
            @Nullable
            LocalDate onDay,

            @NotNull(message = "{climate.stop-forms.enter-time-example-13}")
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
            @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
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
            @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
            FormKey form,

            @NotBlank(message = "{climate.stop-forms.name-stop}")
            @Size(max = 80, message = "{platform.form.most-80-characters}")
            @Nullable
            String name,

            @NotNull(message = "{climate.stop-forms.choose-type}") @Nullable
            StopKind kind,

            @Nullable Glass glass,

            @Within(of = Unit.Of.LENGTH, low = 0, high = 1000) @Nullable
            Length glassCm,

            @NotNull(message = "{climate.stop-forms.20-2000-cm}")
            @Within(of = Unit.Of.LENGTH, low = 20, high = 2000)
            @Nullable
            Length widthCm,

            @NotNull(message = "{climate.stop-forms.10-1000-cm}")
            @Within(of = Unit.Of.LENGTH, low = 10, high = 1000)
            @Nullable
            Length depthCm,

            @NotNull(message = "{climate.stop-forms.1-more}")
            @Min(value = 1, message = "{climate.stop-forms.1-more}")
            @Max(value = 1000, message = "{climate.stop-forms.most-1000}")
            @Nullable
            Integer position,

            @Nullable Glazing glazing,

            @Nullable Curtain curtain,

            @Within(of = Unit.Of.LENGTH, low = 10, high = 2000) @Nullable
            Length paneWidthCm,

            @Within(of = Unit.Of.LENGTH, low = 10, high = 1500) @Nullable
            Length paneHeightCm,

            @Within(of = Unit.Of.LENGTH, low = -500, high = 1000) @Nullable
            Length paneSillCm,

            @Min(value = 0, message = "{climate.stop-forms.0-85-degrees}")
            @Max(value = 85, message = "{climate.stop-forms.0-85-degrees}")
            @Nullable
            Integer skyline,

            @Within(of = Unit.Of.LENGTH, low = 0, high = 1000) @Nullable
            Length heaterCm,

            @Within(of = Unit.Of.LENGTH, low = 0, high = 1000) @Nullable
            Length draughtCm,

            @DecimalMin(value = "0", message = "{climate.stop-forms.0-24-hours}")
            @DecimalMax(value = "24", message = "{climate.stop-forms.0-24-hours}")
            @Nullable
            Double lampHours,

            @Size(max = 60, message = "{climate.stop-forms.most-60-characters}") @Nullable
            String room,

            @Nullable Long version,
            @Nullable String opened) {

        static Shape of(Stop stop) {
            return new Shape(
                    FormKey.fresh(),
                    stop.name(),
                    stop.kind(),
                    stop.glass(),
                    Amounts.length(stop.glassCm()),
                    Amounts.length(stop.widthCm()),
                    Amounts.length(stop.depthCm()),
                    stop.position(),
                    stop.glazing(),
                    stop.curtain(),
                    Amounts.length(stop.paneWidthCm()),
                    Amounts.length(stop.paneHeightCm()),
                    Amounts.length(stop.paneSillCm()),
                    stop.skyline(),
                    Amounts.length(stop.heaterCm()),
                    Amounts.length(stop.draughtCm()),
                    stop.lampHours(),
                    stop.room(),
                    stop.version(),
                    null);
        }

        /** The stop with what was typed. */
        Stop into(Stop stop, double heaterReachCm) {
            return stop.renamed(Objects.requireNonNull(name).strip())
                    .inRoom(room == null || room.isBlank() ? null : room.strip())
                    .lamp(lampHours == null || lampHours <= 0 ? null : lampHours)
                    .built(Objects.requireNonNull(kind), glass, Amounts.centimetres(glassCm))
                    .sized(
                            Objects.requireNonNull(Amounts.centimetres(widthCm)),
                            Objects.requireNonNull(Amounts.centimetres(depthCm)))
                    .glazed(
                            glazing,
                            curtain,
                            Amounts.centimetres(paneWidthCm),
                            Amounts.centimetres(paneHeightCm),
                            Amounts.centimetres(paneSillCm),
                            skyline)
                    .exposed(Amounts.centimetres(heaterCm), Amounts.centimetres(draughtCm), heaterReachCm);
        }
    }
}
