package mildlantern.plant;

import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.quantity.Range;

/**
 * What a plant wants at its time of the year.
 *
 * @param phase that time
 * @param light from the light that holds it to the most that it bears, mol photons per square metre and day
 * @param growsFrom the light from which it grows, mol/m² and day; not below the former's lower end
 * @param humidity relative humidity, percent
 * @param day temperature by day, °C
 * @param night temperature of the nights, °C
 * @param warmSlack °C above the upper ends of days and nights that do no harm: a rest a little too warm is a rest
 * @param dryness how dry it gets before the next watering
 * @param daysBetween where it is kept drier than its pot dries: days from one watering to the next
 * @param feed share of the feed of its growing time that it gets, 0 to 1; 0 is none
 * @param lightHours most hours of light a day, where its flowers or its rest hang on long nights
 */
public record Wants(
        Phase phase,
        Range light,
        double growsFrom,
        Range humidity,
        Range day,
        Range night,
        double warmSlack,
        Dryness dryness,
        Optional<Range> daysBetween,
        double feed,
        OptionalDouble lightHours) {}
