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
    private static final double LEAP = 15;
    private static final Duration NEXT = Duration.ofMinutes(20);

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
            OptionalDouble celsius = within(sample, Aside.What.TEMPERATURE, sample.celsius(), aside);
            if (celsius.isPresent() && leaps(samples, i)) {
                aside.add(new Aside(sample.at(), Aside.What.TEMPERATURE, celsius.getAsDouble(), Aside.Why.LEAP));
                celsius = OptionalDouble.empty();
            }
            OptionalDouble humidity = within(sample, Aside.What.HUMIDITY, sample.humidity(), aside);
            if (humidity.isPresent()) {
                humidity = OptionalDouble.of(Math.min(100, humidity.getAsDouble()));
            }
            OptionalDouble ppfd = within(sample, Aside.What.LIGHT, sample.ppfd(), aside);
            Sample sound = new Sample(sample.at(), celsius, humidity, ppfd);
            if (!sound.empty()) {
                kept.add(sound);
            }
        }
        return new Sifted(List.copyOf(kept), List.copyOf(aside));
    }

    private static OptionalDouble within(Sample sample, Aside.What what, OptionalDouble value, List<Aside> aside) {
        if (value.isPresent() && !(value.getAsDouble() >= what.low() && value.getAsDouble() <= what.high())) {
            aside.add(new Aside(sample.at(), what, value.getAsDouble(), Aside.Why.OUTSIDE));
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
