package mildlantern.web.stop;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import mildlantern.plant.Brightness;
import mildlantern.web.platform.FormKey;
import org.jspecify.annotations.Nullable;

/** A new stop, as typed; humidity in percent, temperatures in °C. */
class NewStop {
    @NotNull(message = "Open the page afresh.")
    private @Nullable FormKey form;

    @NotBlank(message = "Give the stop a name, as in kitchen sill.")
    @Size(max = 80, message = "At most 80 characters.")
    private String name = "";

    @Size(max = 40, message = "At most 40 characters.")
    private String note = "";

    private @Nullable Brightness light;

    @DecimalMin(value = "0", message = "0 to 100 %.")
    @DecimalMax(value = "100", message = "0 to 100 %.")
    private @Nullable Double humidity;

    @DecimalMin(value = "-40", message = "−40 to 60 °C.")
    @DecimalMax(value = "60", message = "−40 to 60 °C.")
    private @Nullable Double day;

    @DecimalMin(value = "-40", message = "−40 to 60 °C.")
    @DecimalMax(value = "60", message = "−40 to 60 °C.")
    private @Nullable Double night;

    private boolean isolation;

    public @Nullable FormKey getForm() {
        return form;
    }

    public void setForm(@Nullable FormKey value) {
        this.form = value;
    }

    public String getName() {
        return name;
    }

    public void setName(String value) {
        this.name = value;
    }

    public String getNote() {
        return note;
    }

    public void setNote(String value) {
        this.note = value;
    }

    public @Nullable Brightness getLight() {
        return light;
    }

    public void setLight(@Nullable Brightness value) {
        this.light = value;
    }

    public @Nullable Double getHumidity() {
        return humidity;
    }

    public void setHumidity(@Nullable Double value) {
        this.humidity = value;
    }

    public @Nullable Double getDay() {
        return day;
    }

    public void setDay(@Nullable Double value) {
        this.day = value;
    }

    public @Nullable Double getNight() {
        return night;
    }

    public void setNight(@Nullable Double value) {
        this.night = value;
    }

    public boolean isIsolation() {
        return isolation;
    }

    public void setIsolation(boolean value) {
        this.isolation = value;
    }
}
