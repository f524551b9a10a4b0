package mildlantern.mixing;

import mildlantern.message.MessageKey;

/** What a label's rate is counted on: so much water. A percentage is mL or g in 100 mL of the mixture. */
public enum Carrier implements MessageKey {
    LITRE("per L", 1000),
    HUNDRED_LITRES("per 100 L", 100_000),
    US_GALLON("per US gal", 3785.411784),
    HUNDRED_US_GALLONS("per 100 US gal", 378_541.1784),
    IMPERIAL_GALLON("per imp gal", 4546.09),
    PERCENT("in 100 mL (%)", 100);

    private final String words;
    private final double millilitres;

    Carrier(String words, double millilitres) {
        this.words = words;
        this.millilitres = millilitres;
    }

    public String words() {
        return words;
    }

    public double millilitres() {
        return millilitres;
    }
}
