package mildlantern.care;

import java.util.Optional;
import mildlantern.place.Moves;

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

    /** Whether a plant goes from here to there by steps: it is much brighter there, or much warmer or cooler; what is not known asks for none. */
    public boolean bySteps(Gives there, Moves moves) {
        boolean brighter = light.isPresent()
                && there.light.isPresent()
                && there.light.get().value() > moves.lightUp() * light.get().value();
        boolean warmth = byDay.isPresent()
                && there.byDay.isPresent()
                && Math.abs(there.byDay.get().value() - byDay.get().value()) > moves.temperatureStep();
        return brighter || warmth;
    }

    /** What it gives of a need; empty where nothing is known of it, or no stop gives it. */
    public Optional<Figure> of(Need.Kind kind) {
        return switch (kind) {
            case LIGHT -> light;
            case HUMIDITY -> humidity;
            case DAY -> byDay;
            case NIGHT -> night;
            case WATERING, WATER, FOOD, SALTS -> Optional.empty();
        };
    }

    Gives withLight(Figure figure) {
        return new Gives(Optional.of(figure), humidity, byDay, night);
    }

    /** The same without the moisture of the air: outdoors nobody changes it, and a plant that stands there bears it. */
    public Gives outdoors() {
        return new Gives(light, Optional.empty(), byDay, night);
    }

    Gives withHumidity(Figure figure) {
        return new Gives(light, Optional.of(figure), byDay, night);
    }
}
