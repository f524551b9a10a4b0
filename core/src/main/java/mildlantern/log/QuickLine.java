package mildlantern.log;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import mildlantern.log.LogEntry.Counted;
import mildlantern.log.LogEntry.Felt;
import mildlantern.log.LogEntry.Way;
import mildlantern.log.LogEntry.Wetness;
import mildlantern.log.LogEntry.Yardstick;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.WaterSource;

/**
 * Understands a line as a grower writes it at the bench: {@code fern 3: watered 400 rain, tips brown}.
 *
 * <pre>
 * line    = [plant [":"]] clause {("," | ";") clause} [day]
 * plant   = the beginnings of words of its name, or its accession number
 * clause  = "watered" [amount] [water] ["from below" | "soaked" | "reservoir"] ["still wet" | "bone dry" | "ready"]
 *         | "soaked" ... | "filled" [amount] [water]
 *         | "probe" wetness [wetness wetness]          top, middle, bottom; one stands for all
 *         | "weighed" number ["g" | "kg"] ["wet" | "dry"]
 *         | "fed" [words] [number "mg"]
 *         | "repotted" [number "cm"] ["in" medium]
 *         | "moved" ["to"] stop
 *         | "counted" number what | "sprayed" means | "bloom" ("opened" | "ended") | "pruned" | "emptied" | "looked" | "fine"
 *         | anything else: a note in its own words
 * amount  = number ["ml" | "l" | "fl oz"];  wetness = "dry" | "moist" | "wet"
 * day     = "today" | "yesterday" | number "days ago" | yyyy-mm-dd
 * </pre>
 *
 * What is not understood is said, and nothing of such a line is taken.
 */
public final class QuickLine {
    private static final double ML_A_FLUID_OUNCE = 29.5735;
    private static final Pattern DAY = Pattern.compile(
            "\\b(?:(today)|(yesterday)|(\\d{1,4}) days? ago|(\\d{4})-(\\d{1,2})-(\\d{1,2}))\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BETWEEN_CLAUSES = Pattern.compile("[,;](?!\\d)");
    private static final Pattern BETWEEN_WORDS = Pattern.compile("\\s+");
    private static final Pattern NUMBER_WITH_UNIT = Pattern.compile("(\\d+(?:\\.\\d+)?)([a-z]*)");
    private static final int MANY = 12;

    private static final Map<String, String> VERBS = new LinkedHashMap<>();

    static {
        verbs("watered", "watered", "water");
        verbs("soaked", "soaked", "soak");
        verbs("filled", "filled", "fill", "refilled");
        verbs("probe", "probe", "probed", "finger", "felt");
        verbs("weighed", "weighed", "weighs", "weight");
        verbs("fed", "fed", "feed");
        verbs("granules", "granules");
        verbs("measured", "measured", "measure");
        verbs("repotted", "repotted", "repot");
        verbs("moved", "moved", "move");
        verbs("counted", "counted", "count");
        verbs("sprayed", "sprayed", "spray", "treated", "drenched", "swabbed", "released", "dusted", "applied");
        verbs("bloom", "bloom", "flowers");
        verbs("pruned", "pruned", "trimmed", "cut");
        verbs("looked", "looked", "fine");
        verbs("emptied", "emptied", "tipped");
        verbs("note", "note", "noted");
    }

    private static void verbs(String meaning, String... words) {
        for (String word : words) {
            VERBS.put(word, meaning);
        }
    }

    private final Names names;
    private final LocalDate today;

    /**
     * @param names what the collection calls things
     * @param today the day on which the line is written
     */
    public QuickLine(Names names, LocalDate today) {
        this.names = names;
        this.today = today;
    }

    /**
     * Something with a name.
     *
     * @param id what it is known by
     * @param name its name
     * @param also further words that find it, as an accession number
     */
    public record Named<I>(I id, String name, String also) {}

    /**
     * The names of a collection.
     *
     * @param media medium ids by the words for them
     * @param treatments what an entry says was used, from its words
     */
    public record Names(
            List<Named<PlantId>> plants,
            List<Named<StopId>> stops,
            Map<String, String> media,
            Function<String, LogEntry.Treated> treatments) {}

    /**
     * An entry and the words that go with it.
     *
     * @param entry what was understood
     * @param words further words; may be empty
     */
    public record Said(LogEntry entry, String words) {}

    /**
     * What was understood of a line.
     *
     * @param plants the plants that were meant; exactly one where the line can be taken
     * @param day the day it speaks of
     * @param said its entries
     * @param problems what was not understood, as sentences
     * @param next how the line could go on, as whole lines
     */
    public record Understood(
            List<Named<PlantId>> plants, LocalDate day, List<Said> said, List<String> problems, List<String> next) {
        /** Whether it can be written down as it is. */
        public boolean complete() {
            return plants.size() == 1 && !said.isEmpty() && problems.isEmpty();
        }
    }

    /**
     * Reads a line.
     *
     * @param line as typed
     * @param here the plant whose page it is typed on, if it is; then the line need not name one
     */
    public Understood read(String line, Optional<Named<PlantId>> here) {
        return new Reading(line, here).understood();
    }

    private final class Reading {
        private final String line;
        private final List<String> problems = new ArrayList<>();
        private final List<Said> said = new ArrayList<>();
        private final Optional<Named<PlantId>> here;
        private LocalDate day = today;

        Reading(String line, Optional<Named<PlantId>> here) {
            this.line = line.strip();
            this.here = here;
        }

        Understood understood() {
            String rest = withoutDay(line);
            int colon = rest.indexOf(':');
            String who = colon >= 0 ? rest.substring(0, colon) : untilVerb(rest);
            String what = colon >= 0 ? rest.substring(colon + 1) : rest.substring(who.length());
            List<Named<PlantId>> plants = who.isBlank() ? here.stream().toList() : find(names.plants(), who);
            if (plants.isEmpty() && colon < 0 && here.isPresent()) {
                plants = here.stream().toList();
                what = rest;
            }
            if (plants.isEmpty()) {
                problems.add(
                        who.isBlank() ? "Begin with a plant's name." : "No plant is called '" + who.strip() + "'.");
            } else if (plants.size() > 1) {
                problems.add("'%s' could be %d plants; write more of the name.".formatted(who.strip(), plants.size()));
            }
            for (String clause : BETWEEN_CLAUSES.split(what)) {
                if (!clause.isBlank()) {
                    clause(clause.strip());
                }
            }
            if (said.isEmpty() && problems.isEmpty()) {
                problems.add("Say what was done or seen, as in: watered 400 rain.");
            }
            return new Understood(plants, day, List.copyOf(said), List.copyOf(problems), next(who, what, plants));
        }

        private String withoutDay(String text) {
            Matcher match = DAY.matcher(text);
            if (!match.find()) {
                return text;
            }
            try {
                if (match.group(2) != null) {
                    day = today.minusDays(1);
                } else if (match.group(3) != null) {
                    day = today.minusDays(Integer.parseInt(match.group(3)));
                } else if (match.group(4) != null) {
                    day = LocalDate.of(
                            Integer.parseInt(match.group(4)),
                            Integer.parseInt(match.group(5)),
                            Integer.parseInt(match.group(6)));
                }
            } catch (DateTimeException e) {
                problems.add("'" + match.group() + "' is no day.");
            }
            if (day.isAfter(today)) {
                problems.add("That day has not come yet.");
            }
            return (text.substring(0, match.start()) + text.substring(match.end())).strip();
        }

        private String untilVerb(String text) {
            Matcher words = Pattern.compile("\\S+").matcher(text);
            while (words.find()) {
                if (VERBS.containsKey(words.group().toLowerCase(Locale.ROOT))) {
                    return text.substring(0, words.start());
                }
            }
            // No verb: the longest beginning that names a plant, and a note after it.
            String best = "";
            words.reset();
            while (words.find()) {
                String beginning = text.substring(0, words.end());
                if (!find(names.plants(), beginning).isEmpty()) {
                    best = beginning;
                }
            }
            return best.isEmpty() && here.isEmpty() ? text : best;
        }

        private void clause(String clause) {
            Deque<String> words = new ArrayDeque<>(Arrays.asList(BETWEEN_WORDS.split(clause.toLowerCase(Locale.ROOT))));
            String verb = VERBS.get(words.peekFirst());
            if (verb == null) {
                said.add(new Said(new LogEntry.Noted(), clause));
                return;
            }
            words.removeFirst();
            int before = problems.size();
            try {
                Optional<LogEntry> entry = entry(verb, words, clause);
                if (problems.size() == before) {
                    entry.ifPresent(it -> said.add(new Said(it, leftover(verb, clause))));
                }
            } catch (IllegalArgumentException e) {
                problems.add(String.valueOf(e.getMessage()) + ".");
            }
        }

        private String leftover(String verb, String clause) {
            return verb.equals("note") || verb.equals("sprayed") || verb.equals("pruned")
                    ? clause.replaceFirst("^\\S+\\s*", "")
                    : "";
        }

        private Optional<LogEntry> entry(String verb, Deque<String> words, String clause) {
            return switch (verb) {
                case "watered" -> watered(words, Way.ABOVE);
                case "soaked" -> watered(words, Way.SOAKED);
                case "filled" -> watered(words, Way.RESERVOIR);
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

        private Optional<LogEntry> watered(Deque<String> words, Way usual) {
            OptionalInt ml = OptionalInt.empty();
            Optional<WaterSource> water = Optional.empty();
            Optional<Felt> found = Optional.empty();
            Way way = usual;
            while (!words.isEmpty()) {
                String word = words.removeFirst();
                Matcher number = NUMBER_WITH_UNIT.matcher(word);
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
                    default -> unknown(word, "watered", "an amount, rain, tap, from below, still wet or bone dry");
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
                problems.add("Write '" + felt.name().toLowerCase(Locale.ROOT).replace('_', ' ') + "'.");
            }
            return Optional.of(felt);
        }

        private double volume(Matcher number, Deque<String> words) {
            String unit = number.group(2);
            if (unit.isEmpty()
                    && !words.isEmpty()
                    && List.of("ml", "l", "fl", "oz").contains(words.peekFirst())) {
                unit = words.removeFirst();
                if (unit.equals("fl") && "oz".equals(words.peekFirst())) {
                    words.removeFirst();
                }
            }
            double value = Double.parseDouble(number.group(1));
            return switch (unit) {
                case "", "ml" -> value;
                case "l" -> value * 1000;
                case "fl", "oz", "floz" -> value * ML_A_FLUID_OUNCE;
                default ->
                    throw new IllegalArgumentException("'" + unit + "' is no unit of volume; write ml, l or fl oz");
            };
        }

        private Optional<LogEntry> probed(Deque<String> words) {
            List<Wetness> depths = new ArrayList<>();
            for (String word : words) {
                Optional<Wetness> wetness = Arrays.stream(Wetness.values())
                        .filter(value -> value.name().equalsIgnoreCase(word))
                        .findFirst();
                if (wetness.isEmpty()) {
                    unknown(word, "probe", "dry, moist or wet, once or for top, middle and bottom");
                    return Optional.empty();
                }
                depths.add(wetness.get());
            }
            if (depths.size() == 1) {
                return Optional.of(LogEntry.Probed.all(depths.get(0)));
            }
            if (depths.size() != 3) {
                problems.add("Probe once, or at three depths: probe dry moist wet.");
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
                    unknown(word, "weighed", "grams, and wet or dry where that is a yardstick");
                }
            }
            if (grams.isEmpty()) {
                problems.add("Say how many grams it weighs, as in: weighed 812.");
                return Optional.empty();
            }
            return Optional.of(new LogEntry.Weighed(grams.getAsInt(), yardstick));
        }

        private Optional<LogEntry> granules(Deque<String> words) {
            OptionalDouble grams = number(words);
            if (grams.isEmpty()) {
                problems.add("Say how many grams, as in: granules 4 g.");
                return Optional.empty();
            }
            return Optional.of(new LogEntry.Granules(Optional.empty(), grams.getAsDouble()));
        }

        private Optional<LogEntry> measured(Deque<String> words) {
            OptionalDouble length = number(words);
            if (length.isEmpty()) {
                problems.add("Say how long the newest leaf is, as in: measured 14.2 cm.");
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
                } else if (!List.of("mg", "with").contains(word)) {
                    product.add(word);
                }
            }
            return Optional.of(new LogEntry.Fed(
                    product.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", product)), mg));
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
                problems.add("'%s' is no medium; known are %s."
                        .formatted(wanted, String.join(", ", names.media().keySet())));
            }
            return Optional.of(new LogEntry.Repotted(diameter, id));
        }

        private Optional<LogEntry> moved(Deque<String> words) {
            String where = String.join(" ", words).replaceFirst("^to ", "");
            List<Named<StopId>> stops = where.isBlank() || where.equals("to") ? List.of() : find(names.stops(), where);
            if (stops.size() != 1) {
                problems.add(
                        stops.isEmpty()
                                ? "Say to which stop, as in: moved to " + example(names.stops()) + "."
                                : "'%s' could be %d stops; write more of the name.".formatted(where, stops.size()));
                return Optional.empty();
            }
            return Optional.of(new LogEntry.Moved(
                    Optional.empty(), Optional.of(stops.get(0).id()), OptionalDouble.empty(), OptionalDouble.empty()));
        }

        private static String example(List<Named<StopId>> stops) {
            return stops.isEmpty() ? "a stop" : stops.get(0).name().toLowerCase(Locale.ROOT);
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
                problems.add("Say how many of what, as in: counted 12 mites.");
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
            problems.add("Write 'bloom opened' or 'bloom ended'.");
            return Optional.empty();
        }

        private void unknown(String word, String after, String allowed) {
            problems.add("'%s' is not understood after '%s'; write %s.".formatted(word, after, allowed));
        }

        /** How the line could go on: names while the plant is open, then verbs, then what a verb wants. */
        private List<String> next(String who, String what, List<Named<PlantId>> plants) {
            boolean spoken = !what.isBlank();
            if (!spoken && (plants.size() != 1 || !line.endsWith(":"))) {
                Stream<Named<PlantId>> matching = (who.isBlank() ? names.plants() : find(names.plants(), who)).stream();
                return matching.limit(MANY).map(plant -> plant.name() + ": ").toList();
            }
            String typed = what.substring(Math.max(what.lastIndexOf(','), what.lastIndexOf(';')) + 1)
                    .strip();
            // Small letters may be longer than capital ones; what is cut off is what was typed.
            String clause = typed.toLowerCase(Locale.ROOT);
            String before = line.endsWith(typed) ? line.substring(0, line.length() - typed.length()) : line;
            List<String> words = Arrays.asList(BETWEEN_WORDS.split(clause));
            if (words.size() > 1 && "moved".equals(VERBS.get(words.get(0)))) {
                String where = String.join(" ", words.subList(1, words.size())).replaceFirst("^to ?", "");
                return names.stops().stream()
                        .filter(stop -> stop.name().toLowerCase(Locale.ROOT).startsWith(where))
                        .limit(MANY)
                        .map(stop -> before + "moved to " + stop.name().toLowerCase(Locale.ROOT))
                        .toList();
            }
            if (words.size() > 1) {
                return List.of();
            }
            return VERBS.values().stream()
                    .distinct()
                    .filter(verb -> verb.startsWith(clause) && !verb.equals(clause))
                    .limit(MANY)
                    .map(verb -> before + (before.isEmpty() || before.endsWith(" ") ? "" : " ") + verb + " ")
                    .toList();
        }
    }

    /** Those with the very name; failing that, those of which every typed word begins a word. */
    private static <I> List<Named<I>> find(List<Named<I>> all, String typed) {
        String wanted = typed.strip().toLowerCase(Locale.ROOT);
        List<Named<I>> exact = all.stream()
                .filter(named ->
                        named.name().equalsIgnoreCase(wanted) || named.also().equalsIgnoreCase(wanted))
                .toList();
        if (!exact.isEmpty()) {
            return exact;
        }
        List<String> words = Arrays.asList(BETWEEN_WORDS.split(wanted));
        return all.stream()
                .filter(named -> {
                    List<String> own = Arrays.asList(
                            BETWEEN_WORDS.split((named.name() + " " + named.also()).toLowerCase(Locale.ROOT)));
                    return words.stream().allMatch(word -> own.stream().anyMatch(it -> it.startsWith(word)));
                })
                .toList();
    }
}
