package mildlantern.web.exchange;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.web.plant.Kinds;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
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
        private final Map<String, Profile> kindsByName = new HashMap<>();
        private final Set<String> numbers = new HashSet<>();
        private final Map<StopId, Integer> places = new HashMap<>();

        OfTable(CollectionId collection, BatchId batch) {
            this.collection = collection;
            this.batch = batch;
            stops.walk(collection).forEach(stop -> byName.putIfAbsent(plain(stop.name()), stop));
            plants.names(collection).forEach(plant -> numbers.add(plant.also()));
            for (Profile kind : kinds.all(collection)) {
                kindsByName.put(kind.id(), kind);
                kindsByName.put(plain(kind.name()), kind);
                kindsByName.put(plain(kind.botanical()), kind);
            }
        }

        @Override
        public Made make(CsvRow row) {
            String name = row.text("name");
            if (name.isBlank() || name.length() > 80) {
                row.wrong(Wording.say("exchange.plants-of-table.needs-name-1-80"));
            }
            Stop stop = byName.get(plain(row.text("stop")));
            if (stop == null) {
                row.wrong(Wording.say("exchange.plants-of-table.there-no-stop-add", row.text("stop")));
            }
            Profile kind = kindsByName.get(plain(row.text("kind")));
            if (kind == null) {
                row.wrong(Wording.say("exchange.plants-of-table.no-kind-known-here", row.text("kind")));
            }
            String accession = row.text("number");
            if (!accession.isBlank() && !numbers.add(accession)) {
                row.wrong(Wording.say("exchange.plants-of-table.number-taken", accession));
            }
            row.atMost("cultivar", 80);
            row.atMost("number", 40);
            row.atMost("source", 120);
            String medium = medium(row);
            PotKind pot = pot(row);
            WaterSource water = water(row);
            Double cm = row.number("cm", 2, 200, Wording.say("exchange.plants-of-table.pot-cm"));
            Double leaves = row.number("leaves", 0, 5000, "leaves");
            Optional<LocalDate> came = row.day("came");
            Optional<LocalDate> potted = row.day("potted");
            String words = name + (kind == null ? "" : ", " + kind.name()) + (stop == null ? "" : ", " + stop.name());
            return new Made(words, Optional.empty(), () -> {
                if (stop != null && kind != null) {
                    int place =
                            places.merge(stop.id(), plants.nextPlace(collection, stop.id()), (was, fresh) -> was + 1);
                    Plant plant = new Plant(PlantId.fresh(), collection, stop.id(), place, name, kind.id())
                            .named(row.textOrNull("cultivar"), row.textOrNull("number"), row.textOrNull("source"))
                            .acquired(came.orElse(null))
                            .potted(pot, cm, medium == null ? kind.media().get(0) : medium, potted.orElse(null))
                            .kept(water, null, null, null, null)
                            .counted(leaves == null ? 0 : leaves.intValue(), 0, 0, 0, 0);
                    log.store(plant);
                    log.arrived(plant, came.orElse(row.today()), batch);
                }
            });
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
                row.wrong(Wording.say(
                        "exchange.plants-of-table.no-medium-known-are",
                        text,
                        knowledge.media().stream().map(medium -> medium.name()).collect(Collectors.joining(", "))));
            }
            return id.orElse(null);
        }

        private static PotKind pot(CsvRow row) {
            String text = row.text("pot");
            if (text.isBlank()) {
                return PotKind.PLASTIC;
            }
            Optional<PotKind> pot = Arrays.stream(PotKind.values())
                    .filter(kind -> kind.name().equalsIgnoreCase(text)
                            || Wording.of(kind).equalsIgnoreCase(text))
                    .findFirst();
            if (pot.isEmpty()) {
                row.wrong(Wording.say("exchange.plants-of-table.no-pot-write-clay", text));
            }
            return pot.orElse(PotKind.PLASTIC);
        }

        private static @Nullable WaterSource water(CsvRow row) {
            String text = row.text("water");
            if (text.isBlank()) {
                return null;
            }
            String plain =
                    text.toLowerCase(Locale.ROOT).replaceAll("[ _-]+", "_").replace("_water", "");
            Optional<WaterSource> source = Arrays.stream(WaterSource.values())
                    .filter(value -> value.name().toLowerCase(Locale.ROOT).equals(plain)
                            || Wording.of(value).equalsIgnoreCase(text)
                            || (plain.equals("tap") && value == WaterSource.SOFT_TAP))
                    .findFirst();
            if (source.isEmpty()) {
                row.wrong(Wording.say("exchange.plants-of-table.no-water-write-rain", text));
            }
            return source.orElse(null);
        }

        private static String plain(String name) {
            return name.toLowerCase(Locale.ROOT);
        }
    }
}
