package mildlantern.web.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import mildlantern.air.AirKnowledge;
import mildlantern.log.Counted;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.Way;
import mildlantern.log.Yardstick;
import mildlantern.place.StopId;
import mildlantern.plant.EventKind;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import mildlantern.web.task.HandTask;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Fills the signal house: nine stops, forty-six plants, fourteen months that the product's own models made up from a fixed seed, and
 * troubles of every kind under way. It all ends today.
 */
@Component
class SignalHouse {
    private static final long SEED = 20_261_124L;
    private static final int MONTHS = 14;
    private static final int READ_EVERY_DAYS = 14;
    private static final double LATITUDE = 45;
    private static final double LONGITUDE = 0;

    private final Stops allStops;
    private final Plants plants;
    private final SignalHouseCare care;
    private final RecordWriter log;
    private final Routine routine;
    private final Houses houses;
    private final HouseStations stations;
    private final AirKnowledge air;
    private final SignalHouseCases cases;
    private final SignalHouseHistories histories;
    private final SignalHouseHands hands;
    private final Clock clock;

    SignalHouse(
            Stops allStops,
            Plants plants,
            SignalHouseCare care,
            RecordWriter log,
            Routine routine,
            Houses houses,
            HouseStations stations,
            AirKnowledge air,
            SignalHouseCases cases,
            SignalHouseHistories histories,
            SignalHouseHands hands,
            Clock clock) {
        this.allStops = allStops;
        this.plants = plants;
        this.care = care;
        this.log = log;
        this.routine = routine;
        this.houses = houses;
        this.stations = stations;
        this.air = air;
        this.cases = cases;
        this.histories = histories;
        this.hands = hands;
        this.clock = clock;
    }

    void load(CollectionId collection) {
        routine.writeAll(collection, () -> new House(collection).load());
    }

    private final class House {
        private final CollectionId collection;
        private final LocalDate today = LocalDate.now(clock);
        private final LocalDate begin = today.minusMonths(MONTHS);
        private final SignalHouseStory story = SignalHouseStory.read();
        private final Random chance = new Random(SEED);
        private final Map<String, Stop> stops = new LinkedHashMap<>();
        private final Map<String, PlantId> named = new LinkedHashMap<>();

        House(CollectionId collection) {
            this.collection = collection;
        }

        void load() {
            walk();
            plants();
            histories.write(
                    story.plants().stream()
                            .map(told -> new SignalHouseHistories.Kept(
                                    plant(told.name()), told, at(told.stop()).isolation()))
                            .toList(),
                    collection,
                    begin,
                    today,
                    SEED);
            befallen();
            // Cases weigh how the pots dry, so that is reckoned before they are opened.
            routine.settle();
            troubles();
            lost();
            care.tell(story, this::plant, name -> at(name).id(), today);
            routine.touchedAll(collection);
        }

        /** The lamp room is glazed all round; the other windows are those of a station's house. */
        private void walk() {
            houses.stands(collection, LATITUDE, LONGITUDE, true);
            for (SignalHouseStory.Standing told : story.walk()) {
                Stop stop = stop(told);
                stops.put(stop.name(), stop);
                allStops.store(stop);
                stations.put(stop, begin.minusDays(READ_EVERY_DAYS));
                typed(stop);
            }
        }

        private Stop stop(SignalHouseStory.Standing told) {
            Stop stop = new Stop(
                            new StopId(DemoLoader.id("stop " + told.name())), collection, stops.size() + 1, told.name())
                    .noted(told.note())
                    .built(told.kind(), told.glass(), told.glassCm())
                    .inRoom(told.room())
                    .sized(told.widthCm(), told.depthCm())
                    .climate(told.light(), told.humidity(), told.day(), told.night())
                    .airflow(told.air(), told.wetHours(), told.crowded(), told.near());
            Stop glazed = told.window()
                    .map(pane -> stop.glazed(
                            pane.glazing(),
                            pane.curtain(),
                            pane.widthCm(),
                            pane.heightCm(),
                            pane.sillCm(),
                            pane.outsideCm()))
                    .orElse(stop);
            return told.heaterCm() == null ? glazed : glazed.exposed(told.heaterCm(), null, air.heaterReachCm());
        }

        /** What the keeper typed besides: a look at the hygrometer now and then. */
        private void typed(Stop stop) {
            for (int ago = 190; ago > 2; ago -= 47) {
                allStops.store(new StopReading(stop, today.minusDays(ago), OffsetDateTime.now(clock))
                        .read(stop.light(), null, null, null, null));
            }
        }

        private void plants() {
            int place = 0;
            for (SignalHouseStory.Pot line : story.plants()) {
                List<Integer> counts = line.counts();
                Plant plant = new Plant(
                                new PlantId(DemoLoader.id("plant " + line.name())),
                                collection,
                                at(line.stop()).id(),
                                place++,
                                line.name(),
                                line.kind())
                        .named(null, "HQ-%03d".formatted(place), null)
                        .acquired(begin.minusDays(chance.nextInt(900)))
                        .potted(line.pot(), line.cm(), line.medium(), today.minusMonths(line.months()))
                        .pot(null, 0, today.minusMonths(line.months()))
                        .kept(
                                line.water(),
                                line.feed(),
                                line.name().equals("Ember"),
                                line.name().equals("Tidewaiter"),
                                true)
                        .counted(counts.get(0), counts.get(1), counts.get(2), counts.get(3), counts.get(4));
                keep(counts.get(3) > 0 ? plant.bloomingSince(today.minusDays(9 + chance.nextInt(20))) : plant);
            }
            keep(plant("Pilot").named("Harbour Light", "HQ-001", "a neighbour's division"));
            keep(plant("Stowaway").acquired(today.minusDays(5)).named(null, "HQ-045", "a gift"));
            keep(plant("Castaway").acquired(today.minusDays(11)).named(null, "HQ-046", "a plant sale"));
            keep(plant("Bosun").from(plant("Bilge").id()));
        }

        private Stop at(String name) {
            return Optional.ofNullable(stops.get(name)).orElseThrow(() -> new IllegalStateException("no stop " + name));
        }

        private void keep(Plant plant) {
            named.put(plant.name(), log.store(plant).id());
        }

        private Plant plant(String name) {
            return Optional.ofNullable(named.get(name))
                    .map(id -> plants.plant(collection, id))
                    .orElseThrow(() -> new IllegalStateException("no plant " + name));
        }

        private void write(String name, int daysAgo, LogEntry entry, @Nullable String words) {
            log.add(plant(name), today.minusDays(daysAgo), new RecordWriter.Line(entry, words), Optional.empty());
        }

        private static LogEntry befell(EventKind kind, double step, double light) {
            return new LogEntry.Befell(kind, OptionalDouble.of(step), OptionalDouble.of(light));
        }

        private void befallen() {
            write("Stowaway", 5, befell(EventKind.ACQUIRED, -3, 0.6), "a gift");
            write("Castaway", 11, befell(EventKind.ACQUIRED, 0, 1), "a plant sale");
            write(
                    "Ember",
                    125,
                    new LogEntry.Befell(EventKind.FORCED_FLOWERING, OptionalDouble.empty(), OptionalDouble.empty()),
                    "ripening fruit under a bag");
            write("Coaming", 47, befell(EventKind.BROUGHT_IN, 8, 0.6), "before the first cold night");
            write("Drifter", 16, befell(EventKind.MOVED, -5, 2), "from the stove landing");
            write("Bosun", 210, new LogEntry.Noted(), "a crown taken off Bilge");
            write("Topsail", 12, new LogEntry.Bloom(true), null);
            write("Galley", 30, new LogEntry.Bloom(true), null);
            write("Halyard", 12, new LogEntry.Pruned(), "crisp lids only");
            hands.plan(plant("Halyard"), HandTask.LOOK_AT_CUT, today, 0);
            hands.plan(plant("Streamer"), HandTask.REPOT, today, 1);
            write("Big Anna", 8, new LogEntry.Count(Counted.PESTS, 24), "on three leaves");
            write("Yardarm", 120, new LogEntry.Repotted(OptionalDouble.of(22), Optional.of("peat-mix")), "one size up");
            keep(plant("Yardarm").potted(plant("Yardarm").potKind(), 22.0, "peat-mix", today.minusDays(120)));
            write("Pilot", 60, new LogEntry.Weighed(1320, Optional.of(Yardstick.WET_THROUGH)), null);
            write("Pilot", 52, new LogEntry.Weighed(980, Optional.of(Yardstick.BONE_DRY)), null);
            for (int day : new int[] {45, 31, 18, 6}) {
                write("Pilot", day, new LogEntry.Weighed(1100 + chance.nextInt(160), Optional.empty()), null);
            }
            // The keeper poured a little on the fern that gasps, and it ran through.
            write(
                    "Ghost fern",
                    4,
                    new LogEntry.Watered(OptionalInt.of(60), Optional.empty(), Way.ABOVE, Optional.of(Felt.BONE_DRY)),
                    "ran straight through");
        }

        private void troubles() {
            for (SignalHouseStory.Trouble trouble : story.troubles()) {
                cases.tell(plant(trouble.plant()), trouble, today);
                histories.letGo();
            }
        }

        /** A plant that was lost, and what was learned of it. */
        private void lost() {
            keep(new Plant(
                            new PlantId(DemoLoader.id("plant Old Salt")),
                            collection,
                            at("Fog cabinet").id(),
                            99,
                            "Old Salt",
                            "dendrobium-evergreen")
                    .named(null, "HQ-047", null)
                    .acquired(begin.minusDays(400))
                    .potted(PotKind.PLASTIC, 12.0, "bark", today.minusMonths(40))
                    .kept(WaterSource.RAIN, FeedStrength.WEAK, false, true, true)
                    .counted(4, 3, 0, 0, 0));
            for (int day = 200; day > 90; day -= 4) {
                write("Old Salt", day, LogEntry.Watered.of(160), null);
            }
            cases.tell(plant("Old Salt"), story.lost(), today);
            log.end(
                    collection,
                    plant("Old Salt").id(),
                    Plant.State.LOST,
                    today.minusDays(84),
                    "root rot in bark that had broken down");
        }
    }
}
