package mildlantern.place;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.light.Daylight;
import mildlantern.plant.PlantRecord.Place;
import mildlantern.plant.Profile;
import mildlantern.quantity.Limits;

/** Judges a move from one place to another. */
public final class Moves {
    private final Daylight daylight;
    private final double temperatureStep;
    private final double lightUp;
    private final double lightDown;

    private Moves(Entry file, Daylight daylight) {
        file.allowOnly(Set.of("temperature-step", "light-up", "light-down"));
        this.daylight = daylight;
        temperatureStep = file.number("temperature-step", 1, 40);
        lightUp = file.number("light-up", 1, 20);
        lightDown = file.number("light-down", 0, 1);
    }

    /**
     * Reads what a plant takes.
     *
     * @throws KnowledgeException if the file is wrong
     */
    public static Moves load(Daylight daylight) {
        return new Moves(KnowledgeFiles.open("moves.yaml"), daylight);
    }

    /** How many times the light a plant takes at once. */
    public double lightUp() {
        return lightUp;
    }

    /** Change of warmth that a plant takes in a day, °C. */
    public double temperatureStep() {
        return temperatureStep;
    }

    /**
     * A move.
     *
     * @param temperatureStep change by day, °C, signed; missing where it was not read
     * @param lightRatio new light over old, above 0
     * @param warnings what is too much for the plant, as sentences; empty where nothing is
     */
    public record Step(OptionalDouble temperatureStep, OptionalDouble lightRatio, List<String> warnings) {}

    /**
     * Judges a move.
     *
     * @param profile the kind of plant
     * @param from where it stands
     * @param to where it is to stand
     */
    public Step judge(Profile profile, Place from, Place to) {
        OptionalDouble warmth = from.day().isPresent() && to.day().isPresent()
                ? OptionalDouble.of(to.day().get().celsius() - from.day().get().celsius())
                : OptionalDouble.empty();
        OptionalDouble light = from.dailyLight().isPresent() && to.dailyLight().isPresent()
                ? OptionalDouble.of(to.dailyLight().get().mol()
                        / Math.max(0.05, from.dailyLight().get().mol()))
                : from.light().isPresent() && to.light().isPresent()
                        ? OptionalDouble.of(
                                daylight.ratio(from.light().get(), to.light().get()))
                        : OptionalDouble.empty();
        List<String> warnings = new ArrayList<>();
        warmth.ifPresent(step -> {
            if (Math.abs(step) > temperatureStep) {
                warnings.add(
                        "%s by %s °C at once: more than %s °C in a day is a shock. Go by a place in between, over one to two weeks."
                                .formatted(
                                        step > 0 ? "Warmer" : "Colder",
                                        Limits.plain(Math.abs(step)),
                                        Limits.plain(temperatureStep)));
            }
        });
        light.ifPresent(ratio -> {
            if (ratio > lightUp) {
                warnings.add(
                        "%s times the light at once can burn it: no more than half again each week, so shade it at first."
                                .formatted(Limits.plain(tenths(ratio))));
            } else if (ratio < lightDown) {
                warnings.add("Only %s times the light: it will shed older leaves; water less."
                        .formatted(Limits.plain(tenths(ratio))));
            }
        });
        to.night()
                .filter(night -> night.celsius() < profile.night().celsius())
                .ifPresent(night -> warnings.add("Nights of %s °C there; it likes %s °C or more."
                        .formatted(
                                Limits.plain(night.celsius()),
                                Limits.plain(profile.night().celsius()))));
        return new Step(warmth, light, List.copyOf(warnings));
    }

    private static double tenths(double value) {
        return Math.rint(value * 10) / 10;
    }
}
