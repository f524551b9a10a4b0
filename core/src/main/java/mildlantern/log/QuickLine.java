package mildlantern.log;

import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import mildlantern.message.Message;
import mildlantern.message.Refusal;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;

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
 * day     = "today" | "yesterday" | number "days ago" | "on monday" | 2026-11-12 | 12.11.2026 | 12/11/2026 | 12 nov [2026]
 * </pre>
 *
 * What is not understood is said, and nothing of such a line is taken.
 */
public final class QuickLine {
    private static final Pattern BETWEEN_CLAUSES = Pattern.compile("[,;](?!\\d)");
    private static final Pattern BETWEEN_WORDS = Pattern.compile("\\s+");
    private static final int MANY = 12;

    private final Names names;
    private final LocalDate today;
    private final boolean monthFirst;

    /**
     * @param names what the collection calls things
     * @param today the day on which the line is written
     * @param monthFirst whether the writer means the fourth of March by 3/4/2026
     */
    public QuickLine(Names names, LocalDate today, boolean monthFirst) {
        this.names = names;
        this.today = today;
        this.monthFirst = monthFirst;
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
     * @param who the part of the line that names them; blank where it names none
     * @param day the day it speaks of
     * @param said its entries
     * @param problems what was not understood
     * @param next how the line could go on, as whole lines
     */
    public record Understood(
            List<Named<PlantId>> plants,
            String who,
            LocalDate day,
            List<Said> said,
            List<Message> problems,
            List<String> next) {
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
        private final List<Message> problems = new ArrayList<>();
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
                        who.isBlank()
                                ? LineProblem.NO_PLANT_NAMED.with()
                                : LineProblem.NO_SUCH_PLANT.with(who.strip()));
            } else if (plants.size() > 1 && here.filter(plants::contains).isPresent()) {
                plants = here.stream().toList();
            } else if (plants.size() > 1) {
                problems.add(LineProblem.SEVERAL_PLANTS.with(who.strip(), plants.size()));
            }
            for (String clause : BETWEEN_CLAUSES.split(what)) {
                if (!clause.isBlank()) {
                    clause(clause.strip());
                }
            }
            if (said.isEmpty() && problems.isEmpty()) {
                problems.add(LineProblem.NOTHING_SAID.with());
            }
            return new Understood(plants, who, day, List.copyOf(said), List.copyOf(problems), next(who, what, plants));
        }

        private String withoutDay(String text) {
            Optional<SpokenDay.Found> found = SpokenDay.in(text, today, monthFirst);
            found.ifPresent(spoken -> {
                spoken.day()
                        .ifPresentOrElse(it -> day = it, () -> problems.add(LineProblem.NO_DAY.with(spoken.words())));
                if (day.isAfter(today)) {
                    problems.add(LineProblem.DAY_TO_COME.with());
                }
            });
            return found.map(SpokenDay.Found::rest).orElse(text);
        }

        private String untilVerb(String text) {
            Matcher words = Pattern.compile("\\S+").matcher(text);
            while (words.find()) {
                if (Verbs.VERBS.containsKey(words.group().toLowerCase(Locale.ROOT))) {
                    String before = text.substring(0, words.start());
                    // What stands between a plant's name and a verb belongs to what is said: "aechmea cup filled".
                    return before.isBlank() || !find(names.plants(), before).isEmpty() ? before : named(before);
                }
            }
            return named(text);
        }

        /** The longest beginning that names a plant; all of it where none does and no plant's page is open. */
        private String named(String text) {
            Matcher words = Pattern.compile("\\S+").matcher(text);
            String best = "";
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
            String first = words.getFirst();
            String verb = Verbs.VERBS.get(first);
            if (verb == null && Verbs.GONE.contains(first)) {
                problems.add(LineProblem.GONE.with(clause));
                return;
            }
            if (verb == null && words.size() > 1) {
                Optional<String> meant = Verbs.nearly(first);
                if (meant.isPresent()) {
                    problems.add(LineProblem.SLIP.with(first, meant.get(), clause));
                    return;
                }
            }
            if (verb == null) {
                said.add(new Said(new LogEntry.Noted(), clause));
                return;
            }
            words.removeFirst();
            int before = problems.size();
            try {
                Optional<LogEntry> entry = new ClauseReader(names, problems).entry(verb, words, clause);
                if (problems.size() == before) {
                    entry.ifPresent(it -> said.add(new Said(it, leftover(verb, clause))));
                }
            } catch (Refusal e) {
                problems.add(e.told());
            }
        }

        private String leftover(String verb, String clause) {
            return verb.equals("note") || verb.equals("sprayed") || verb.equals("pruned")
                    ? clause.replaceFirst("^\\S+\\s*", "")
                    : "";
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
            if (words.size() > 1 && "moved".equals(Verbs.VERBS.get(words.get(0)))) {
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
            return Verbs.VERBS.values().stream()
                    .distinct()
                    .filter(verb -> verb.startsWith(clause) && !verb.equals(clause))
                    .limit(MANY)
                    .map(verb -> before + (before.isEmpty() || before.endsWith(" ") ? "" : " ") + verb + " ")
                    .toList();
        }
    }

    /** Those with the very name; failing that, those of which every typed word begins a word. */
    static <I> List<Named<I>> find(List<Named<I>> all, String typed) {
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
