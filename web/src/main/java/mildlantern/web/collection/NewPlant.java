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
import mildlantern.plant.WaterSource;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;

/** A new plant, as typed; the pot across its top in cm. */
class NewPlant {
    @NotNull(message = "Open the page afresh.")
    private @Nullable UUID form;

    @NotNull(message = "Choose the stop where it stands.")
    private @Nullable UUID stop;

    @NotBlank(message = "Give it a name of its own.")
    @Size(max = 80, message = "At most 80 characters.")
    private String name = "";

    @NotBlank(message = "Choose what kind of plant it is.")
    private String profile = "";

    private PotKind pot = PotKind.PLASTIC;

    @DecimalMin(value = "2", message = "2 to 200 cm.")
    @DecimalMax(value = "200", message = "2 to 200 cm.")
    private @Nullable Double diameter;

    private String medium = "peat-mix";

    @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
    @PastOrPresent(message = "That day has not come yet.")
    private @Nullable LocalDate pottedOn;

    private @Nullable WaterSource water;

    private boolean outerPot;

    @Min(value = 0, message = "0 or more.")
    @Max(value = 5000, message = "At most 5000.")
    private @Nullable Integer leaves;

    public @Nullable UUID getForm() {
        return form;
    }

    public void setForm(@Nullable UUID value) {
        this.form = value;
    }

    public @Nullable UUID getStop() {
        return stop;
    }

    public void setStop(@Nullable UUID value) {
        this.stop = value;
    }

    public String getName() {
        return name;
    }

    public void setName(String value) {
        this.name = value;
    }

    public String getProfile() {
        return profile;
    }

    public void setProfile(String value) {
        this.profile = value;
    }

    public PotKind getPot() {
        return pot;
    }

    public void setPot(PotKind value) {
        this.pot = value;
    }

    public @Nullable Double getDiameter() {
        return diameter;
    }

    public void setDiameter(@Nullable Double value) {
        this.diameter = value;
    }

    public String getMedium() {
        return medium;
    }

    public void setMedium(String value) {
        this.medium = value;
    }

    public @Nullable LocalDate getPottedOn() {
        return pottedOn;
    }

    public void setPottedOn(@Nullable LocalDate value) {
        this.pottedOn = value;
    }

    public @Nullable WaterSource getWater() {
        return water;
    }

    public void setWater(@Nullable WaterSource value) {
        this.water = value;
    }

    public boolean isOuterPot() {
        return outerPot;
    }

    public void setOuterPot(boolean value) {
        this.outerPot = value;
    }

    public @Nullable Integer getLeaves() {
        return leaves;
    }

    public void setLeaves(@Nullable Integer value) {
        this.leaves = value;
    }
}
