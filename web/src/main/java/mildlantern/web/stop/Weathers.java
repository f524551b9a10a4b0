package mildlantern.web.stop;

import java.time.Clock;
import java.util.Optional;
import mildlantern.weather.SimulatedWeather;
import mildlantern.weather.WeatherSource;
import mildlantern.web.platform.CollectionId;
import org.springframework.stereotype.Component;

/**
 * The weather of each house. Only a house that says so gets made-up weather; a real source would be chosen here, and nobody else would have to
 * know.
 */
@Component
public class Weathers {
    private static final double SEA_MEAN = 12.5;
    private static final double SEA_SWING = 7;

    private final Houses houses;
    private final Clock clock;

    Weathers(Houses houses, Clock clock) {
        this.houses = houses;
        this.clock = clock;
    }

    /** The weather where a collection stands; empty where no source is known. */
    public Optional<WeatherSource> of(CollectionId collection) {
        Houses.Site site = houses.site(collection);
        return site.simulatedWeather()
                ? Optional.of(new SimulatedWeather(
                        collection.value().getMostSignificantBits(),
                        clock.getZone(),
                        new SimulatedWeather.Place(site.latitude(), SEA_MEAN, SEA_SWING)))
                : Optional.empty();
    }
}
