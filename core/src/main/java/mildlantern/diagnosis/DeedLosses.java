package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.treatment.Hold;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;

/** What a change costs the plant under each cause, from the knowledge base: 1 is a plant lost. */
final class DeedLosses {
    private static final String HARMLESS = "harmless";

    private final Map<Disorder.Urgency, Double> untreated = new EnumMap<>(Disorder.Urgency.class);
    private final double untreatedHarmless;
    private final Map<Disorder.Urgency, Double> week = new EnumMap<>(Disorder.Urgency.class);
    private final double weekHarmless;
    private final Map<Waiting, Double> waiting = new EnumMap<>(Waiting.class);
    private final double suspected;
    private final Map<String, Double> forNothing = new HashMap<>();
    private final Map<String, Map<DisorderId, Double>> worse = new HashMap<>();
    private final Deeds.LookPrice price;

    private DeedLosses(Entry file, Trials trials, Collection<DisorderId> known) {
        file.allowOnly(Set.of("untreated", "week", "waiting", "does", "for-nothing", "look", "worse"));
        for (Disorder.Urgency urgency : Disorder.Urgency.values()) {
            untreated.put(urgency, file.at("untreated").number(Words.id(urgency), 0, 1));
            week.put(urgency, file.at("week").number(Words.id(urgency), 0, 1));
        }
        untreatedHarmless = file.at("untreated").number(HARMLESS, 0, 1);
        weekHarmless = file.at("week").number(HARMLESS, 0, 1);
        for (Waiting grade : EnumSet.complementOf(EnumSet.of(Waiting.NOTHING))) {
            waiting.put(grade, file.at("waiting").number(Words.id(grade), 0, 1));
        }
        suspected = file.at("waiting").number("suspected", 0, 1);
        Entry look = file.at("look");
        price = new Deeds.LookPrice(
                look.number("begin", 0, 1), look.number("minute", 0, 1), look.number("stress", 0, 1));
        Map<Hold, Double> does = new EnumMap<>(Hold.class);
        for (Hold hold : Hold.values()) {
            does.put(hold, file.at("does").number(Words.id(hold), 0, 1));
        }
        for (Trial trial : trials.all()) {
            forNothing.put(
                    trial.id(),
                    trial.does().stream()
                            .mapToDouble(hold -> Objects.requireNonNull(does.get(hold)))
                            .sum());
        }
        file.at("for-nothing").children().forEach((trial, cost) -> {
            requireKnown(cost, trial, trials.find(trial).isPresent());
            forNothing.put(trial, cost.number(0, 1));
        });
        file.at("worse").children().forEach((trial, causes) -> {
            requireKnown(causes, trial, trials.find(trial).isPresent());
            Map<DisorderId, Double> costs = new HashMap<>();
            causes.children().forEach((cause, cost) -> {
                DisorderId id = new DisorderId(cause);
                requireKnown(cost, cause, known.contains(id));
                costs.put(id, cost.number(0, 1));
            });
            worse.put(trial, costs);
        });
    }

    private static void requireKnown(Entry entry, String named, boolean known) {
        if (!known) {
            throw entry.failure("'" + named + "' is not known");
        }
    }

    /**
     * @param known ids of all causes
     * @throws mildlantern.knowledge.KnowledgeException if {@code deeds.yaml} is wrong; the message names the key
     */
    static DeedLosses load(Trials trials, Collection<DisorderId> known) {
        return new DeedLosses(KnowledgeFiles.open("deeds.yaml"), trials, known);
    }

    /** The changes that would be made on a plant that can have these causes. */
    Deeds over(List<Disorder> disorders) {
        Set<String> trials = new LinkedHashSet<>();
        disorders.forEach(disorder -> trials.addAll(disorder.trials()));
        List<Deeds.Deed> deeds = new ArrayList<>();
        for (String trial : trials) {
            boolean[] treats = new boolean[disorders.size()];
            double[] loss = new double[disorders.size()];
            Map<DisorderId, Double> harms = worse.getOrDefault(trial, Map.of());
            for (int d = 0; d < loss.length; d++) {
                Disorder disorder = disorders.get(d);
                treats[d] = disorder.trials().contains(trial);
                loss[d] = (treats[d] ? 0 : goesOn(disorder)) + harms.getOrDefault(disorder.id(), 0.0);
            }
            deeds.add(new Deeds.Deed(
                    trial, Objects.requireNonNull(forNothing.get(trial)), treats, loss, harmed(harms, disorders)));
        }
        return new Deeds(deeds, price);
    }

    private static boolean[] harmed(Map<DisorderId, Double> harms, List<Disorder> disorders) {
        boolean[] harmed = new boolean[disorders.size()];
        for (int d = 0; d < harmed.length; d++) {
            harmed[d] = harms.containsKey(disorders.get(d).id());
        }
        return harmed;
    }

    private double goesOn(Disorder disorder) {
        return disorder.nature().harmless()
                ? untreatedHarmless
                : Objects.requireNonNull(untreated.get(disorder.nature().urgency()));
    }

    /** What a week costs in which nothing is done about the causes that are suspected; causes that stand together are counted each. */
    Waiting waiting(List<Cause> causes) {
        double cost = causes.stream()
                .filter(cause -> cause.probability() >= suspected)
                .mapToDouble(
                        cause -> cause.probability() * aWeek(cause.disorder().nature()))
                .sum();
        return waiting.entrySet().stream()
                .filter(grade -> cost >= grade.getValue())
                .map(Map.Entry::getKey)
                .max(Comparator.naturalOrder())
                .orElse(Waiting.NOTHING);
    }

    private double aWeek(Disorder.Nature nature) {
        return nature.harmless() ? weekHarmless : Objects.requireNonNull(week.get(nature.urgency()));
    }
}
