package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.plant.PlantRecord;

/**
 * Understands plain words: "yellow bottom leaves", "sticky", "crispy edges". A finding is as good a match as the words that it
 * shares with what was typed are rare among all findings; synonyms.yaml adds the words that growers use.
 */
public final class FindingSearch {
    private static final Pattern NO_LETTERS = Pattern.compile("[^a-z]+");
    private static final Set<String> SAYS_NOTHING = Set.of(
            "a", "all", "an", "and", "are", "as", "at", "by", "for", "from", "has", "have", "in", "is", "it", "its",
            "my", "no", "not", "of", "on", "or", "our", "seem", "some", "that", "the", "there", "they", "this", "to",
            "was", "when", "with", "look", "leaf", "plant", "whether", "do", "does", "one", "see");

    /** A match must be at least this good beside the best one. */
    private static final double BESIDE_THE_BEST = 0.45;

    /** A word that only begins alike counts this much. */
    private static final double BEGINS_ALIKE = 0.6;

    private static final int SHORTEST_BEGINNING = 4;

    private final List<Finding> findings;
    /** A finding's own words count in full, synonyms and states less, the instruction how to look least. */
    private static final double A_SYNONYM = 0.8;

    private static final double OF_A_STATE = 0.6;

    private static final double OF_THE_LOOK = 0.4;

    private final Map<FindingId, Map<String, Double>> wordsOf = new LinkedHashMap<>();
    private final Map<String, Double> rarity = new HashMap<>();

    private FindingSearch(Collection<Finding> findings, Map<FindingId, List<String>> synonyms) {
        this.findings = List.copyOf(findings);
        for (Finding finding : findings) {
            Map<String, Double> words = new LinkedHashMap<>();
            add(words, finding.look(), OF_THE_LOOK);
            finding.states().stream()
                    .filter(state -> !Finding.ABSENT.equals(state.id()))
                    .forEach(state -> add(words, state.words(), finding.yesNo() ? 1 : OF_A_STATE));
            finding.words().forEach(word -> add(words, word, 1));
            synonyms.getOrDefault(finding.id(), List.of()).forEach(phrase -> add(words, phrase, A_SYNONYM));
            wordsOf.put(finding.id(), words);
        }
        Map<String, Integer> in = new HashMap<>();
        wordsOf.values().forEach(words -> words.keySet().forEach(word -> in.merge(word, 1, Integer::sum)));
        in.forEach((word, count) -> rarity.put(word, Math.log(1 + findings.size() / (double) count)));
    }

    private static void add(Map<String, Double> words, String text, double weight) {
        tokens(text).forEach(word -> words.merge(word, weight, Math::max));
    }

    /**
     * Reads the synonyms.
     *
     * @throws KnowledgeException if the file is wrong or names an unknown finding; the message names the key
     */
    public static FindingSearch load(DiagnosisKnowledge knowledge) {
        Map<FindingId, List<String>> synonyms = new HashMap<>();
        for (Map.Entry<String, Entry> line :
                KnowledgeFiles.open("synonyms.yaml").children().entrySet()) {
            FindingId id = new FindingId(line.getKey());
            if (knowledge.finding(id).isEmpty()) {
                throw line.getValue().failure("'" + id + "' is no finding");
            }
            synonyms.put(id, line.getValue().members().stream().map(Entry::text).toList());
        }
        return new FindingSearch(knowledge.findings(), synonyms);
    }

    /**
     * Findings that may be meant, the likeliest first.
     *
     * @param typed what the grower typed, in plain words
     * @param record the plant; findings that make no sense on it are left out
     * @param most how many at most
     * @return the matches; empty if no word is known
     */
    public List<Finding> find(String typed, PlantRecord record, int most) {
        return find(typed, finding -> finding.appliesTo(record), most);
    }

    /** The same on whatever plant. */
    public List<Finding> find(String typed, int most) {
        return find(typed, finding -> true, most);
    }

    private List<Finding> find(String typed, Predicate<Finding> among, int most) {
        Set<String> asked = tokens(typed);
        Map<FindingId, Double> scores = new HashMap<>();
        for (Finding finding : findings) {
            if (among.test(finding)) {
                scores.put(finding.id(), score(asked, wordsOf.getOrDefault(finding.id(), Map.of())));
            }
        }
        double best =
                scores.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
        return findings.stream()
                .filter(finding -> best > 0 && scores.getOrDefault(finding.id(), 0.0) >= best * BESIDE_THE_BEST)
                .sorted(Comparator.comparingDouble((Finding finding) -> scores.getOrDefault(finding.id(), 0.0))
                        .reversed())
                .limit(most)
                .toList();
    }

    private double score(Set<String> asked, Map<String, Double> words) {
        double score = 0;
        for (String word : asked) {
            if (words.containsKey(word)) {
                score += words.getOrDefault(word, 0.0) * rarity.getOrDefault(word, 0.0);
            } else if (word.length() >= SHORTEST_BEGINNING) {
                score += words.entrySet().stream()
                        .filter(known -> beginAlike(known.getKey(), word))
                        .mapToDouble(
                                known -> BEGINS_ALIKE * known.getValue() * rarity.getOrDefault(known.getKey(), 0.0))
                        .max()
                        .orElse(0);
            }
        }
        return score;
    }

    private static boolean beginAlike(String known, String word) {
        return known.startsWith(word) || (known.length() >= SHORTEST_BEGINNING && word.startsWith(known));
    }

    private static Set<String> tokens(String text) {
        Set<String> tokens = new HashSet<>();
        for (String word : NO_LETTERS.split(text.toLowerCase(Locale.ROOT))) {
            String stem = stem(word);
            if (stem.length() > 1 && !SAYS_NOTHING.contains(word) && !SAYS_NOTHING.contains(stem)) {
                tokens.add(stem);
            }
        }
        return tokens;
    }

    /** Takes off what makes one word many: leaves and leaf, yellowing and yellow, crispy and crisp. */
    private static String stem(String word) {
        if ("leaves".equals(word)) {
            return "leaf";
        }
        List<String> endings = new ArrayList<>(List.of("ness", "ing", "ed", "es", "ish", "y", "s"));
        for (String ending : endings) {
            if (word.length() >= ending.length() + 3 && word.endsWith(ending)) {
                String stem = word.substring(0, word.length() - ending.length());
                int last = stem.length() - 1;
                return stem.length() > 3 && stem.charAt(last) == stem.charAt(last - 1) && stem.charAt(last) != 'l'
                        ? stem.substring(0, last)
                        : stem;
            }
        }
        return word;
    }
}
