package mildlantern.web.plant;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import mildlantern.plant.PotKind;
import org.jspecify.annotations.Nullable;

/**
 * What a plant stands in; null is not known.
 *
 * @param potDiameterCm across its top, cm
 * @param potHeightCm its height, cm
 * @param reservoirMl its reservoir, mL; 0 for none
 * @param medium id of the medium in it
 * @param pottedOn when it was potted
 * @param mediumSince since when it stands in this medium
 * @param outerPot whether it stands in an outer pot
 * @param drainHoles whether the pot has holes
 * @param wetGrams what all of it weighs wet through, g
 * @param dryGrams what all of it weighs bone dry, g
 */
@Embeddable
public record Pot(
        @Enumerated(EnumType.STRING) PotKind potKind,
        @Nullable Double potDiameterCm,
        @Nullable Double potHeightCm,
        double reservoirMl,
        @Nullable String medium,
        @Nullable LocalDate pottedOn,
        @Nullable LocalDate mediumSince,
        @Nullable Boolean outerPot,
        @Nullable Boolean drainHoles,
        @Nullable Integer wetGrams,
        @Nullable Integer dryGrams) {
    static final Pot USUAL = new Pot(PotKind.PLASTIC, null, null, 0, null, null, null, null, null, null, null);

    /** The same with another pot, medium and day. */
    public Pot with(PotKind kind, @Nullable Double diameterCm, @Nullable String mediumId, @Nullable LocalDate day) {
        return new Pot(
                kind,
                diameterCm,
                potHeightCm,
                reservoirMl,
                mediumId,
                day,
                mediumSince,
                outerPot,
                drainHoles,
                wetGrams,
                dryGrams);
    }

    /** The same with another height and reservoir, and since when in this medium. */
    public Pot sized(@Nullable Double heightCm, double reservoir, @Nullable LocalDate since) {
        return new Pot(
                potKind,
                potDiameterCm,
                heightCm,
                reservoir,
                medium,
                pottedOn,
                since,
                outerPot,
                drainHoles,
                wetGrams,
                dryGrams);
    }

    /** The same with what its outer pot and holes are. */
    public Pot standing(@Nullable Boolean outer, @Nullable Boolean holes) {
        return new Pot(
                potKind,
                potDiameterCm,
                potHeightCm,
                reservoirMl,
                medium,
                pottedOn,
                mediumSince,
                outer,
                holes,
                wetGrams,
                dryGrams);
    }

    /** The same with other yardsticks of its weight. */
    public Pot weighing(@Nullable Integer wet, @Nullable Integer dry) {
        return new Pot(
                potKind,
                potDiameterCm,
                potHeightCm,
                reservoirMl,
                medium,
                pottedOn,
                mediumSince,
                outerPot,
                drainHoles,
                wet,
                dry);
    }
}
