package mildlantern.web.keeping;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Objects;
import mildlantern.place.StopId;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Length;
import mildlantern.quantity.Volume;
import mildlantern.water.LeafClass;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.FormKey;
import mildlantern.web.words.Amounts;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Within;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;

/** A plant as typed, new or changed; cm, mL and g. */
record PlantForm(
        @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
        FormKey form,

        @NotNull(message = "{keeping.plant-form.choose-stop-where-stands}") @Nullable
        StopId stop,

        @NotBlank(message = "{keeping.plant-form.give-name-own}")
        @Size(max = 80, message = "{platform.form.most-80-characters}")
        @Nullable
        String name,

        @NotBlank(message = "{keeping.plant-form.choose-what-kind-plant}") @Nullable
        String profile,

        @Size(max = 80, message = "{platform.form.most-80-characters}") @Nullable
        String cultivar,

        @Size(max = 40, message = "{platform.form.most-40-characters}") @Nullable
        String accession,

        @Size(max = 120, message = "{platform.form.most-120-characters}") @Nullable
        String source,

        @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) @PastOrPresent(message = "{platform.form.day-future}") @Nullable
        LocalDate acquiredOn,

        @Nullable PotKind pot,

        @Within(of = Unit.Of.LENGTH, low = 2, high = 200) @Nullable
        Length diameter,

        @Within(of = Unit.Of.LENGTH, low = 1, high = 200) @Nullable
        Length height,

        @Within(of = Unit.Of.VOLUME, low = 0, high = 50000) @Nullable
        Volume reservoir,

        @Nullable Boolean outerPot,
        @Nullable Boolean drainHoles,
        @Nullable String medium,

        @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) @PastOrPresent(message = "{platform.form.day-future}") @Nullable
        LocalDate pottedOn,

        @Nullable WaterSource water,
        @Nullable FeedStrength feed,
        @Nullable Boolean overTop,
        @Nullable Stage stage,
        @Nullable LeafClass leafClass,
        @Nullable GrowthForm plateForm,

        @Min(value = 0, message = "{keeping.plant-form.0-more}")
        @Max(value = 5000, message = "{keeping.plant-form.most-5000}")
        @Nullable
        Integer leaves,

        @Min(value = 0, message = "{keeping.plant-form.0-more}")
        @Max(value = 500, message = "{keeping.plant-form.most-500}")
        @Nullable
        Integer growths,

        @Min(value = 0, message = "{keeping.plant-form.0-more}")
        @Max(value = 500, message = "{keeping.plant-form.most-500}")
        @Nullable
        Integer offsets,

        @Nullable Long version,
        @Nullable String opened,
        @Nullable Boolean anyway) {

    static PlantForm fresh(@Nullable StopId stop, String profile) {
        return new PlantForm(
                FormKey.fresh(),
                stop,
                "",
                profile,
                "",
                "",
                "",
                null,
                null,
                null,
                null,
                null,
                false,
                true,
                "",
                null,
                null,
                null,
                false,
                Stage.ADULT,
                LeafClass.USUAL,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    static PlantForm of(Plant plant) {
        return new PlantForm(
                FormKey.fresh(),
                plant.stop(),
                plant.name(),
                plant.profile(),
                plant.cultivar(),
                plant.accession(),
                plant.source(),
                plant.acquiredOn(),
                plant.potKind(),
                Amounts.length(plant.potDiameterCm()),
                Amounts.length(plant.potHeightCm()),
                new Volume(plant.reservoirMl()),
                plant.outerPot(),
                plant.drainHoles(),
                plant.medium(),
                plant.pottedOn(),
                plant.waterSource(),
                plant.feedStrength(),
                plant.overTop(),
                plant.stage(),
                plant.leafClass(),
                plant.form(),
                plant.leaves(),
                plant.growths(),
                plant.offsets(),
                plant.version(),
                null,
                null);
    }

    /** The pot and the medium, where none was chosen, are the usual ones of its kind. */
    Plant into(Plant plant, Profile kind) {
        return into(plant)
                .potted(
                        pot == null ? kind.usualPot() : pot,
                        Amounts.of(diameter),
                        medium == null || medium.isBlank() ? kind.usualMedium() : medium,
                        pottedOn);
    }

    /** Puts what was typed into a plant; its stop is left alone, because moving is an entry of the log. */
    Plant into(Plant plant) {
        return plant.renamed(Objects.requireNonNull(name).strip())
                .ofKind(Objects.requireNonNull(profile), plateForm)
                .named(blank(cultivar), blank(accession), blank(source))
                .acquired(acquiredOn)
                .potted(pot == null ? PotKind.PLASTIC : pot, Amounts.of(diameter), medium, pottedOn)
                .pot(Amounts.of(height), reservoir == null ? 0 : reservoir.millilitres(), pottedOn)
                .kept(water, feed, overTop, outerPot, drainHoles)
                .grown(stage == null ? Stage.ADULT : stage)
                .leafy(leafClass == null ? LeafClass.USUAL : leafClass)
                .counted(
                        Objects.requireNonNullElse(leaves, 0),
                        Objects.requireNonNullElse(growths, 0),
                        Objects.requireNonNullElse(offsets, 0),
                        plant.flowers(),
                        plant.buds());
    }

    private static @Nullable String blank(@Nullable String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }
}
