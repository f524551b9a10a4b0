package mildlantern.mixing;

import mildlantern.message.MessageKey;

/** What a label's rate is counted on: so much water. A percentage is mL or g in 100 mL of the mixture. */
public enum Carrier implements MessageKey {
    LITRE(1000),
    HUNDRED_LITRES(100_000),
    US_GALLON(3785.411784),
    HUNDRED_US_GALLONS(378_541.1784),
    IMPERIAL_GALLON(4546.09),
    PERCENT(100);

    private final double millilitres;

    Carrier(double millilitres) {
        this.millilitres = millilitres;
    }

    public double millilitres() {
        return millilitres;
    }
}
