package mildlantern.web.exchange;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.log.LogEntry;
import mildlantern.message.MessageKey;
import mildlantern.place.StopId;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.KindNames;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.web.plant.Kinds;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes plants of the rows of a table. */
@Component
class PlantsOfTable {
    private final Stops stops;
    private final Plants plants;
    private final Kinds kinds;
    private final PlantKnowledge knowledge;
    private final RecordWriter log;

    PlantsOfTable(Stops stops, Plants plants, Kinds kinds, PlantKnowledge knowledge, RecordWriter log) {
        this.stops = stops;
        this.plants = plants;
        this.kinds = kinds;
        this.knowledge = knowledge;
        this.log = log;
    }

    /** Makes plants of one table. */
    RowMaker of(CollectionId collection, BatchId batch) {
        return new OfTable(collection, batch);
    }

    private final class OfTable implements RowMaker {
        private final CollectionId collection;
        private final BatchId batch;
        private final Map<String, Stop> byName = new HashMap<>();
        private final List<Profile> all;
        private final KindNames kindNames;
        private final Set<String> here = new HashSet<>();
        private int lastPosition;
        private final Set<String> numbers = new HashSet<>();
        private final Map<StopId, Integer> places = new HashMap<>();

        OfTable(CollectionId collection, BatchId batch) {
            this.collection = collection;
            this.batch = batch;
            for (Stop stop : stops.walk(collection)) {
                byName.putIfAbsent(plain(stop.name()), stop);
                lastPosition = Math.max(lastPosition, stop.position());
            }
            all = kinds.all(collection);
            kindNames = new KindNames(all);
            for (Plant plant : plants.all(collection)) {
                Optional.ofNullable(plant.accession()).ifPresent(numbers::add);
                here.add(key(plant.name(), plant.profile(), plant.accession()));
            }
        }

        @Override
        public Made make(CsvRow row) {
            String name = row.text("name");
            if (name.isBlank() || name.length() > 80) {
                row.wrong("name", Wording.say("exchange.plants-of-table.needs-name-1-80"));
            }
            Optional<Stop> stop = stop(row);
            Optional<Profile> kind = kind(row);
            String accession = row.text("number").strip();
            boolean isHere =
                    kind.map(it -> here.contains(key(name, it.id(), accession))).orElse(false);
            if (!accession.isBlank() && !numbers.add(accession)) {
                row.wrong("number", Wording.say("exchange.plants-of-table.number-taken", accession));
            }
            row.atMost("cultivar", 80);
            row.atMost("number", 40);
            row.atMost("source", 120);
            String medium = medium(row);
            PotKind pot = pot(row);
            WaterSource water = water(row);
            Double cm = row.number("cm", 2, 200, Wording.say("exchange.plants-of-table.pot-cm"));
            Double height = row.number("height", 1, 200, Wording.say("exchange.plants-of-table.pot-height"));
            Double reservoir = row.number("reservoir", 0, 20_000, Wording.say("exchange.plants-of-table.reservoir"));
            FeedStrength feed = constant(row, "feed", FeedStrength.values(), Map.of());
            Stage stage = constant(row, "stage", Stage.values(), Map.of());
            int leaves = count(row, "leaves");
            int growths = count(row, "growths");
            int offsets = count(row, "offsets");
            Optional<Plant.State> going = going(row);
            Optional<LocalDate> gone = row.day("ended");
            row.atMost("endedof", 300);
            Optional<LocalDate> came = row.day("came");
            Optional<LocalDate> potted = row.day("potted");
            List<String> words = new ArrayList<>(List.of(name));
            kind.map(Profile::name).ifPresent(words::add);
            stop.map(Stop::name).ifPresent(words::add);
            came.map(day -> Wording.say("exchange.plants-of-table.came", DayFormat.YEAR.format(day)))
                    .ifPresent(words::add);
            potted.map(day -> Wording.say("exchange.plants-of-table.potted", DayFormat.YEAR.format(day)))
                    .ifPresent(words::add);
            return new Made(String.join(", ", words), Optional.empty(), isHere, () -> {
                if (stop.isPresent() && kind.isPresent()) {
                    Stop at = stored(stop.get());
                    int place = places.merge(at.id(), plants.nextPlace(collection, at.id()), (was, fresh) -> was + 1);
                    Plant plant = new Plant(
                                    PlantId.fresh(),
                                    collection,
                                    at.id(),
                                    place,
                                    name,
                                    kind.get().id())
                            .named(row.textOrNull("cultivar"), row.textOrNull("number"), row.textOrNull("source"))
                            .acquired(came.orElse(null))
                            .potted(
                                    pot == null ? kind.get().usualPot() : pot,
                                    cm,
                                    medium == null ? kind.get().usualMedium() : medium,
                                    potted.orElse(null))
                            .pot(height, reservoir == null ? 0 : reservoir, potted.orElse(null))
                            .kept(water, feed, null, null, null)
                            .grown(stage == null ? Stage.ADULT : stage)
                            .counted(leaves, growths, offsets, 0, 0);
                    log.store(plant);
                    log.arrived(plant, came.orElse(row.today()), batch);
                    going.ifPresent(how -> {
                        LocalDate day = gone.orElse(row.today());
                        String cause = row.textOrNull("endedof");
                        log.note(plant, day, new LogEntry.Ended(how == Plant.State.LOST), cause, Optional.of(batch));
                        log.store(plants.plant(collection, plant.id()).ended(how, day, cause));
                    });
                }
            });
        }

        private static String plain(String name) {
            return name.strip().toLowerCase(Locale.ROOT);
        }

        private static int count(CsvRow row, String field) {
            Double count = row.number(field, 0, 5000, field);
            return count == null ? 0 : count.intValue();
        }

        /** How a plant went, if it is no longer kept. */
        private static Optional<Plant.State> going(CsvRow row) {
            return switch (bare(row.text("state"))) {
                case "lost", "dead", "died" -> Optional.of(Plant.State.LOST);
                case "retired", "givenaway", "sold", "given" -> Optional.of(Plant.State.RETIRED);
                default -> Optional.empty();
            };
        }

        /** Two rows of the same name, kind and number are the same plant. */
        private static String key(String name, String kind, @Nullable String accession) {
            return plain(name) + "\n" + kind + "\n" + (accession == null ? "" : accession);
        }

        private Stop stored(Stop stop) {
            return stops.find(collection, stop.id()).orElseGet(() -> stops.store(stop));
        }

        private Optional<Stop> stop(CsvRow row) {
            String text = row.text("stop").strip();
            String added = row.written("stop").strip();
            if (text.equals(CsvMends.ADDED) && !added.isEmpty() && added.length() <= 80) {
                return Optional.of(byName.computeIfAbsent(
                        plain(added), name -> new Stop(StopId.fresh(), collection, ++lastPosition, added)));
            }
            Optional<Stop> found = Optional.ofNullable(byName.get(plain(text)));
            if (found.isEmpty()) {
                List<CsvIn.Choice> choices = new ArrayList<>();
                if (!text.isEmpty()) {
                    choices.add(new CsvIn.Choice(
                            CsvMends.ADDED, Wording.say("exchange.plants-of-table.add-this-stop", text)));
                }
                byName.values().stream()
                        .sorted(Comparator.comparing(Stop::position))
                        .forEach(stop -> choices.add(new CsvIn.Choice(stop.name(), stop.name())));
                row.unknown("stop", Wording.say("exchange.plants-of-table.there-no-stop-add", text), choices);
            }
            return found;
        }

        private Optional<Profile> kind(CsvRow row) {
            String text = row.text("kind");
            List<Profile> called = all.stream()
                    .filter(kind -> kind.id().equals(text.strip()))
                    .findFirst()
                    .or(() -> kindNames.named(text))
                    .map(List::of)
                    .orElseGet(() -> kindNames.called(text));
            if (called.size() == 1) {
                return Optional.of(called.get(0));
            }
            List<Profile> offered = new ArrayList<>(called);
            all.stream()
                    .filter(kind -> !called.contains(kind))
                    .sorted(Comparator.comparing(Profile::name))
                    .forEach(offered::add);
            row.unknown(
                    "kind",
                    called.isEmpty()
                            ? Wording.say("exchange.plants-of-table.no-kind-known-here", text)
                            : Wording.say("exchange.plants-of-table.kinds-of-that-name", text, called.size()),
                    offered.stream()
                            .map(kind -> new CsvIn.Choice(kind.id(), kind.name() + " · " + kind.botanical()))
                            .toList());
            return Optional.empty();
        }

        private @Nullable String medium(CsvRow row) {
            String text = row.text("medium");
            if (text.isBlank()) {
                return null;
            }
            Optional<String> id = knowledge.media().stream()
                    .filter(medium ->
                            medium.id().equalsIgnoreCase(text) || medium.name().equalsIgnoreCase(text))
                    .map(medium -> medium.id())
                    .findFirst();
            if (id.isEmpty()) {
                row.unknown(
                        "medium",
                        Wording.say("exchange.plants-of-table.no-medium", text),
                        knowledge.media().stream()
                                .map(medium -> new CsvIn.Choice(medium.id(), medium.name()))
                                .toList());
            }
            return id.orElse(null);
        }

        private static @Nullable PotKind pot(CsvRow row) {
            return constant(row, "pot", PotKind.values(), Map.of());
        }

        private static @Nullable WaterSource water(CsvRow row) {
            return constant(row, "water", WaterSource.values(), Map.of("tap", WaterSource.SOFT_TAP));
        }

        /** A constant by its name or its words, written in any of the usual ways; null where nothing is written. */
        private static <E extends Enum<E> & MessageKey> @Nullable E constant(
                CsvRow row, String field, E[] all, Map<String, E> also) {
            String text = row.text(field);
            if (text.isBlank()) {
                return null;
            }
            Optional<E> found = Arrays.stream(all)
                    .filter(one -> bare(one.name()).equals(bare(text))
                            || bare(Wording.of(one)).equals(bare(text)))
                    .findFirst()
                    .or(() -> Optional.ofNullable(also.get(bare(text))));
            if (found.isEmpty()) {
                row.unknown(
                        field,
                        Wording.say("exchange.plants-of-table.not-known", text),
                        Arrays.stream(all)
                                .map(one -> new CsvIn.Choice(one.name(), Wording.of(one)))
                                .toList());
            }
            return found.orElse(null);
        }

        private static String bare(String text) {
            return text.toLowerCase(Locale.ROOT).replaceAll("\\b(water|pot)\\b|[^a-z]", "");
        }
    }
}
