package mildlantern.care;

import java.util.Optional;

/**
 * What a stop gives.
 *
 * @param light daily light integral, mol/m² and day
 * @param humidity relative humidity, percent
 * @param byDay temperature by day, °C
 * @param night lowest temperature of the night, at the leaf, °C
 */
public record Gives(Optional<Figure> light, Optional<Figure> humidity, Optional<Figure> byDay, Optional<Figure> night) {
    /** Nothing was read or can be reckoned. */
    public static final Gives NOTHING =
            new Gives(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    Gives withLight(Figure figure) {
        return new Gives(Optional.of(figure), humidity, byDay, night);
    }

    Gives withHumidity(Figure figure) {
        return new Gives(light, Optional.of(figure), byDay, night);
    }
}
