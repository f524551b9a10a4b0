package mildlantern.cases;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Evidence;
import mildlantern.diagnosis.Finding;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.EventKind;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Near;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.plant.SprayKind;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;

/** Reads written-up cases and checks every id against the knowledge base. */
public final class CaseReader {
    private static final double MANY_DAYS = 100_000;

    private final PlantKnowledge plants;
    private final DiagnosisKnowledge diagnosis;

    public CaseReader(PlantKnowledge plants, DiagnosisKnowledge diagnosis) {
        this.plants = plants;
        this.diagnosis = diagnosis;
    }

    /**
     * Reads all {@code .yaml} and {@code .yml} files of a folder, in the order of their names.
     *
     * @throws KnowledgeException if a file is wrong or an id unknown; the message names file, case and id
     * @throws UncheckedIOException if the folder cannot be read
     */
    public List<WrittenCase> folder(Path folder) {
        List<Path> files;
        try (Stream<Path> all = Files.walk(folder)) {
            files = all.filter(file -> file.toString().matches(".*\\.ya?ml"))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        List<WrittenCase> cases = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (Path file : files) {
            String name = folder.relativize(file).toString();
            try (Reader text = Files.newBufferedReader(file)) {
                for (Entry document : KnowledgeFiles.documents(name, text)) {
                    WrittenCase written = read(name, document);
                    if (!ids.add(written.id())) {
                        throw new KnowledgeException(name, "the id '" + written.id() + "' stands twice");
                    }
                    cases.add(written);
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return cases;
    }

    private WrittenCase read(String file, Entry document) {
        String id = document.text("id");
        try {
            document.allowOnly(Set.of("id", "story", "plant", "context", "seen", "expect"));
            Profile profile = plants.profile(document.text("plant"))
                    .orElseThrow(
                            () -> document.at("plant").failure("'" + document.text("plant") + "' is no plant profile"));
            PlantRecord record = document.find("context")
                    .map(context -> context(profile, context))
                    .orElse(PlantRecord.of(profile));
            return new WrittenCase(
                    file,
                    id,
                    record,
                    document.find("seen").map(this::evidence).orElse(Evidence.NONE),
                    expected(document.at("expect")));
        } catch (KnowledgeException e) {
            throw new KnowledgeException("case " + id, String.valueOf(e.getMessage()), e);
        }
    }

    private Evidence evidence(Entry seen) {
        Map<FindingId, String> states = new HashMap<>();
        seen.children().forEach((key, state) -> {
            FindingId id = new FindingId(key);
            Finding finding = diagnosis.finding(id).orElseThrow(() -> seen.failure("'" + id + "' is no finding"));
            if (finding.state(state.text()).isEmpty()) {
                throw state.failure("'" + state.text() + "' is no state of " + id);
            }
            states.put(id, state.text());
        });
        return Evidence.of(states);
    }

    private WrittenCase.Expected expected(Entry expect) {
        expect.allowOnly(Set.of("first", "among", "not", "ask", "act-now"));
        for (String key : List.of("first", "among", "not")) {
            for (DisorderId id : expect.disorders(key)) {
                if (diagnosis.disorder(id).isEmpty()) {
                    throw expect.at(key).failure("'" + id + "' is no disorder");
                }
            }
        }
        for (FindingId id : expect.findings("ask")) {
            if (diagnosis.finding(id).isEmpty()) {
                throw expect.at("ask").failure("'" + id + "' is no finding");
            }
        }
        if (expect.keys().isEmpty()) {
            throw expect.failure("at least one expectation is wanted");
        }
        return new WrittenCase.Expected(
                expect.disorders("first"),
                expect.disorders("among"),
                expect.disorders("not"),
                expect.findings("ask"),
                expect.find("act-now").map(Entry::flag));
    }

    private PlantRecord context(Profile profile, Entry context) {
        context.allowOnly(Set.of("stage", "season", "place", "water", "pot", "feed", "events", "bloom-days"));
        return new PlantRecord(
                profile,
                constant(context, Stage.class, "stage"),
                constant(context, Season.class, "season"),
                Optional.empty(),
                context.find("place").map(CaseReader::place).orElse(PlantRecord.Place.UNKNOWN),
                context.find("water").map(CaseReader::watering).orElse(PlantRecord.Watering.UNKNOWN),
                context.find("pot").map(this::pot).orElse(PlantRecord.Pot.UNKNOWN),
                context.find("feed").map(CaseReader::feeding).orElse(PlantRecord.Feeding.UNKNOWN),
                context.find("events").map(Entry::members).orElse(List.of()).stream()
                        .map(CaseReader::event)
                        .toList(),
                context.optionalNumber("bloom-days", 0, MANY_DAYS));
    }

    private static PlantRecord.Place place(Entry place) {
        place.allowOnly(Set.of("light", "rh", "day", "night", "wet-hours", "near", "crowded", "air"));
        return new PlantRecord.Place(
                constant(place, Brightness.class, "light"),
                number(place, "rh", 0, 100).map(RelativeHumidity::new),
                number(place, "day", -60, 70).map(Temperature::new),
                number(place, "night", -60, 70).map(Temperature::new),
                place.optionalNumber("wet-hours", 0, 24),
                place.find("near").map(CaseReader::near),
                flag(place, "crowded"),
                constant(place, AirMovement.class, "air"),
                OptionalDouble.empty());
    }

    private static Set<Near> near(Entry near) {
        EnumSet<Near> things = EnumSet.noneOf(Near.class);
        for (Entry thing : near.members()) {
            things.add(Words.find(Near.class, thing.text())
                    .orElseThrow(() ->
                            thing.failure("'" + thing.text() + "' is unknown; known are " + Words.ids(Near.class))));
        }
        return things;
    }

    private static PlantRecord.Watering watering(Entry water) {
        water.allowOnly(
                Set.of("last-days", "interval-days", "source", "misted", "over-top", "outer-pot", "drain-holes"));
        return new PlantRecord.Watering(
                water.optionalNumber("last-days", 0, MANY_DAYS),
                water.optionalNumber("interval-days", 0.1, MANY_DAYS),
                constant(water, WaterSource.class, "source"),
                flag(water, "misted"),
                flag(water, "over-top"),
                flag(water, "outer-pot"),
                flag(water, "drain-holes"),
                Optional.empty());
    }

    private PlantRecord.Pot pot(Entry pot) {
        pot.allowOnly(Set.of("months", "medium"));
        return new PlantRecord.Pot(
                pot.optionalNumber("months", 0, 1200),
                pot.find("medium")
                        .map(medium -> plants.medium(medium.text())
                                .orElseThrow(() -> medium.failure("'" + medium.text() + "' is no medium"))));
    }

    private static PlantRecord.Feeding feeding(Entry feed) {
        feed.allowOnly(Set.of("last-days", "strength"));
        return new PlantRecord.Feeding(
                feed.optionalNumber("last-days", 0, MANY_DAYS),
                constant(feed, FeedStrength.class, "strength"),
                Optional.empty());
    }

    private static PlantRecord.Event event(Entry event) {
        event.allowOnly(Set.of("what", "days-ago", "temp-step", "light-ratio", "with"));
        return new PlantRecord.Event(
                event.constant(EventKind.class, "what"),
                event.number("days-ago", 0, MANY_DAYS),
                event.optionalNumber("temp-step", -80, 80),
                event.optionalNumber("light-ratio", 0.0001, 10_000),
                constant(event, SprayKind.class, "with"));
    }

    private static <E extends Enum<E>> Optional<E> constant(Entry entry, Class<E> type, String key) {
        return entry.has(key) ? Optional.of(entry.constant(type, key)) : Optional.empty();
    }

    private static Optional<Boolean> flag(Entry entry, String key) {
        return entry.find(key).map(Entry::flag);
    }

    private static Optional<Double> number(Entry entry, String key, double low, double high) {
        OptionalDouble value = entry.optionalNumber(key, low, high);
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }
}
