package mildlantern.weather;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

/** Where weather comes from. A real source takes the place of the made-up one by answering these questions. */
public interface WeatherSource {
    /** The weather at a moment, past or present. */
    WeatherHour at(Instant moment);

    /** What a day brought, from midnight to midnight; of today what it brings by its likeliest. */
    WeatherDay day(LocalDate day);

    /**
     * What the next nights bring.
     *
     * @param issued the day on which it is asked; the first night begins on its evening
     * @param nights how many, 1 to 14
     */
    List<NightForecast> nights(LocalDate issued, int nights);
}
