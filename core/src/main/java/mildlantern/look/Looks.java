package mildlantern.look;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;

/** What kinds are told by: {@code looks.yaml}. A kind looks like its growth form where nothing else is said of it. */
public final class Looks {
    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");
    private static final Set<String> KEYS =
            Set.of("leaf", "margin", "pattern", "habit", "sticky", "flower", "green", "mark", "bloom");

    private final Map<GrowthForm, Look> forms = new EnumMap<>(GrowthForm.class);
    private final Map<String, Look> kinds = new HashMap<>();

    private Looks(Entry file, PlantKnowledge plants) {
        Map<String, Entry> byForm = file.at("forms").children();
        for (GrowthForm form : GrowthForm.values()) {
            Entry entry = Optional.ofNullable(byForm.get(Words.id(form)))
                    .orElseThrow(() -> file.at("forms").failure("says nothing of " + Words.id(form)));
            forms.put(form, look(entry, Optional.empty()));
        }
        file.at("kinds").children().forEach((id, entry) -> {
            Profile kind = plants.profile(id).orElseThrow(() -> entry.failure("is no kind"));
            kinds.put(id, look(entry, Optional.of(of(kind.form()))));
        });
    }

    private static Look look(Entry entry, Optional<Look> usual) {
        entry.allowOnly(KEYS);
        return new Look(
                constant(entry, "leaf", LeafShape.class, usual.map(Look::leaf)),
                constant(
                        entry,
                        "margin",
                        LeafMargin.class,
                        usual.map(Look::margin).or(() -> Optional.of(LeafMargin.ENTIRE))),
                constant(
                        entry,
                        "pattern",
                        LeafPattern.class,
                        usual.map(Look::pattern).or(() -> Optional.of(LeafPattern.PLAIN))),
                constant(
                        entry,
                        "habit",
                        GrowthHabit.class,
                        usual.map(Look::habit).or(() -> Optional.of(GrowthHabit.USUAL))),
                entry.has("sticky")
                        ? entry.flag("sticky")
                        : usual.map(Look::sticky).orElse(false),
                constant(entry, "flower", FlowerShape.class, usual.map(Look::flower)),
                colour(entry, "green", usual.map(Look::green)),
                colour(entry, "mark", usual.map(Look::mark)),
                colour(entry, "bloom", usual.map(Look::bloom)));
    }

    private static <T extends Enum<T>> T constant(Entry entry, String key, Class<T> type, Optional<T> usual) {
        return entry.has(key) || usual.isEmpty() ? entry.constant(type, key) : usual.get();
    }

    private static String colour(Entry entry, String key, Optional<String> usual) {
        String colour = entry.has(key) || usual.isEmpty() ? entry.text(key) : usual.get();
        if (!COLOUR.matcher(colour).matches()) {
            throw entry.at(key).failure("'" + colour + "' is no colour");
        }
        return colour;
    }

    /**
     * @throws KnowledgeException if {@code looks.yaml} is wrong; the message names the key
     */
    public static Looks load(PlantKnowledge plants) {
        return new Looks(KnowledgeFiles.open("looks.yaml"), plants);
    }

    /** What a plant of a growth form looks like. */
    public Look of(GrowthForm form) {
        return Objects.requireNonNull(forms.get(form));
    }

    /** What a kind looks like. */
    public Look of(Profile kind) {
        return kind.among(kinds).orElseGet(() -> of(kind.form()));
    }
}
