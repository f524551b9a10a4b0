package mildlantern.diagnosis;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import mildlantern.diagnosis.Disorder.Kind;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;

/** Findings and disorders that the knowledge base knows, checked against one another. */
public final class DiagnosisKnowledge {
    private final Map<FindingId, Finding> findings;
    private final Map<DisorderId, Disorder> disorders;
    private final RecordFacts facts;
    private final DeedLosses losses;
    private final double furtherCause;
    private final Bare bare;
    private final CauseGroups groups;
    private final Map<List<DisorderId>, Hypotheses> sets = new ConcurrentHashMap<>();

    private DiagnosisKnowledge(
            Map<FindingId, Finding> findings,
            Map<DisorderId, Disorder> disorders,
            RecordFacts facts,
            DeedLosses losses,
            double furtherCause,
            Bare bare,
            CauseGroups groups) {
        this.findings = Collections.unmodifiableMap(findings);
        this.disorders = Collections.unmodifiableMap(disorders);
        this.facts = facts;
        this.losses = losses;
        this.furtherCause = furtherCause;
        this.bare = bare;
        this.groups = groups;
    }

    /**
     * Reads findings and disorders.
     *
     * @param plants the known kinds of plants
     * @param trials the known trials
     * @throws KnowledgeException if a file is wrong or names something unknown; the message names
     *     file and key
     */
    public static DiagnosisKnowledge load(PlantKnowledge plants, Trials trials) {
        Map<FindingId, Finding> findings = new LinkedHashMap<>();
        KnowledgeFiles.open("findings.yaml").children().forEach((key, entry) -> {
            FindingId id = new FindingId(key);
            findings.put(id, FindingReader.read(id, entry));
        });
        RecordFacts facts = RecordFacts.load();
        Map<DisorderId, Disorder> disorders = new LinkedHashMap<>();
        DisorderReader reader = new DisorderReader(findings, facts.ids(), plants, trials);
        for (Kind kind : Kind.values()) {
            KnowledgeFiles.open("disorders/" + Words.id(kind) + ".yaml")
                    .children()
                    .forEach((key, entry) -> {
                        DisorderId id = new DisorderId(key);
                        disorders.put(id, reader.read(id, kind, entry));
                    });
        }
        DiagnosisKnowledge knowledge = new DiagnosisKnowledge(
                findings,
                disorders,
                facts,
                DeedLosses.load(trials, disorders.keySet()),
                KnowledgeFiles.open("prior.yaml").number("further-cause", 0.05, 1),
                Bare.read(KnowledgeFiles.open("prior.yaml").at("bare"), findings),
                CauseGroups.load(disorders.keySet()));
        knowledge.check(trials);
        knowledge.checkHabits(plants);
        return knowledge;
    }

    /** When a plant has nothing left of some parts. */
    Bare bare() {
        return bare;
    }

    /** Which causes show alike. */
    CauseGroups groups() {
        return groups;
    }

    /** The same knowledge, cut down to some causes: for tests that count everything by hand. */
    DiagnosisKnowledge only(Collection<DisorderId> disorderIds) {
        Map<DisorderId, Disorder> kept = new LinkedHashMap<>(disorders);
        kept.keySet().retainAll(disorderIds);
        return new DiagnosisKnowledge(findings, kept, facts, losses, furtherCause, bare, groups);
    }

    private void check(Trials trials) {
        for (Disorder disorder : disorders.values()) {
            String file = "disorders/" + Words.id(disorder.kind()) + ".yaml";
            disorder.excludes()
                    .forEach(other -> require(
                            disorders.containsKey(other), file, disorder.id(), "excludes", other, "is no disorder"));
        }
        for (Finding finding : findings.values()) {
            finding.after()
                    .forEach(first -> require(
                            findings.containsKey(first),
                            "findings.yaml",
                            finding.id(),
                            "after",
                            first,
                            "is no finding"));
        }
        for (Trial trial : trials.all()) {
            trial.recheck()
                    .forEach(finding -> require(
                            findings.containsKey(finding),
                            "trials.yaml",
                            trial.id(),
                            "recheck",
                            finding,
                            "is no finding"));
        }
    }

    private void checkHabits(PlantKnowledge plants) {
        for (Profile profile : plants.profiles()) {
            for (DisorderId habit : profile.habits()) {
                boolean harmless = disorder(habit)
                        .filter(d -> d.nature().harmless() && d.mayBefall(profile))
                        .isPresent();
                require(
                        harmless,
                        "profiles.yaml",
                        profile.id(),
                        "habits",
                        habit,
                        "is no harmless cause that it can have");
            }
        }
    }

    private static void require(boolean holds, String file, Object id, String key, Object named, String problem) {
        if (!holds) {
            throw new KnowledgeException(file + ", " + id + "." + key, "'" + named + "' " + problem);
        }
    }

    public Optional<Finding> finding(FindingId id) {
        return Optional.ofNullable(findings.get(id));
    }

    /** All findings in the order of the file, which is the order in which evidence is heard. */
    public Collection<Finding> findings() {
        return findings.values();
    }

    public Optional<Disorder> disorder(DisorderId id) {
        return Optional.ofNullable(disorders.get(id));
    }

    public Collection<Disorder> disorders() {
        return disorders.values();
    }

    /** What could be done for a plant that can have these causes, and what it would cost it. */
    Deeds deeds(List<Disorder> causes) {
        return losses.over(causes);
    }

    /** What a week costs a plant in which nothing is done. */
    Waiting waiting(List<Cause> causes) {
        return losses.waiting(causes);
    }

    /** The causes that can befall a plant. */
    List<Disorder> befalling(PlantRecord record) {
        return disorders.values().stream().filter(d -> d.befalls(record)).toList();
    }

    /** All sets of up to three of some causes; worked out once for each kind of plant. */
    Hypotheses setsOf(List<Disorder> causes) {
        return sets.computeIfAbsent(causes.stream().map(Disorder::id).toList(), ids -> Hypotheses.over(causes));
    }

    /** What each cause beyond the first multiplies the prior weight of a set by, above 0 and at most 1. */
    double furtherCause() {
        return furtherCause;
    }

    /** What a record tells. */
    public List<Fact> facts(PlantRecord record) {
        return facts.of(record);
    }
}
