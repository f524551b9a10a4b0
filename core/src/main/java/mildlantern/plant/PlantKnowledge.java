package mildlantern.plant;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;

/** The kinds of plants and the media that the knowledge base knows. */
public final class PlantKnowledge {
    private static final Set<String> PROFILE_KEYS = Set.of(
            "name",
            "edible",
            "group",
            "botanical",
            "family",
            "form",
            "light",
            "dli",
            "rh",
            "day",
            "night",
            "days",
            "dry",
            "water",
            "media",
            "feed",
            "weeks",
            "rest",
            "habits",
            "harm",
            "like");

    private final Map<String, Profile> profiles;
    private final Map<String, Medium> media;

    private PlantKnowledge(Map<String, Profile> profiles, Map<String, Medium> media) {
        this.profiles = profiles;
        this.media = media;
    }

    /**
     * Reads profiles and media.
     *
     * @throws KnowledgeException if a file is wrong; the message names file and key
     */
    public static PlantKnowledge load() {
        Map<String, Medium> media = new LinkedHashMap<>();
        KnowledgeFiles.open("media.yaml").children().forEach((id, entry) -> {
            entry.allowOnly(
                    Set.of("name", "life", "holds", "available", "keeps", "surface", "falls", "least", "wicks"));
            media.put(
                    id,
                    new Medium(
                            id,
                            entry.text("name"),
                            entry.range("life", 1, 600),
                            entry.range("holds", 0, 1),
                            entry.number("available", 0.1, 1),
                            entry.number("keeps", 0.1, 1),
                            entry.number("surface", 0, 2),
                            entry.number("falls", 1, 3),
                            entry.optionalNumber("least", 0, 1).orElse(0),
                            entry.flag("wicks")));
        });
        Entry names = KnowledgeFiles.open("kind-names.yaml");
        Map<String, Profile> profiles = new LinkedHashMap<>();
        KnowledgeFiles.open("profiles.yaml")
                .children()
                .forEach((id, entry) -> profiles.put(id, profile(id, entry, media.keySet(), names)));
        names.allowOnly(profiles.keySet());
        profiles.values().stream()
                .filter(kind -> !profiles.containsKey(kind.broad())
                        || profiles.get(kind.broad()).kin().size() > 1)
                .findFirst()
                .ifPresent(kind -> {
                    throw new KnowledgeException(
                            "profiles.yaml, " + kind.id() + ".like", "'" + kind.broad() + "' is no broad kind");
                });
        return new PlantKnowledge(Collections.unmodifiableMap(profiles), Collections.unmodifiableMap(media));
    }

    private static Profile profile(String id, Entry entry, Set<String> knownMedia, Entry names) {
        entry.allowOnly(PROFILE_KEYS);
        for (Entry medium : entry.at("media").members()) {
            if (!knownMedia.contains(medium.text())) {
                throw medium.failure("'" + medium.text() + "' is no medium; known are " + knownMedia);
            }
        }
        List<String> kin = new ArrayList<>(List.of(id));
        entry.optionalText("like").ifPresent(kin::add);
        return new Profile(
                id,
                kin,
                entry.text("name"),
                entry.text("botanical"),
                names.words(id),
                entry.constant(Family.class, "family"),
                entry.constant(GrowthForm.class, "form"),
                entry.constant(Brightness.class, "light"),
                entry.range("dli", 0, 70),
                entry.range("rh", 0, 100),
                entry.range("day", -20, 50),
                new Temperature(entry.number("night", -40, 30)),
                entry.range("days", 0.5, 90),
                entry.constant(Dryness.class, "dry"),
                entry.constant(WaterWant.class, "water"),
                entry.words("media"),
                entry.range("feed", 0, 400),
                entry.range("weeks", 0.1, 60),
                entry.optionalText("rest"),
                entry.disorders("habits"),
                entry.optionalText("harm"),
                entry.flag("edible"),
                entry.flag("group"));
    }

    /** The kinds that a plant of a broad kind may be, by name; none where the kind is no broad one. */
    public List<Profile> closer(Profile kind) {
        return profiles.values().stream()
                .filter(other -> kind.group() && other.broad().equals(kind.id()) && !other.equals(kind))
                .sorted(Comparator.comparing(Profile::name))
                .toList();
    }

    /**
     * The daily light that kinds of one brightness want: the middle one of their lower and of their upper ends.
     *
     * @return mol photons per square metre and day; empty where no kind wants that brightness
     */
    public Optional<Range> usualLight(Brightness brightness) {
        List<Range> light = profiles.values().stream()
                .filter(kind -> kind.light() == brightness)
                .map(Profile::dailyLight)
                .toList();
        return light.isEmpty()
                ? Optional.empty()
                : Optional.of(new Range(middle(light, Range::low), middle(light, Range::high)));
    }

    private static double middle(List<Range> ranges, ToDoubleFunction<Range> end) {
        return ranges.stream()
                .mapToDouble(end)
                .sorted()
                .skip(ranges.size() / 2)
                .findFirst()
                .orElseThrow();
    }

    public Optional<Profile> profile(String id) {
        return Optional.ofNullable(profiles.get(id));
    }

    public Collection<Profile> profiles() {
        return profiles.values();
    }

    public Optional<Medium> medium(String id) {
        return Optional.ofNullable(media.get(id));
    }

    public Collection<Medium> media() {
        return media.values();
    }
}
