package mildlantern.sensing;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Function;
import mildlantern.light.Photons;

/**
 * What a day came to. A part of which too many hours are missing is missing itself: half a day's light is not a day's light.
 *
 * @param day the day, by the clock of the place
 * @param mol daily light integral, mol/m²
 * @param humidity mean relative humidity, percent
 * @param byDay mean temperature from 9 to 18 o'clock, °C
 * @param night lowest temperature, °C
 * @param lowest likewise the lowest, over any hours that were read
 * @param highest highest temperature, °C
 * @param wetHours hours with air at 90 % or more, in which leaves stay or become wet (Sutton, Gillespie and Hildebrand 1984, Plant Disease 68)
 * @param hours hours of which anything was read, 0 to 24
 */
public record DayOfAir(
        LocalDate day,
        OptionalDouble mol,
        OptionalDouble humidity,
        OptionalDouble byDay,
        OptionalDouble night,
        OptionalDouble lowest,
        OptionalDouble highest,
        OptionalDouble wetHours,
        int hours) {
    /** So many hours of a day must have been read for a sum or a mean of it. */
    private static final int ENOUGH = 21;

    private static final int FROM = 9;
    private static final int TO = 18;
    private static final int ENOUGH_BY_DAY = 7;
    /** Air so moist that leaves stay wet, percent. */
    public static final double WET = 90;

    /** The days of some hours, in order; days of which nothing was read are missing. */
    public static List<DayOfAir> of(List<HourOfAir> hours, ZoneId zone) {
        SortedMap<LocalDate, List<HourOfAir>> byDay = new TreeMap<>();
        hours.forEach(hour -> byDay.computeIfAbsent(hour.hour().atZone(zone).toLocalDate(), day -> new ArrayList<>())
                .add(hour));
        return byDay.entrySet().stream()
                .map(day -> of(day.getKey(), day.getValue(), zone))
                .toList();
    }

    private static DayOfAir of(LocalDate day, List<HourOfAir> hours, ZoneId zone) {
        double[] light = values(hours, HourOfAir::ppfd);
        double[] moist = values(hours, HourOfAir::humidity);
        double[] warm = values(
                hours.stream()
                        .filter(hour -> {
                            int clock = hour.hour().atZone(zone).getHour();
                            return clock >= FROM && clock < TO;
                        })
                        .toList(),
                HourOfAir::celsius);
        OptionalDouble lowest = Arrays.stream(values(hours, HourOfAir::lowest)).min();
        OptionalDouble highest =
                Arrays.stream(values(hours, HourOfAir::highest)).max();
        boolean wholeAir = values(hours, HourOfAir::celsius).length >= ENOUGH;
        // An hour that is missing among many counts as the others; a day has 23 or 25 hours when the clock changes.
        return new DayOfAir(
                day,
                light.length < ENOUGH
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(
                                Photons.daily(Arrays.stream(light).average().orElse(0), 24)),
                moist.length < ENOUGH
                        ? OptionalDouble.empty()
                        : Arrays.stream(moist).average(),
                warm.length < ENOUGH_BY_DAY
                        ? OptionalDouble.empty()
                        : Arrays.stream(warm).average(),
                wholeAir ? lowest : OptionalDouble.empty(),
                lowest,
                highest,
                moist.length < ENOUGH
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(
                                Arrays.stream(moist).filter(rh -> rh >= WET).count()),
                hours.size());
    }

    private static double[] values(List<HourOfAir> hours, Function<HourOfAir, OptionalDouble> part) {
        return hours.stream()
                .map(part)
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .toArray();
    }

    /** The mean of a part over days that have it; missing where fewer than the given number have it. */
    public static OptionalDouble mean(List<DayOfAir> days, Function<DayOfAir, OptionalDouble> part, int least) {
        double[] values = days.stream()
                .map(part)
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .toArray();
        return values.length < Math.max(1, least)
                ? OptionalDouble.empty()
                : Arrays.stream(values).average();
    }
}
