package mildlantern.web.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import mildlantern.air.AirKnowledge;
import mildlantern.air.Glazing;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.light.Curtain;
import mildlantern.log.Counted;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.Logged;
import mildlantern.log.Way;
import mildlantern.log.Yardstick;
import mildlantern.place.StopId;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.EventKind;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Near;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Trials;
import mildlantern.water.MadeUpHistory;
import mildlantern.water.WaterKnowledge;
import mildlantern.web.casework.CaseWriter;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.routine.WaterBook;
import mildlantern.web.stop.Glass;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
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
    private final CareSheets careSheets;
    private final RecordWriter log;
    private final Routine routine;
    private final WaterBook waterBook;
    private final WaterKnowledge water;
    private final CaseWriter cases;
    private final Trials trials;
    private final Diagnosis diagnosis;
    private final Houses houses;
    private final HouseStations stations;
    private final AirKnowledge air;
    private final Clock clock;

    SignalHouse(
            Stops allStops,
            Plants plants,
            CareSheets careSheets,
            RecordWriter log,
            Routine routine,
            WaterBook waterBook,
            WaterKnowledge water,
            CaseWriter cases,
            Trials trials,
            Diagnosis diagnosis,
            Houses houses,
            HouseStations stations,
            AirKnowledge air,
            Clock clock) {
        this.allStops = allStops;
        this.plants = plants;
        this.careSheets = careSheets;
        this.log = log;
        this.routine = routine;
        this.waterBook = waterBook;
        this.water = water;
        this.cases = cases;
        this.trials = trials;
        this.diagnosis = diagnosis;
        this.houses = houses;
        this.stations = stations;
        this.air = air;
        this.clock = clock;
    }

    void load(CollectionId collection) {
        routine.writeAll(collection, () -> new House(collection).load());
    }

    private final class House {
        private final CollectionId collection;
        private final LocalDate today = LocalDate.now(clock);
        private final LocalDate begin = today.minusMonths(MONTHS);
        private final Random chance = new Random(SEED);
        private final Map<String, Stop> stops = new LinkedHashMap<>();
        private final Map<String, PlantId> named = new LinkedHashMap<>();

        House(CollectionId collection) {
            this.collection = collection;
        }

        void load() {
            walk();
            plants();
            histories();
            befallen();
            // Cases weigh how the pots dry, so that is reckoned before they are opened.
            routine.settle();
            troubles();
            lost();
            careSheets();
            routine.touchedAll(collection);
        }

        /** The lamp room is glazed all round; the other windows are those of a station's house. */
        private void walk() {
            stand(stop("Lamp room sill", "south glass", StopKind.SILL, Glass.SOUTH, 10, 150, 26)
                    .climate(Brightness.BRIGHT, 41.0, 22.0, 15.0)
                    .airflow(AirMovement.STILL, 0.0, false, EnumSet.of(Near.SUNNY_GLASS))
                    .glazed(Glazing.DOUBLE, Curtain.NONE, 260, 210, 0, 4));
            stand(stop("Lamp room rail", "hanging, south", StopKind.RAIL, Glass.SOUTH, 60, 180, 28)
                    .climate(Brightness.BRIGHT, 39.0, 23.0, 16.0)
                    .airflow(AirMovement.MOVING, 0.0, false, Set.of())
                    .glazed(Glazing.DOUBLE, Curtain.NONE, 260, 160, -40, 4));
            stand(stop("Chart room shelf", "north", StopKind.SHELF, Glass.NORTH, 80, 170, 30)
                    .climate(Brightness.MEDIUM, 44.0, 21.0, 17.0)
                    .airflow(AirMovement.STILL, 0.5, true, Set.of())
                    .glazed(Glazing.DOUBLE, Curtain.NONE, 340, 230, -30, 4));
            stand(stop("Stove landing", "warm, dry", StopKind.SHELF, null, null, 200, 40)
                    .climate(Brightness.MEDIUM, 31.0, 24.0, 18.0)
                    .airflow(AirMovement.STILL, 0.0, false, EnumSet.of(Near.HEATER))
                    .exposed(90, null, air.heaterReachCm()));
            stand(stop("Wet bench", "rain tray", StopKind.BOG_TRAY, Glass.SOUTH, 20, 140, 45)
                    .climate(Brightness.DIRECT, 68.0, 12.0, 6.0)
                    .airflow(AirMovement.MOVING, 2.0, false, Set.of())
                    .glazed(Glazing.SINGLE, Curtain.NONE, 300, 230, -30, 4));
            stand(stop("Fog cabinet", "glass case", StopKind.CABINET, Glass.EAST, 40, 90, 40)
                    .climate(Brightness.BRIGHT, 82.0, 23.0, 17.0)
                    .airflow(AirMovement.MOVING, 3.0, true, Set.of())
                    .glazed(Glazing.DOUBLE, Curtain.NONE, 160, 150, -10, 8));
            stand(stop("Stair window", "east", StopKind.SILL, Glass.EAST, 15, 190, 34)
                    .climate(Brightness.BRIGHT, 47.0, 19.0, 14.0)
                    .airflow(AirMovement.MOVING, 0.0, false, Set.of())
                    .glazed(Glazing.DOUBLE, Curtain.NONE, 170, 190, 0, 6));
            stand(stop("Outer gallery", "outdoors", StopKind.OUTDOORS, Glass.OVERHEAD, null, 220, 50)
                    .climate(Brightness.DIRECT, 78.0, 9.0, 3.0)
                    .airflow(AirMovement.MOVING, 6.0, false, Set.of()));
            stand(stop("Isolation locker", "on its own", StopKind.ISOLATION, Glass.NORTH, 50, 80, 40)
                    .climate(Brightness.MEDIUM, 46.0, 20.0, 16.0)
                    .airflow(AirMovement.STILL, 0.0, false, Set.of())
                    .glazed(Glazing.DOUBLE, Curtain.NONE, 120, 140, 0, 8));
            houses.stands(collection, LATITUDE, LONGITUDE, true);
            for (Stop stop : stops.values()) {
                allStops.store(stop);
                stations.put(stop, begin.minusDays(READ_EVERY_DAYS));
                typed(stop);
            }
        }

        private Stop stop(
                String name,
                String note,
                StopKind kind,
                @Nullable Glass glass,
                @Nullable Integer glassCm,
                int width,
                int depth) {
            return new Stop(new StopId(DemoLoader.id("stop " + name)), collection, stops.size() + 1, name)
                    .noted(note)
                    .built(kind, glass, glassCm)
                    .sized(width, depth);
        }

        private void stand(Stop stop) {
            stops.put(stop.name(), stop);
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
            for (SignalHousePlants.Line line : SignalHousePlants.all()) {
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

        private void histories() {
            MadeUpHistory histories = new MadeUpHistory(water);
            WaterBook.Climates climates = waterBook.climates(collection);
            for (SignalHousePlants.Line line : SignalHousePlants.all()) {
                Plant plant = plant(line.name());
                Profile profile = plants.profile(plant);
                boolean fed = line.feed() != FeedStrength.NONE;
                LocalDate from = Optional.ofNullable(plant.acquiredOn())
                        .filter(came -> came.isAfter(begin))
                        .map(came -> came.plusDays(1))
                        .orElse(begin);
                MadeUpHistory.Manner manner = new MadeUpHistory.Manner(
                        line.thirst(),
                        line.name().equals("Tidewaiter") ? OptionalDouble.of(4) : OptionalDouble.empty(),
                        at(line.stop()).isolation() ? 1 : 9,
                        fed ? OptionalDouble.of(16) : OptionalDouble.empty(),
                        0.25 + 0.5 * chance.nextDouble(),
                        line.water());
                LocalDate until = switch (line.name()) {
                    case "Ghost fern" -> today.minusDays(9);
                    case "Tidewaiter" -> today.minusDays(3);
                    default -> today.minusDays(1);
                };
                for (Logged logged : histories.of(
                        waterBook.pot(plant, profile),
                        manner,
                        day -> climates.at(plant.stop(), day),
                        climates::season,
                        from,
                        until,
                        chance)) {
                    log.add(plant, logged.day(), RecordWriter.Line.of(logged.entry()), Optional.empty());
                }
            }
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
            CaseId ripe = open("Ember", 9);
            answer(ripe, 9, "rosette.cup", "constricted", Part.CROWN);
            answer(ripe, 9, "leaf.pleated", "present", Part.NEW_LEAF);
            answer(ripe, 9, "offsets", "normal", Part.OFFSET);
            answer(ripe, 9, "stem.soft-base", "absent", Part.CROWN);
            decide(ripe, "growing-point-injury", "watch-only", 9, -12);

            CaseId limp = open("Tidewaiter", 3);
            answer(limp, 3, "leaf.limp", "present", Part.LEAF);
            answer(limp, 3, "leaf.leathery", "present", Part.LEAF);
            answer(limp, 3, "leaf.stippling", "absent", Part.LEAF);
            answer(limp, 2, "soil.deep", "wet", Part.MEDIUM);

            CaseId mites = open("Big Anna", 8);
            answer(mites, 8, "leaf.stippling", "present", Part.LEAF);
            answer(mites, 8, "leaf.webbing", "present", Part.LEAF);
            answer(mites, 8, "pest.moving-dots", "present", Part.LEAF);
            decide(mites, "spider-mites", "wash-and-soap-mites", 8, -2);

            CaseId ghost = open("Ghost fern", 1);
            answer(ghost, 1, "leaf.grey-dull", "present", Part.LEAF);
            answer(ghost, 1, "leaf.edge-crisp", "present", Part.LEAF);

            CaseId crisp = open("Parchment", 22);
            answer(crisp, 22, "leaf.edge-crisp", "present", Part.LEAF);
            answer(crisp, 22, "leaf.tip-brown", "present", Part.LEAF);
            answer(crisp, 22, "leaf.curled", "present", Part.NEW_LEAF);
            answer(crisp, 22, "soil.crust", "absent", Part.MEDIUM);
            answer(crisp, 22, "soil.deep", "moist", Part.MEDIUM);
            answer(crisp, 22, "new-growth", "small", Part.NEW_LEAF);
            decide(crisp, "low-humidity", "raise-humidity", 21, 0);

            CaseId veins = open("Capstan", 2);
            answer(veins, 2, "leaf.interveinal", "present", Part.NEW_LEAF);
            answer(veins, 2, "affected-leaves", "newest", Part.WHOLE);

            CaseId bare = open("Drifter", 11);
            answer(bare, 11, "leaf.drop-mass", "present", Part.LEAF);
            answer(bare, 11, "twig.flex", "bends", Part.TWIG);
            decide(bare, "acclimation-shock", "leave-in-peace", 11, -10);

            CaseId brown = open("Halyard", 40);
            answer(brown, 40, "pitcher.lid-crisp", "present", Part.PITCHER);
            answer(brown, 40, "pitcher.brown-from-top", "present", Part.PITCHER);
            answer(brown, 40, "affected-leaves", "oldest-few", Part.WHOLE);
            decide(brown, "pitcher-ageing", "trim-crisp-only", 40, 12);
            again(brown, 12, "new-growth", "normal", Part.NEW_LEAF);
            close(
                    brown,
                    12,
                    "RIGHT_GUESS",
                    "Crisp lids in autumn are its way of going to rest.",
                    CareSetting.HEALTH,
                    "Trim only what is crisp; old pitchers brown every autumn.",
                    "Old pitchers browning: nothing else was wrong.");

            CaseId wet = open("Cinder", 190);
            answer(wet, 190, "leaf.yellow", "present", Part.LEAF);
            answer(wet, 190, "soil.deep", "wet", Part.MEDIUM);
            decide(wet, "overwatering", "drain-and-dry", 190, 160);
            again(wet, 160, "soil.deep", "dry", Part.MEDIUM);
            close(
                    wet,
                    160,
                    "RIGHT_GUESS",
                    "It wants to be dry for days before it is watered again.",
                    CareSetting.WATERING,
                    "Only when the pot has been dry for some days.",
                    "Yellow leaves in wet grit last spring.");
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
            CaseId rot = open("Old Salt", 105);
            answer(rot, 105, "leaf.limp", "present", Part.LEAF);
            answer(rot, 105, "soil.sour", "present", Part.MEDIUM);
            answer(rot, 105, "roots.state", "mushy", Part.ROOT);
            decide(rot, "root-rot", "cut-rot-and-repot", 105, 84);
            again(rot, 84, "leaf.mushy", "present", Part.LEAF);
            close(
                    rot,
                    84,
                    "PLANT_LOST",
                    "Forty months in bark was too long, and the outer pot held water.",
                    CareSetting.HEALTH,
                    "Bark is changed every two years.",
                    "Old Salt was lost to rot in broken-down bark.");
            log.end(
                    collection,
                    plant("Old Salt").id(),
                    Plant.State.LOST,
                    today.minusDays(84),
                    "root rot in bark that had broken down");
        }

        private void careSheets() {
            care(
                    "Pilot",
                    CareSetting.WATERING,
                    "When the bark is nearly dry; never into the sheaths.",
                    "Rot in a sheath two winters ago.",
                    300);
            care("Tidewaiter", CareSetting.WATERING, "Every four or five days in the outer pot.", "As it came.", 400);
            care(
                    "Tidewaiter",
                    CareSetting.LIGHT,
                    "North shelf, a metre from the glass.",
                    "Leaves reddened on the sill.",
                    210);
            care(
                    "Parchment",
                    CareSetting.PLACE,
                    "Stove landing, a metre and a half from the stove.",
                    "The only stop with room.",
                    90);
            care(
                    "Brass fern",
                    CareSetting.WATERING,
                    "When the surface dries; it gasps if the ball does.",
                    "Fronds went grey over a long weekend.",
                    250);
        }

        private void care(String name, CareSetting setting, String text, String reason, int daysAgo) {
            careSheets.store(new CareEntry(
                    plant(name),
                    null,
                    setting,
                    text,
                    reason,
                    today.minusDays(daysAgo),
                    OffsetDateTime.now(clock).minusDays(daysAgo)));
        }

        private CaseId open(String name, int daysAgo) {
            return cases.open(plant(name), new CaseId(DemoLoader.id("case " + name)), today.minusDays(daysAgo));
        }

        private void answer(CaseId troubleCase, int daysAgo, String finding, String state, Part part) {
            cases.answer(collection, troubleCase, new FindingId(finding), state, part, today.minusDays(daysAgo));
        }

        private void decide(CaseId troubleCase, String cause, String trial, int daysAgo, int lookAgainDaysAgo) {
            cases.decide(
                    collection,
                    troubleCase,
                    diagnosis.knowledge().disorder(new DisorderId(cause)).orElseThrow(),
                    trials.find(trial).orElseThrow(),
                    "",
                    new CaseWriter.Days(today.minusDays(daysAgo), today.minusDays(lookAgainDaysAgo)));
        }

        private void again(CaseId troubleCase, int daysAgo, String finding, String state, Part part) {
            cases.lookAgain(collection, troubleCase);
            answer(troubleCase, daysAgo, finding, state, part);
            cases.finish(collection, troubleCase, today.minusDays(daysAgo));
        }

        private void close(
                CaseId troubleCase,
                int daysAgo,
                String outcome,
                String lesson,
                CareSetting setting,
                String text,
                String reason) {
            cases.close(
                    collection,
                    troubleCase,
                    outcome,
                    lesson,
                    Map.of(setting, new CaseWriter.CareChange(text, reason)),
                    today.minusDays(daysAgo));
        }
    }
}
