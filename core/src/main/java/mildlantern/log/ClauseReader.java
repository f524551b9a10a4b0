package mildlantern.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.message.Message;
import mildlantern.place.StopId;

/** Reads one clause of a typed line: what was done, in the order and with the words that its verb allows. */
final class ClauseReader {
    static final Pattern NUMBER_WITH_UNIT = Pattern.compile("(\\d+(?:\\.\\d+)?)([a-z]*)");

    private final QuickLine.Names names;
    private final List<Message> problems;
    private final WateringReader watering;

    ClauseReader(QuickLine.Names names, List<Message> problems) {
        this.names = names;
        this.problems = problems;
        this.watering = new WateringReader(problems);
    }

    /**
     * What a clause says was done.
     *
     * @param verb what its first word means
     * @param words the words after it, in small letters
     * @param clause the whole clause as typed
     * @return the entry; where it cannot be read, why is among the problems
     * @throws IllegalArgumentException if a figure in it is none that a log can hold
     */
    Optional<LogEntry> entry(String verb, Deque<String> words, String clause) {
        return switch (verb) {
            case "watered" -> watering.watered(words, Way.ABOVE);
            case "soaked" -> watering.watered(words, Way.SOAKED);
            case "filled" -> watering.watered(words, Way.RESERVOIR);
            case "probe" -> probed(words);
            case "weighed" -> weighed(words);
            case "fed" -> fed(words);
            case "granules" -> granules(words);
            case "measured" -> measured(words);
            case "repotted" -> repotted(words);
            case "moved" -> moved(words);
            case "counted" -> counted(words);
            case "sprayed" -> Optional.of(names.treatments().apply(clause.replaceFirst("^\\S+\\s*", "")));
            case "bloom" -> bloom(words);
            case "emptied" -> Optional.of(new LogEntry.CupEmptied());
            case "pruned" -> Optional.of(new LogEntry.Pruned());
            case "looked" -> Optional.of(new LogEntry.Looked());
            default -> Optional.of(new LogEntry.Noted());
        };
    }

    private Optional<LogEntry> probed(Deque<String> words) {
        List<Wetness> depths = new ArrayList<>();
        for (String word : words) {
            Optional<Wetness> wetness = Arrays.stream(Wetness.values())
                    .filter(value -> value.name().equalsIgnoreCase(word))
                    .findFirst();
            if (wetness.isEmpty()) {
                problems.add(LineProblem.NOT_AFTER_PROBE.with(word));
                return Optional.empty();
            }
            depths.add(wetness.get());
        }
        if (depths.size() == 1) {
            return Optional.of(LogEntry.Probed.all(depths.get(0)));
        }
        if (depths.size() != 3) {
            problems.add(LineProblem.PROBE_DEPTHS.with());
            return Optional.empty();
        }
        return Optional.of(new LogEntry.Probed(depths.get(0), depths.get(1), depths.get(2)));
    }

    private Optional<LogEntry> weighed(Deque<String> words) {
        OptionalInt grams = OptionalInt.empty();
        Optional<Yardstick> yardstick = Optional.empty();
        for (String word : words) {
            Matcher number = NUMBER_WITH_UNIT.matcher(word);
            if (number.matches()) {
                boolean kilos = number.group(2).equals("kg") || words.contains("kg");
                grams = OptionalInt.of((int) Math.round(Double.parseDouble(number.group(1)) * (kilos ? 1000 : 1)));
            } else if (word.equals("wet")) {
                yardstick = Optional.of(Yardstick.WET_THROUGH);
            } else if (word.equals("dry")) {
                yardstick = Optional.of(Yardstick.BONE_DRY);
            } else if (!List.of("g", "kg").contains(word)) {
                problems.add(LineProblem.NOT_AFTER_WEIGHED.with(word));
            }
        }
        if (grams.isEmpty()) {
            problems.add(LineProblem.NO_WEIGHT.with());
            return Optional.empty();
        }
        return Optional.of(new LogEntry.Weighed(grams.getAsInt(), yardstick));
    }

    private Optional<LogEntry> granules(Deque<String> words) {
        OptionalDouble grams = number(words);
        if (grams.isEmpty()) {
            problems.add(LineProblem.NO_GRAMS.with());
            return Optional.empty();
        }
        return Optional.of(new LogEntry.Granules(Optional.empty(), grams.getAsDouble()));
    }

    private Optional<LogEntry> measured(Deque<String> words) {
        OptionalDouble length = number(words);
        if (length.isEmpty()) {
            problems.add(LineProblem.NO_LENGTH.with());
            return Optional.empty();
        }
        double cm = words.contains("mm") || words.stream().anyMatch(word -> word.endsWith("mm"))
                ? length.getAsDouble() / 10
                : length.getAsDouble();
        return Optional.of(new LogEntry.NewLeaf(cm));
    }

    private static OptionalDouble number(Deque<String> words) {
        return words.stream()
                .map(NUMBER_WITH_UNIT::matcher)
                .filter(Matcher::matches)
                .mapToDouble(number -> Double.parseDouble(number.group(1)))
                .findFirst();
    }

    private Optional<LogEntry> fed(Deque<String> words) {
        if (words.stream().anyMatch(word -> word.startsWith("trap") || word.startsWith("pitcher"))) {
            OptionalDouble traps = number(words);
            return Optional.of(new LogEntry.TrapFed(
                    traps.isPresent() ? OptionalInt.of((int) traps.getAsDouble()) : OptionalInt.empty(),
                    OptionalDouble.empty()));
        }
        OptionalDouble mg = OptionalDouble.empty();
        List<String> product = new ArrayList<>();
        for (String word : words) {
            Matcher number = NUMBER_WITH_UNIT.matcher(word);
            if (number.matches()
                    && (number.group(2).isEmpty() || number.group(2).equals("mg"))) {
                mg = OptionalDouble.of(Double.parseDouble(number.group(1)));
            } else if (!List.of("mg", "with", "weak", "weakly", "half", "full", "label", "strength", "rate", "feed")
                    .contains(word)) {
                product.add(word);
            }
        }
        return Optional.of(
                new LogEntry.Fed(product.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", product)), mg));
    }

    private Optional<LogEntry> repotted(Deque<String> words) {
        OptionalDouble diameter = OptionalDouble.empty();
        List<String> medium = new ArrayList<>();
        for (String word : words) {
            Matcher number = NUMBER_WITH_UNIT.matcher(word);
            if (number.matches()) {
                diameter = OptionalDouble.of(Double.parseDouble(number.group(1)));
            } else if (!List.of("cm", "in", "into", "a", "pot", "fresh").contains(word)) {
                medium.add(word);
            }
        }
        if (medium.isEmpty()) {
            return Optional.of(new LogEntry.Repotted(diameter, Optional.empty()));
        }
        String wanted = String.join(" ", medium);
        Optional<String> id = names.media().entrySet().stream()
                .filter(entry ->
                        entry.getKey().contains(wanted) || entry.getValue().equals(wanted))
                .map(Map.Entry::getValue)
                .findFirst();
        if (id.isEmpty()) {
            problems.add(LineProblem.NO_MEDIUM.with(
                    wanted, names.media().keySet().stream().toList()));
        }
        return Optional.of(new LogEntry.Repotted(diameter, id));
    }

    private Optional<LogEntry> moved(Deque<String> words) {
        String where = String.join(" ", words).replaceFirst("^to ", "");
        List<QuickLine.Named<StopId>> stops =
                where.isBlank() || where.equals("to") ? List.of() : QuickLine.find(names.stops(), where);
        if (stops.size() != 1) {
            problems.add(stops.isEmpty() ? noStop(names.stops()) : LineProblem.SEVERAL_STOPS.with(where, stops.size()));
            return Optional.empty();
        }
        return Optional.of(new LogEntry.Moved(
                Optional.empty(), Optional.of(stops.get(0).id()), OptionalDouble.empty(), OptionalDouble.empty()));
    }

    private static Message noStop(List<QuickLine.Named<StopId>> stops) {
        return stops.isEmpty()
                ? LineProblem.NO_STOPS.with()
                : LineProblem.NO_STOP.with(stops.get(0).name().toLowerCase(Locale.ROOT));
    }

    private Optional<LogEntry> counted(Deque<String> words) {
        OptionalInt number = OptionalInt.empty();
        Optional<Counted> what = Optional.empty();
        for (String word : words) {
            if (word.matches("\\d{1,6}")) {
                number = OptionalInt.of(Integer.parseInt(word));
            } else {
                what = Optional.of(what(word));
            }
        }
        if (number.isEmpty()) {
            problems.add(LineProblem.NO_COUNT.with());
            return Optional.empty();
        }
        return Optional.of(new LogEntry.Count(what.orElse(Counted.LEAVES), number.getAsInt()));
    }

    /** Leaves, flowers, buds and offsets by their names; whatever else is counted is a pest. */
    private static Counted what(String word) {
        return Arrays.stream(Counted.values())
                .filter(value -> word.startsWith(stem(value)))
                .findFirst()
                .orElse(Counted.PESTS);
    }

    private static String stem(Counted value) {
        return switch (value) {
            case LEAVES -> "lea";
            case FLOWERS -> "flower";
            case BUDS -> "bud";
            case OFFSETS -> "offset";
            case PESTS -> "pest";
        };
    }

    private Optional<LogEntry> bloom(Deque<String> words) {
        String word = words.isEmpty() ? "" : words.getFirst();
        if (List.of("opened", "open", "began").contains(word)) {
            return Optional.of(new LogEntry.Bloom(true));
        }
        if (List.of("ended", "over", "done", "dropped").contains(word)) {
            return Optional.of(new LogEntry.Bloom(false));
        }
        problems.add(LineProblem.NO_BLOOM.with());
        return Optional.empty();
    }
}
