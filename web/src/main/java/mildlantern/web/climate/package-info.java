/**
 * A stop's page: its window, meter, sensors, tables of loggers, charts, weather, and the air and light calculators.
 *
 * <p>From readings and the core's light, air and weather.
 *
 * <p>It must not know cases, courses or the round.
 */
@NullMarked
package mildlantern.web.climate;

import org.jspecify.annotations.NullMarked;
