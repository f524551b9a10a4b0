package mildlantern.log;

import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import mildlantern.message.Message;
import mildlantern.message.Refusal;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Limits;

/** Reads what a clause says of a watering: how much, of which water, by which way, and what the pot was found like. */
final class WateringReader {
    private static final double ML_A_FLUID_OUNCE = 29.5735;

    /** Nobody pours more without saying so in litres: a figure too many is asked back. */
    private static final double MOST_WITHOUT_UNIT = 5000;

    private final List<Message> problems;

    WateringReader(List<Message> problems) {
        this.problems = problems;
    }

    Optional<LogEntry> watered(Deque<String> words, Way usual) {
        OptionalInt ml = OptionalInt.empty();
        Optional<WaterSource> water = Optional.empty();
        Optional<Felt> found = Optional.empty();
        Way way = usual;
        while (!words.isEmpty()) {
            String word = words.removeFirst();
            Matcher number = ClauseReader.NUMBER_WITH_UNIT.matcher(word);
            if (number.matches()) {
                ml = OptionalInt.of((int) Math.round(volume(number, words)));
                continue;
            }
            switch (word) {
                case "from", "water", "was", "the", "with", "with-rain", "of" -> {}
                case "above" -> way = Way.ABOVE;
                case "below" -> way = Way.BELOW;
                case "soaked", "soak" -> way = Way.SOAKED;
                case "reservoir", "tray" -> way = Way.RESERVOIR;
                case "rain" -> water = Optional.of(WaterSource.RAIN);
                case "distilled" -> water = Optional.of(WaterSource.DISTILLED);
                case "osmosis", "ro" -> water = Optional.of(WaterSource.REVERSE_OSMOSIS);
                case "softened" -> water = Optional.of(tap(words, WaterSource.SOFTENED_TAP));
                case "hard" -> water = Optional.of(tap(words, WaterSource.HARD_TAP));
                case "soft" -> water = Optional.of(tap(words, WaterSource.SOFT_TAP));
                case "tap" -> water = Optional.of(WaterSource.SOFT_TAP);
                case "still" -> found = expect(words, "wet", Felt.STILL_WET);
                case "bone" -> found = expect(words, "dry", Felt.BONE_DRY);
                case "dry", "ready" -> found = Optional.of(Felt.READY);
                default -> problems.add(LineProblem.NOT_AFTER_WATERED.with(word));
            }
        }
        return Optional.of(new LogEntry.Watered(ml, water, way, found));
    }

    private WaterSource tap(Deque<String> words, WaterSource source) {
        if ("tap".equals(words.peekFirst())) {
            words.removeFirst();
        }
        return source;
    }

    private Optional<Felt> expect(Deque<String> words, String word, Felt felt) {
        if (!word.equals(words.pollFirst())) {
            problems.add(
                    LineProblem.FELT.with(felt.name().toLowerCase(Locale.ROOT).replace('_', ' ')));
        }
        return Optional.of(felt);
    }

    private double volume(Matcher number, Deque<String> words) {
        String unit = number.group(2);
        if (unit.isEmpty() && !words.isEmpty() && List.of("ml", "l", "fl", "oz").contains(words.peekFirst())) {
            unit = words.removeFirst();
            if (unit.equals("fl") && "oz".equals(words.peekFirst())) {
                words.removeFirst();
            }
        }
        double value = Double.parseDouble(number.group(1));
        return switch (unit) {
            case "" -> {
                if (value > MOST_WITHOUT_UNIT) {
                    throw new Refusal(LineProblem.SO_MANY_LITRES.with(value, Limits.tenths(value / 1000)));
                }
                yield value;
            }
            case "ml" -> value;
            case "l" -> value * 1000;
            case "fl", "oz", "floz" -> value * ML_A_FLUID_OUNCE;
            default -> throw new Refusal(LineProblem.NO_UNIT_OF_VOLUME.with(unit));
        };
    }
}
