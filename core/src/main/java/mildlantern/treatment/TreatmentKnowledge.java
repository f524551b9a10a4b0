package mildlantern.treatment;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.pest.Place;
import mildlantern.pest.Stage;
import mildlantern.pest.StageKind;
import mildlantern.plant.Family;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.Profile;
import mildlantern.quantity.Range;

/** The means, the traits of plants they mind, and the courses against diseases, from {@code means.yaml} and {@code courses.yaml}. */
public final class TreatmentKnowledge {
    private static final Range NOTHING = new Range(0, 0);

    private final Map<String, Means> means;
    private final Map<String, Trait> traits;
    private final Map<DisorderId, DiseaseCourse> diseases;
    private final Pests pests;

    /** Plants that share something a means minds. */
    private record Trait(
            String words, Set<String> profiles, Set<Family> families, Set<GrowthForm> forms, boolean edible) {
        boolean has(Profile profile) {
            return profile.isAmong(profiles)
                    || families.contains(profile.family())
                    || forms.contains(profile.form())
                    || edible && profile.edible();
        }
    }

    private TreatmentKnowledge(
            Map<String, Means> means, Map<String, Trait> traits, Map<DisorderId, DiseaseCourse> diseases, Pests pests) {
        this.means = means;
        this.traits = traits;
        this.diseases = diseases;
        this.pests = pests;
    }

    /**
     * @param pests whose stages the means act on
     * @throws KnowledgeException if a file is wrong; the message names the key
     */
    public static TreatmentKnowledge load(Pests pests) {
        Entry file = KnowledgeFiles.open("means.yaml");
        file.allowOnly(Set.of("traits", "kinds", "means"));
        Map<String, Trait> traits = new LinkedHashMap<>();
        file.at("traits").children().forEach((id, entry) -> traits.put(id, trait(entry)));
        Set<String> ids = file.at("means").keys();
        Map<String, Set<String>> kinds = new LinkedHashMap<>();
        file.at("kinds").children().forEach((id, entry) -> kinds.put(id, MeansReader.known(entry, entry.words(), ids)));
        Map<String, Means> means = new LinkedHashMap<>();
        file.at("means")
                .children()
                .forEach((id, entry) -> means.put(id, MeansReader.means(id, entry, kinds, ids, traits.keySet())));
        Map<DisorderId, DiseaseCourse> diseases = new LinkedHashMap<>();
        KnowledgeFiles.open("courses.yaml")
                .children()
                .forEach((id, entry) -> diseases.put(new DisorderId(id), disease(entry, ids)));
        return new TreatmentKnowledge(Collections.unmodifiableMap(means), traits, diseases, pests);
    }

    private static Trait trait(Entry entry) {
        entry.allowOnly(Set.of("words", "profiles", "families", "forms", "edible"));
        return new Trait(
                entry.text("words"),
                Set.copyOf(entry.words("profiles")),
                MeansReader.constants(Family.class, entry, "families"),
                MeansReader.constants(GrowthForm.class, entry, "forms"),
                entry.flag("edible"));
    }

    private static DiseaseCourse disease(Entry entry, Set<String> ids) {
        entry.allowOnly(Set.of("cut-today", "no-cure", "steps", "severe", "look"));
        List<DiseaseStep> steps = steps(entry.at("steps"), ids);
        return new DiseaseCourse(
                entry.flag("cut-today"),
                entry.optionalText("no-cure"),
                steps,
                entry.find("severe").map(severe -> steps(severe, ids)).orElse(steps),
                (int) entry.number("look", 1, 120));
    }

    private static List<DiseaseStep> steps(Entry list, Set<String> ids) {
        return list.members().stream()
                .map(step -> new DiseaseStep(
                        (int) step.number("on", 0, 365),
                        List.copyOf(MeansReader.known(step, step.words("use"), ids)),
                        step.flag("other")))
                .toList();
    }

    public Optional<Means> find(String id) {
        return Optional.ofNullable(means.get(id));
    }

    public Collection<Means> all() {
        return means.values();
    }

    /** What is used against a disorder, in the order of the file. */
    public List<Means> against(DisorderId disorder) {
        return means.values().stream()
                .filter(one -> one.against().contains(disorder))
                .toList();
    }

    public Pests pests() {
        return pests;
    }

    /** What is said of a disease that nothing cures. */
    public Optional<String> noCure(DisorderId id) {
        return disease(id).flatMap(DiseaseCourse::noCure);
    }

    Optional<DiseaseCourse> disease(DisorderId id) {
        return Optional.ofNullable(diseases.get(id));
    }

    /** Whether a course can be composed against this disorder. */
    public boolean treats(DisorderId disorder) {
        return diseases.containsKey(disorder) || !against(disorder).isEmpty();
    }

    /** The words of those traits of a plant that a means minds. */
    List<String> shared(Profile profile, Set<String> minded) {
        return minded.stream()
                .map(traits::get)
                .filter(trait -> trait.has(profile))
                .map(Trait::words)
                .toList();
    }

    /** The words of traits. */
    List<String> words(Set<String> named) {
        return named.stream().map(traits::get).map(Trait::words).toList();
    }

    /** What one use of a means does to the stages of a pest; nothing to a pest it is not used on. */
    public Effect effect(Means one, LifeTable pest) {
        return effect(one, pest, HouseFigures.NONE);
    }

    /** What one use of a means does to the stages of a pest in a house that has learned how well it works there. */
    public Effect effect(Means one, LifeTable pest, HouseFigures figures) {
        Means.Works works = one.works();
        boolean on = works.against().contains(pest.id());
        double used = on ? works.shareFor().getOrDefault(pest.id(), 1.0) : 0;
        List<Range> atOnce = new ArrayList<>();
        List<Range> daily = new ArrayList<>();
        for (Stage stage : pest.stages()) {
            atOnce.add(figures.at(one.id(), share(works.kills(), works.reach(), stage, used)));
            daily.add(works.lasting()
                    .map(lasting -> figures.at(
                            one.id(),
                            share(
                                    lasting.kills(),
                                    lasting.reach(),
                                    stage,
                                    on ? lasting.shareFor().getOrDefault(pest.id(), 1.0) : 0)))
                    .orElse(NOTHING));
        }
        return new Effect(
                atOnce,
                daily,
                works.lasting().map(Means.Lasting::days).orElse(0),
                works.lasting().map(Means.Lasting::starts).orElse(0),
                works.thorough());
    }

    private static Range share(Map<StageKind, Range> kills, Map<Place, Double> reach, Stage stage, double used) {
        Range range = kills.getOrDefault(stage.kind(), NOTHING);
        double reached = used * reach.getOrDefault(stage.at(), 0.0);
        return new Range(range.low() * reached, range.high() * reached);
    }

    /** Ids that the courses and means name as disorders, so that a test can hold them against the knowledge of disorders. */
    public Set<DisorderId> disorders() {
        Set<DisorderId> named = new LinkedHashSet<>(diseases.keySet());
        means.values().forEach(one -> named.addAll(one.against()));
        return named;
    }
}
