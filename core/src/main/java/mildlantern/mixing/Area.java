package mildlantern.mixing;

/** A unit of ground as labels have it; the foot is 0.3048 m (exact). */
public enum Area {
    SQUARE_METRE("m²", 1),
    SQUARE_FOOT("sq ft", 0.3048 * 0.3048),
    HECTARE("ha", 10_000),
    ACRE("acre", 43_560 * 0.3048 * 0.3048);

    private final String symbol;
    private final double squareMetres;

    Area(String symbol, double squareMetres) {
        this.symbol = symbol;
        this.squareMetres = squareMetres;
    }

    public String symbol() {
        return symbol;
    }

    public double squareMetres(double amount) {
        return amount * squareMetres;
    }
}
