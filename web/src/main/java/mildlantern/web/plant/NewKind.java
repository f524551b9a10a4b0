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
class NewKind {
    @NotNull(message = "Open the page afresh.")
    private @Nullable FormKey form;

    @NotBlank(message = "Choose the kind that it is most like.")
    private String nearest = "";

    @NotBlank(message = "Give the kind a name, as in blue fern.")
    @Size(max = 80, message = "At most 80 characters.")
    private String name = "";

    @Size(max = 120, message = "At most 120 characters.")
    private String botanical = "";

    private Brightness light = Brightness.MEDIUM;

    @NotNull(message = "A number, 0 to 100 %.")
    @DecimalMin(value = "0", message = "0 to 100 %.")
    @DecimalMax(value = "100", message = "0 to 100 %.")
    private @Nullable Double humidityLow;

    @NotNull(message = "A number, 0 to 100 %.")
    @DecimalMin(value = "0", message = "0 to 100 %.")
    @DecimalMax(value = "100", message = "0 to 100 %.")
    private @Nullable Double humidityHigh;

    @NotNull(message = "A number, -20 to 50 °C.")
    @DecimalMin(value = "-20", message = "-20 to 50 °C.")
    @DecimalMax(value = "50", message = "-20 to 50 °C.")
    private @Nullable Double dayLow;

    @NotNull(message = "A number, -20 to 50 °C.")
    @DecimalMin(value = "-20", message = "-20 to 50 °C.")
    @DecimalMax(value = "50", message = "-20 to 50 °C.")
    private @Nullable Double dayHigh;

    @NotNull(message = "A number, -20 to 50 °C.")
    @DecimalMin(value = "-20", message = "-20 to 50 °C.")
    @DecimalMax(value = "50", message = "-20 to 50 °C.")
    private @Nullable Double night;

    @NotNull(message = "A number, 0.5 to 90 days.")
    @DecimalMin(value = "0.5", message = "0.5 to 90 days.")
    @DecimalMax(value = "90", message = "0.5 to 90 days.")
    private @Nullable Double daysLow;

    @NotNull(message = "A number, 0.5 to 90 days.")
    @DecimalMin(value = "0.5", message = "0.5 to 90 days.")
    @DecimalMax(value = "90", message = "0.5 to 90 days.")
    private @Nullable Double daysHigh;

    private Dryness dryness = Dryness.TOP_DRY;

    private WaterWant water = WaterWant.ANY;

    @NotNull(message = "A number, 0 to 400 mg.")
    @DecimalMin(value = "0", message = "0 to 400 mg.")
    @DecimalMax(value = "400", message = "0 to 400 mg.")
    private @Nullable Double feedLow;

    @NotNull(message = "A number, 0 to 400 mg.")
    @DecimalMin(value = "0", message = "0 to 400 mg.")
    @DecimalMax(value = "400", message = "0 to 400 mg.")
    private @Nullable Double feedHigh;

    @Size(max = 300, message = "At most 300 characters.")
    private String rest = "";

    /** A form that starts from the kind that it is most like. */
    static NewKind like(Profile profile) {
        NewKind kind = new NewKind();
        kind.nearest = profile.nearest();
        kind.light = profile.light();
        kind.humidityLow = profile.humidity().low();
        kind.humidityHigh = profile.humidity().high();
        kind.dayLow = profile.day().low();
        kind.dayHigh = profile.day().high();
        kind.night = profile.night().celsius();
        kind.daysLow = profile.wateringDays().low();
        kind.daysHigh = profile.wateringDays().high();
        kind.dryness = profile.dryness();
        kind.water = profile.water();
        kind.feedLow = profile.feedMgN().low();
        kind.feedHigh = profile.feedMgN().high();
        kind.rest = profile.rest().orElse("");
        return kind;
    }

    public @Nullable FormKey getForm() {
        return form;
    }

    public void setForm(@Nullable FormKey value) {
        this.form = value;
    }

    public String getNearest() {
        return nearest;
    }

    public void setNearest(String value) {
        this.nearest = value;
    }

    public String getName() {
        return name;
    }

    public void setName(String value) {
        this.name = value;
    }

    public String getBotanical() {
        return botanical;
    }

    public void setBotanical(String value) {
        this.botanical = value;
    }

    public Brightness getLight() {
        return light;
    }

    public void setLight(Brightness value) {
        this.light = value;
    }

    public @Nullable Double getHumidityLow() {
        return humidityLow;
    }

    public void setHumidityLow(@Nullable Double value) {
        this.humidityLow = value;
    }

    public @Nullable Double getHumidityHigh() {
        return humidityHigh;
    }

    public void setHumidityHigh(@Nullable Double value) {
        this.humidityHigh = value;
    }

    public @Nullable Double getDayLow() {
        return dayLow;
    }

    public void setDayLow(@Nullable Double value) {
        this.dayLow = value;
    }

    public @Nullable Double getDayHigh() {
        return dayHigh;
    }

    public void setDayHigh(@Nullable Double value) {
        this.dayHigh = value;
    }

    public @Nullable Double getNight() {
        return night;
    }

    public void setNight(@Nullable Double value) {
        this.night = value;
    }

    public @Nullable Double getDaysLow() {
        return daysLow;
    }

    public void setDaysLow(@Nullable Double value) {
        this.daysLow = value;
    }

    public @Nullable Double getDaysHigh() {
        return daysHigh;
    }

    public void setDaysHigh(@Nullable Double value) {
        this.daysHigh = value;
    }

    public Dryness getDryness() {
        return dryness;
    }

    public void setDryness(Dryness value) {
        this.dryness = value;
    }

    public WaterWant getWater() {
        return water;
    }

    public void setWater(WaterWant value) {
        this.water = value;
    }

    public @Nullable Double getFeedLow() {
        return feedLow;
    }

    public void setFeedLow(@Nullable Double value) {
        this.feedLow = value;
    }

    public @Nullable Double getFeedHigh() {
        return feedHigh;
    }

    public void setFeedHigh(@Nullable Double value) {
        this.feedHigh = value;
    }

    public String getRest() {
        return rest;
    }

    public void setRest(String value) {
        this.rest = value;
    }
}
