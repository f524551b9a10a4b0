package mildlantern.treatment;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
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
import mildlantern.knowledge.Words;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.pest.Place;
import mildlantern.pest.Stage;
import mildlantern.pest.StageKind;
import mildlantern.plant.Family;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.Profile;
import mildlantern.plant.SprayKind;
import mildlantern.quantity.Range;

/** The means, the traits of plants they mind, and the courses against diseases, from {@code means.yaml} and {@code courses.yaml}. */
public final class TreatmentKnowledge {
    private static final Set<String> KEYS = Set.of(
            "name",
            "short",
            "called",
            "ingredients",
            "entry",
            "styles",
            "as",
            "product",
            "against",
            "kills",
            "reach",
            "lasting",
            "interval",
            "interval-for",
            "share-for",
            "uses",
            "rate",
            "most",
            "celsius",
            "medium-celsius",
            "humidity",
            "sun",
            "rinse",
            "time",
            "test",
            "thirsty",
            "flowering",
            "never-on",
            "mind-on",
            "group",
            "cancels",
            "gear",
            "caution",
            "away",
            "refused",
            "instead",
            "source");
    private static final Range NOTHING = new Range(0, 0);

    private final Map<String, Means> means;
    private final Map<String, Trait> traits;
    private final Map<DisorderId, DiseaseCourse> diseases;
    private final Pests pests;

    /** Plants that share something a means minds. */
    private record Trait(String words, Set<String> profiles, Set<Family> families, Set<GrowthForm> forms) {
        boolean has(Profile profile) {
            return profiles.contains(profile.id())
                    || profiles.contains(profile.nearest())
                    || families.contains(profile.family())
                    || forms.contains(profile.form());
        }
    }

    /**
     * The course against a disease.
     *
     * @param cutToday whether waiting a day loses the plant
     * @param noCure what is said where nothing cures it
     * @param steps usual steps
     * @param severe steps of a bad case, the usual ones where it makes no difference
     * @param lookDays days from the last step to the look again
     * @param aloneDays days alone at least
     */
    record DiseaseCourse(
            boolean cutToday,
            Optional<String> noCure,
            List<DiseaseStep> steps,
            List<DiseaseStep> severe,
            int lookDays,
            int aloneDays) {}

    /**
     * @param day days after the finding
     * @param means ids of what would serve, the best first
     * @param otherGroup whether it must be of another group than the one before
     */
    record DiseaseStep(int day, List<String> means, boolean otherGroup) {}

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
        file.at("kinds").children().forEach((id, entry) -> kinds.put(id, known(entry, entry.words(), ids)));
        Map<String, Means> means = new LinkedHashMap<>();
        file.at("means")
                .children()
                .forEach((id, entry) -> means.put(id, means(id, entry, kinds, ids, traits.keySet())));
        Map<DisorderId, DiseaseCourse> diseases = new LinkedHashMap<>();
        KnowledgeFiles.open("courses.yaml")
                .children()
                .forEach((id, entry) -> diseases.put(new DisorderId(id), disease(entry, ids)));
        return new TreatmentKnowledge(Collections.unmodifiableMap(means), traits, diseases, pests);
    }

    private static Set<String> known(Entry entry, List<String> words, Set<String> known) {
        for (String word : words) {
            if (!known.contains(word)) {
                throw entry.failure("'" + word + "' is unknown");
            }
        }
        return Collections.unmodifiableSet(new LinkedHashSet<>(words));
    }

    private static Trait trait(Entry entry) {
        entry.allowOnly(Set.of("words", "profiles", "families", "forms"));
        return new Trait(
                entry.text("words"),
                Set.copyOf(entry.words("profiles")),
                constants(Family.class, entry, "families"),
                constants(GrowthForm.class, entry, "forms"));
    }

    private static <E extends Enum<E>> Set<E> constants(Class<E> type, Entry entry, String key) {
        Set<E> found = EnumSet.noneOf(type);
        for (String word : entry.words(key)) {
            found.add(Words.find(type, word)
                    .orElseThrow(
                            () -> entry.at(key).failure("'" + word + "' is unknown; known are " + Words.ids(type))));
        }
        return Collections.unmodifiableSet(found);
    }

    private static Means means(
            String id, Entry entry, Map<String, Set<String>> kinds, Set<String> ids, Set<String> traits) {
        entry.allowOnly(KEYS);
        List<Means.Cancel> cancels = new ArrayList<>();
        entry.find("cancels").map(Entry::children).orElse(Map.of()).forEach((other, clash) -> {
            Set<String> others = kinds.containsKey(other) ? kinds.get(other) : known(clash, List.of(other), ids);
            cancels.add(new Means.Cancel(others, (int) clash.number("days", 1, 365), clash.text("why")));
        });
        Map<DisorderId, Range> intervalFor = new LinkedHashMap<>();
        entry.find("interval-for")
                .map(Entry::keys)
                .orElse(Set.of())
                .forEach(pest -> intervalFor.put(
                        new DisorderId(pest), entry.at("interval-for").range(pest, 1, 120)));
        Map<DisorderId, Double> shareFor = new LinkedHashMap<>();
        entry.find("share-for")
                .map(Entry::children)
                .orElse(Map.of())
                .forEach((pest, share) -> shareFor.put(new DisorderId(pest), share.number(0, 1)));
        return new Means(
                id,
                entry.text("name"),
                entry.text("short"),
                constants(Style.class, entry, "styles"),
                entry.constant(Means.Way.class, "as"),
                entry.find("product").map(Entry::flag).orElse(true),
                Set.copyOf(entry.disorders("against")),
                entry.find("kills").map(TreatmentKnowledge::kills).orElse(Map.of()),
                entry.find("reach").map(TreatmentKnowledge::reach).orElse(Map.of()),
                entry.find("lasting")
                        .map(lasting -> new Means.Lasting(
                                (int) lasting.number("days", 1, 365),
                                (int) lasting.number("starts", 0, 60),
                                kills(lasting),
                                reach(lasting.at("reach")))),
                entry.range("interval", 1, 120),
                intervalFor,
                shareFor,
                (int) entry.number("uses", 1, 50),
                entry.find("rate").map(TreatmentKnowledge::rate),
                entry.find("most").map(TreatmentKnowledge::rate),
                terms(entry),
                known(entry, entry.words("never-on"), traits),
                known(entry, entry.words("mind-on"), traits),
                entry.optionalText("group"),
                List.copyOf(cancels),
                new Means.Care(entry.words("gear"), entry.optionalText("caution"), entry.optionalText("away")),
                entry.optionalText("refused"),
                entry.optionalText("instead"),
                known(entry));
    }

    private static Means.Known known(Entry entry) {
        Map<String, Optional<String>> ingredients = new LinkedHashMap<>();
        entry.find("ingredients")
                .map(Entry::children)
                .orElse(Map.of())
                .forEach((name, group) ->
                        ingredients.put(name, Optional.of(group.text()).filter(code -> !code.equals("none"))));
        return new Means.Known(
                List.copyOf(entry.words("called")),
                Collections.unmodifiableMap(ingredients),
                entry.has("entry") ? Optional.of(entry.constant(SprayKind.class, "entry")) : Optional.empty());
    }

    private static Means.Terms terms(Entry entry) {
        return new Means.Terms(
                entry.range("celsius", -10, 45),
                entry.has("medium-celsius") ? Optional.of(entry.range("medium-celsius", 0, 45)) : Optional.empty(),
                entry.optionalNumber("humidity", 0, 100),
                entry.find("sun").map(Entry::flag).orElse(true),
                entry.has("rinse") ? Optional.of(entry.range("rinse", 0, 48)) : Optional.empty(),
                entry.optionalText("time"),
                entry.flag("test"),
                entry.find("thirsty").map(Entry::flag).orElse(true),
                entry.find("flowering").map(Entry::flag).orElse(true));
    }

    private static Map<StageKind, Range> kills(Entry entry) {
        Map<StageKind, Range> kills = new EnumMap<>(StageKind.class);
        for (StageKind kind : StageKind.values()) {
            if (entry.has(Words.id(kind))) {
                kills.put(kind, entry.range(Words.id(kind), 0, 1));
            }
        }
        return Collections.unmodifiableMap(kills);
    }

    private static Map<Place, Double> reach(Entry entry) {
        Map<Place, Double> reach = new EnumMap<>(Place.class);
        entry.allowOnly(Set.copyOf(Words.ids(Place.class)));
        for (Place place : Place.values()) {
            entry.find(Words.id(place)).ifPresent(share -> reach.put(place, share.number(0, 1)));
        }
        return Collections.unmodifiableMap(reach);
    }

    private static Rate rate(Entry entry) {
        return new Rate(
                entry.number("amount", 0.001, 1e6),
                entry.constant(Measure.class, "unit"),
                entry.constant(Carrier.class, "on"));
    }

    private static DiseaseCourse disease(Entry entry, Set<String> ids) {
        entry.allowOnly(Set.of("cut-today", "no-cure", "steps", "severe", "look", "alone"));
        List<DiseaseStep> steps = steps(entry.at("steps"), ids);
        return new DiseaseCourse(
                entry.flag("cut-today"),
                entry.optionalText("no-cure"),
                steps,
                entry.find("severe").map(severe -> steps(severe, ids)).orElse(steps),
                (int) entry.number("look", 1, 120),
                (int) entry.number("alone", 14, 365));
    }

    private static List<DiseaseStep> steps(Entry list, Set<String> ids) {
        return list.members().stream()
                .map(step -> new DiseaseStep(
                        (int) step.number("on", 0, 365),
                        List.copyOf(known(step, step.words("use"), ids)),
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

    /** What one use of a means does to the stages of a pest; nothing to a pest it is not used on. */
    public Effect effect(Means one, LifeTable pest) {
        double used = one.against().contains(pest.id()) ? one.shareFor().getOrDefault(pest.id(), 1.0) : 0;
        List<Range> atOnce = new ArrayList<>();
        List<Range> daily = new ArrayList<>();
        for (Stage stage : pest.stages()) {
            atOnce.add(share(one.kills(), one.reach(), stage, used));
            daily.add(one.lasting()
                    .map(lasting -> share(lasting.kills(), lasting.reach(), stage, used))
                    .orElse(NOTHING));
        }
        return new Effect(
                atOnce,
                daily,
                one.lasting().map(Means.Lasting::days).orElse(0),
                one.lasting().map(Means.Lasting::starts).orElse(0));
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
