package mildlantern.sensing;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Sets aside what a sensor cannot have read: values out of the physical range, and single leaps of warmth that are gone at the next reading, as
 * a loose wire makes them.
 */
public final class Plausible {
    private static final double COLDEST = -45;
    private static final double HOTTEST = 65;
    private static final double LEAP = 15;
    private static final Duration NEXT = Duration.ofMinutes(20);

    /** Above full sun at noon, µmol/m²s. */
    private static final double BRIGHTEST = 2600;

    /** A worn sensor shows a little over 100 in fog; that is read as 100. */
    private static final double WORN = 105;

    private Plausible() {}

    /**
     * Samples and what was set aside of them.
     *
     * @param kept samples with at least one value, in order of time
     * @param aside what was set aside
     */
    public record Sifted(List<Sample> kept, List<Aside> aside) {}

    /**
     * @param samples in order of time
     */
    public static Sifted sift(List<Sample> samples) {
        List<Sample> kept = new ArrayList<>(samples.size());
        List<Aside> aside = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            Sample sample = samples.get(i);
            OptionalDouble celsius = within(sample, "temperature", sample.celsius(), COLDEST, HOTTEST, "°C", aside);
            if (celsius.isPresent() && leaps(samples, i)) {
                aside.add(new Aside(sample.at(), "temperature", celsius.getAsDouble(), "leaps away and back at once"));
                celsius = OptionalDouble.empty();
            }
            OptionalDouble humidity = within(sample, "humidity", sample.humidity(), 0, WORN, "%", aside);
            if (humidity.isPresent()) {
                humidity = OptionalDouble.of(Math.min(100, humidity.getAsDouble()));
            }
            OptionalDouble ppfd = within(sample, "light", sample.ppfd(), 0, BRIGHTEST, "µmol/m²s", aside);
            Sample sound = new Sample(sample.at(), celsius, humidity, ppfd);
            if (!sound.empty()) {
                kept.add(sound);
            }
        }
        return new Sifted(List.copyOf(kept), List.copyOf(aside));
    }

    private static OptionalDouble within(
            Sample sample, String what, OptionalDouble value, double low, double high, String unit, List<Aside> aside) {
        if (value.isPresent() && !(value.getAsDouble() >= low && value.getAsDouble() <= high)) {
            aside.add(new Aside(
                    sample.at(), what, value.getAsDouble(), "outside %.0f to %.0f %s".formatted(low, high, unit)));
            return OptionalDouble.empty();
        }
        return value;
    }

    private static boolean leaps(List<Sample> samples, int at) {
        if (at == 0 || at == samples.size() - 1) {
            return false;
        }
        Sample before = samples.get(at - 1);
        Sample here = samples.get(at);
        Sample after = samples.get(at + 1);
        if (before.celsius().isEmpty()
                || after.celsius().isEmpty()
                || Duration.between(before.at(), after.at()).compareTo(NEXT.multipliedBy(2)) > 0) {
            return false;
        }
        double up = here.celsius().getAsDouble() - before.celsius().getAsDouble();
        double down = here.celsius().getAsDouble() - after.celsius().getAsDouble();
        return Math.abs(up) > LEAP && Math.abs(down) > LEAP && up * down > 0;
    }
}
