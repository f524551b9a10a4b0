package mildlantern.mixing;

import mildlantern.quantity.Limits;

/**
 * A label's rate: so much product on so much water.
 *
 * @param amount amount of product, above 0
 * @param measure its unit
 * @param carrier what it is counted on
 */
public record Rate(double amount, Measure measure, Carrier carrier) {
    /** Nothing is mixed stronger than itself: this much in a litre is the pure product. */
    private static final double MOST_PER_LITRE = 1000;

    /**
     * @throws IllegalArgumentException if the amount is not above 0 or the mixture would be more than the pure product
     */
    public Rate {
        Limits.require("amount", amount, 1e-6, 1e7, measure.name());
        Limits.require(
                "strength",
                measure.inBase(amount) / carrier.millilitres() * 1000,
                0,
                MOST_PER_LITRE,
                measure.kind().unit() + " in a litre");
    }

    /** In mL or g per litre of mixture. */
    public double perLitre() {
        return measure.inBase(amount) / carrier.millilitres() * 1000;
    }

    /**
     * Product for so much mixture.
     *
     * @param millilitres mixture wanted, mL, 0 or more
     * @return mL or g, by the measure's kind
     */
    public double product(double millilitres) {
        return perLitre() * Limits.require("mixture", millilitres, 0, 1e7, "mL") / 1000;
    }

    /** Whether this is stronger than another, by more than rounding; rates of different kinds cannot be compared. */
    public boolean strongerThan(Rate other) {
        if (measure.kind() != other.measure.kind()) {
            throw new IllegalArgumentException(
                    measure + " cannot be held against " + other.measure + " without the product's density");
        }
        return perLitre() > other.perLitre() * 1.005;
    }
}
