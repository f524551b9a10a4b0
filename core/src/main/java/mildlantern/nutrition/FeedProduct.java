package mildlantern.nutrition;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Limits;

/**
 * A feed by its label.
 *
 * @param id its id
 * @param name what it is called
 * @param form how it comes
 * @param density of a liquid, g/mL; 1 for others
 * @param label nitrogen, phosphorus and potassium as elements
 * @param calcium percent by weight; likewise magnesium and iron
 * @param micros whether the label names micronutrients
 * @param organic whether it is organic, as traps bear it
 * @param ecPerGram conductivity that 1 g adds to a litre, mS/cm
 * @param months that granules last at 21 °C; 0 for what dissolves
 * @param lopsided why it is no full feed, where it is a leftover or a single salt
 */
public record FeedProduct(
        String id,
        String name,
        Form form,
        double density,
        Feed label,
        double calcium,
        double magnesium,
        double iron,
        boolean micros,
        boolean organic,
        double ecPerGram,
        double months,
        Optional<String> lopsided) {
    /** How a feed comes. */
    public enum Form implements MessageKey {
        POWDER,
        LIQUID,
        GRANULES
    }

    public FeedProduct {
        Limits.require("density", density, 0.5, 2, "g/mL");
        Limits.require("calcium", calcium, 0, 100, "%");
        Limits.require("magnesium", magnesium, 0, 100, "%");
        Limits.require("iron", iron, 0, 100, "%");
        Limits.require("conductivity", ecPerGram, 0, 5, "mS/cm");
    }

    /**
     * What a litre at a strength holds.
     *
     * @param amount of the feed, mL of a liquid, otherwise g
     * @param unit of the amount, mL or g
     * @param nitrogen mg/L; likewise the others
     * @param conductivity that the feed adds, mS/cm
     */
    public record Litre(
            double amount,
            String unit,
            double nitrogen,
            double phosphorus,
            double potassium,
            double calcium,
            double magnesium,
            double iron,
            double conductivity) {}

    /**
     * A litre with so much nitrogen.
     *
     * @param mgNitrogen wanted, mg/L, 0 to 2000
     * @throws IllegalArgumentException if the feed holds no nitrogen, or is granules that do not dissolve
     */
    public Litre litreWith(double mgNitrogen) {
        if (form == Form.GRANULES) {
            throw new IllegalArgumentException("granules are laid on the medium, not dissolved");
        }
        double grams = label.gramsPerLitreFor(mgNitrogen);
        return new Litre(
                form == Form.LIQUID ? grams / density : grams,
                form == Form.LIQUID ? "mL" : "g",
                mgNitrogen,
                Feed.milligramsPerLitre(label.phosphorus(), grams),
                Feed.milligramsPerLitre(label.potassium(), grams),
                Feed.milligramsPerLitre(calcium, grams),
                Feed.milligramsPerLitre(magnesium, grams),
                Feed.milligramsPerLitre(iron, grams),
                ecPerGram * grams);
    }

    /** What is wanting for a full feed; empty for a full one. */
    public List<Message> wanting() {
        if (lopsided.isPresent()) {
            return List.of(FeedLack.LOPSIDED.with(lopsided.get()));
        }
        List<Message> missing = new ArrayList<>();
        if (label.nitrogen() <= 0 || label.phosphorus() <= 0 || label.potassium() <= 0) {
            missing.add(FeedLack.MAIN.with());
        }
        if (!micros || iron <= 0) {
            missing.add(FeedLack.MICROS.with());
        }
        if (magnesium <= 0 && calcium <= 0) {
            missing.add(FeedLack.CALCIUM_AND_MAGNESIUM.with());
        } else if (calcium <= 0) {
            missing.add(FeedLack.CALCIUM.with());
        }
        return List.copyOf(missing);
    }
}
