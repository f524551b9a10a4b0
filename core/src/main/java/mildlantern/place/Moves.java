package mildlantern.place;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.light.Daylight;
import mildlantern.message.Message;
import mildlantern.plant.PlantRecord.Place;
import mildlantern.plant.Wants;
import mildlantern.quantity.Temperature;
import mildlantern.quantity.TemperatureChange;

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
     * @param warnings what is too much for the plant; empty where nothing is
     */
    public record Step(OptionalDouble temperatureStep, OptionalDouble lightRatio, List<Message> warnings) {}

    /**
     * Judges a move.
     *
     * @param wants what the plant wants at its time of the year
     * @param from where it stands
     * @param to where it is to stand
     */
    public Step judge(Wants wants, Place from, Place to) {
        OptionalDouble warmth = from.day().isPresent() && to.day().isPresent()
                ? OptionalDouble.of(to.day().get().celsius() - from.day().get().celsius())
                : OptionalDouble.empty();
        OptionalDouble light = from.dailyLight().isPresent() && to.dailyLight().isPresent()
                ? OptionalDouble.of(to.dailyLight().getAsDouble()
                        / Math.max(0.05, from.dailyLight().getAsDouble()))
                : from.light().isPresent() && to.light().isPresent()
                        ? OptionalDouble.of(
                                daylight.ratio(from.light().get(), to.light().get()))
                        : OptionalDouble.empty();
        List<Message> warnings = new ArrayList<>();
        warmth.ifPresent(step -> {
            if (Math.abs(step) > temperatureStep) {
                warnings.add((step > 0 ? MoveWarning.WARMER : MoveWarning.COLDER)
                        .with(new TemperatureChange(Math.abs(step)), new TemperatureChange(temperatureStep)));
            }
        });
        light.ifPresent(ratio -> {
            if (ratio > lightUp) {
                warnings.add(MoveWarning.BRIGHTER.with(tenths(ratio)));
            } else if (ratio < lightDown) {
                warnings.add(MoveWarning.DARKER.with(tenths(ratio)));
            }
        });
        to.night()
                .filter(night -> night.celsius() < wants.night().low())
                .ifPresent(night -> warnings.add(MoveWarning.COLD_NIGHTS.with(
                        night, new Temperature(wants.night().low()))));
        return new Step(warmth, light, List.copyOf(warnings));
    }

    private static double tenths(double value) {
        return Math.rint(value * 10) / 10;
    }
}
