package mildlantern.web.demo;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Part;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Near;
import mildlantern.plant.WaterSource;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Trials;
import mildlantern.web.account.AccountService;
import mildlantern.web.casework.CaseWriter;
import mildlantern.web.collection.CareEntry;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.collection.Collections;
import mildlantern.web.collection.Happening;
import mildlantern.web.collection.HappeningKind;
import mildlantern.web.collection.Plant;
import mildlantern.web.collection.PotKind;
import mildlantern.web.collection.Stop;
import mildlantern.web.platform.LanternSettings;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Loads the demo collection once: Harrow Quay Signal House, an invented harbour signal station. Its history ends today and
 * comes from a fixed seed.
 */
@Component
class DemoLoader implements ApplicationRunner {
    static final String SIGN_IN = "keeper";
    static final String PASSWORD = "lamplight";
    private static final long SEED = 20_261_124L;
    private static final int WEEKS_OF_HISTORY = 9;

    private final LanternSettings settings;
    private final Collections collections;
    private final CollectionService plants;
    private final AccountService accounts;
    private final CaseWriter cases;
    private final Trials trials;
    private final Diagnosis diagnosis;
    private final TransactionTemplate transaction;
    private final Clock clock;

    DemoLoader(
            LanternSettings settings,
            Collections collections,
            CollectionService plants,
            AccountService accounts,
            CaseWriter cases,
            Trials trials,
            Diagnosis diagnosis,
            TransactionTemplate transaction,
            Clock clock) {
        this.settings = settings;
        this.collections = collections;
        this.plants = plants;
        this.accounts = accounts;
        this.cases = cases;
        this.trials = trials;
        this.diagnosis = diagnosis;
        this.transaction = transaction;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        UUID collection = id("collection");
        if (settings.demo() && !collections.exists(collection)) {
            transaction.executeWithoutResult(status -> new Station(collection).load());
        }
    }

    /** Always the same id for the same name, so that the demo's plates always look the same. */
    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("harrow-quay " + name).getBytes(StandardCharsets.UTF_8));
    }

    /** The station in the making. */
    private final class Station {
        private final UUID collection;
        private final LocalDate today = LocalDate.now(clock);
        private final Random chance = new Random(SEED);
        private final Map<String, Stop> stops = new LinkedHashMap<>();
        private int places;

        Station(UUID collection) {
            this.collection = collection;
        }

        void load() {
            collections.make(collection, "Harrow Quay Signal House", "north");
            accounts.open(collection, SIGN_IN, "Keeper", PASSWORD);
            walk();
            sill();
            shelf();
            landing();
            bench();
            stair();
            locker();
        }

        private void walk() {
            stop("Lamp room sill", "south glass")
                    .climate(Brightness.BRIGHT, 41.0, 22.0, 15.0)
                    .airflow(AirMovement.STILL, 0.0, false, EnumSet.of(Near.SUNNY_GLASS));
            stop("Chart room shelf", "north")
                    .climate(Brightness.MEDIUM, 44.0, 21.0, 17.0)
                    .airflow(AirMovement.STILL, 0.5, true, EnumSet.noneOf(Near.class));
            stop("Stove landing", "warm, dry")
                    .climate(Brightness.MEDIUM, 31.0, 24.0, 18.0)
                    .airflow(AirMovement.STILL, 0.0, false, EnumSet.of(Near.HEATER));
            stop("Wet bench", "rain tray")
                    .climate(Brightness.DIRECT, 68.0, 12.0, 6.0)
                    .airflow(AirMovement.MOVING, 2.0, false, EnumSet.noneOf(Near.class));
            stop("Stair window", "east")
                    .climate(Brightness.BRIGHT, 47.0, 19.0, 14.0)
                    .airflow(AirMovement.MOVING, 0.0, false, EnumSet.noneOf(Near.class));
            stop("Isolation locker", "on its own")
                    .climate(Brightness.MEDIUM, 46.0, 20.0, 16.0)
                    .airflow(AirMovement.STILL, 0.0, false, EnumSet.noneOf(Near.class))
                    .isolating();
            stops.values().forEach(plants::write);
        }

        private Stop stop(String name, String note) {
            Stop stop = new Stop(id("stop " + name), collection, stops.size() + 1, name).noted(note);
            stops.put(name, stop);
            return stop;
        }

        private Plant plant(String stop, String name, String profile) {
            Stop at = stops.get(stop);
            if (at == null) {
                throw new IllegalStateException("no stop " + stop);
            }
            return new Plant(id("plant " + name), collection, at.id(), places++, name, profile)
                    .acquired(today.minusMonths(14));
        }

        private Happening happened(Plant plant, HappeningKind kind, int daysAgo) {
            return new Happening(plant, kind, today.minusDays(daysAgo), OffsetDateTime.now(clock));
        }

        /** Waterings at about the usual pace, feeds while it grew, and looks on the weekly walk. */
        private Plant history(Plant plant, double everyDays, int lastWatered, int ml, int lastFed, int lastLooked) {
            plants.write(plant);
            double day = lastWatered;
            while (day < WEEKS_OF_HISTORY * 7) {
                plants.write(happened(plant, HappeningKind.WATERED, (int) Math.round(day))
                        .amount((int) Math.round(ml * (0.92 + 0.16 * chance.nextDouble()) / 10) * 10));
                day += everyDays * (0.85 + 0.3 * chance.nextDouble());
            }
            for (int fed = lastFed; fed < WEEKS_OF_HISTORY * 7; fed += 16 + chance.nextInt(5)) {
                plants.write(happened(plant, HappeningKind.FED, fed));
            }
            for (int looked = lastLooked; looked < WEEKS_OF_HISTORY * 7; looked += 6 + chance.nextInt(3)) {
                plants.write(happened(plant, HappeningKind.LOOKED, looked));
            }
            return plant;
        }

        private void care(Plant plant, CareSetting setting, String text, String reason, int daysAgo) {
            plants.write(new CareEntry(
                    plant,
                    null,
                    setting,
                    text,
                    reason,
                    today.minusDays(daysAgo),
                    OffsetDateTime.now(clock).minusDays(daysAgo)));
        }

        private void sill() {
            Plant pilot = plant("Lamp room sill", "Pilot", "cattleya")
                    .potted(PotKind.CLAY, 13.0, "bark", today.minusMonths(11))
                    .kept(WaterSource.RAIN, FeedStrength.WEAK, false, false, true)
                    .counted(7, 6, 0, 2, 1)
                    .bloomingSince(today.minusDays(9));
            history(pilot, 7.5, 3, 250, 40, 2);
            care(
                    pilot,
                    CareSetting.WATERING,
                    "When the bark is nearly dry; never into the sheaths.",
                    "Rot in a sheath two winters ago.",
                    300);

            Plant ember = plant("Lamp room sill", "Ember", "tank-bromeliad")
                    .potted(PotKind.CLAY, 14.0, "bark", today.minusMonths(19))
                    .kept(WaterSource.RAIN, FeedStrength.WEAK, true, false, true)
                    .counted(12, 0, 1, 0, 0);
            history(ember, 8, 4, 200, 30, 1);
            plants.write(happened(ember, HappeningKind.FORCED, 125).detail("ripening fruit under a bag"));
            UUID ripe = open(ember, 9);
            answer(ripe, 9, "rosette.cup", "constricted", Part.CROWN);
            answer(ripe, 9, "leaf.pleated", "present", Part.NEW_LEAF);
            answer(ripe, 9, "offsets", "normal", Part.OFFSET);
            answer(ripe, 9, "stem.soft-base", "absent", Part.CROWN);
            decide(ripe, "growing-point-injury", "watch-only", today.minusDays(9), today.plusDays(12));

            history(
                    plant("Lamp room sill", "Spindrift", "succulent-rosette")
                            .potted(PotKind.CLAY, 10.0, "mineral", today.minusMonths(9))
                            .kept(WaterSource.SOFT_TAP, FeedStrength.WEAK, false, false, true)
                            .counted(14, 0, 2, 0, 0),
                    17,
                    9,
                    90,
                    60,
                    4);
        }

        private void shelf() {
            history(
                    plant("Chart room shelf", "Brass fern", "boston-fern")
                            .potted(PotKind.CLAY, 17.0, "peat-mix", today.minusMonths(15))
                            .kept(WaterSource.SOFT_TAP, FeedStrength.WEAK, false, false, true)
                            .counted(11, 0, 0, 0, 0),
                    5,
                    4,
                    380,
                    34,
                    8);

            Plant tidewaiter = plant("Chart room shelf", "Tidewaiter", "phalaenopsis")
                    .potted(PotKind.CLAY, 12.0, "bark", today.minusMonths(34))
                    .kept(WaterSource.SOFT_TAP, FeedStrength.WEAK, false, true, true)
                    .counted(6, 0, 0, 4, 2)
                    .bloomingSince(today.minusDays(24));
            history(tidewaiter, 4, 3, 220, 45, 3);
            care(tidewaiter, CareSetting.WATERING, "Every four or five days in the outer pot.", "As it came.", 400);
            care(
                    tidewaiter,
                    CareSetting.LIGHT,
                    "North shelf, a metre from the glass.",
                    "Leaves reddened on the sill.",
                    210);
            UUID limp = open(tidewaiter, 3);
            answer(limp, 3, "leaf.limp", "present", Part.LEAF);
            answer(limp, 3, "leaf.leathery", "present", Part.LEAF);
            answer(limp, 3, "leaf.stippling", "absent", Part.LEAF);
            answer(limp, 2, "soil.deep", "wet", Part.MEDIUM);

            Plant anna = plant("Chart room shelf", "Big Anna", "peace-lily")
                    .potted(PotKind.PLASTIC, 19.0, "peat-mix", today.minusMonths(20))
                    .kept(WaterSource.SOFT_TAP, FeedStrength.LABEL, false, false, true)
                    .counted(11, 0, 0, 1, 0);
            history(anna, 7, 2, 400, 18, 2);

            history(
                    plant("Chart room shelf", "Nettle", "african-violet")
                            .potted(PotKind.PLASTIC, 9.0, "peat-perlite", today.minusMonths(8))
                            .kept(WaterSource.RAIN, FeedStrength.WEAK, false, false, true)
                            .counted(9, 0, 0, 3, 2),
                    6,
                    2,
                    80,
                    15,
                    2);
        }

        private void landing() {
            Plant parchment = plant("Stove landing", "Parchment", "calathea")
                    .potted(PotKind.PLASTIC, 14.0, "peat-mix", today.minusMonths(22))
                    .kept(WaterSource.HARD_TAP, FeedStrength.LABEL, false, false, true)
                    .counted(9, 0, 0, 0, 0);
            history(parchment, 5, 2, 260, 12, 5);
            care(
                    parchment,
                    CareSetting.PLACE,
                    "Stove landing, a metre and a half from the stove.",
                    "The only stop with room.",
                    90);
            UUID crisp = open(parchment, 22);
            answer(crisp, 22, "leaf.edge-crisp", "present", Part.LEAF);
            answer(crisp, 22, "leaf.tip-brown", "present", Part.LEAF);
            answer(crisp, 22, "leaf.curled", "present", Part.NEW_LEAF);
            answer(crisp, 22, "soil.crust", "absent", Part.MEDIUM);
            answer(crisp, 22, "soil.deep", "moist", Part.MEDIUM);
            answer(crisp, 22, "new-growth", "small", Part.NEW_LEAF);
            decide(crisp, "low-humidity", "raise-humidity", today.minusDays(21), today);

            history(
                    plant("Stove landing", "Umbra", "rubber-plant")
                            .potted(PotKind.CLAY, 21.0, "peat-mix", today.minusMonths(20))
                            .kept(WaterSource.SOFT_TAP, FeedStrength.WEAK, false, false, true)
                            .counted(60, 0, 0, 0, 0),
                    10,
                    6,
                    600,
                    40,
                    9);
        }

        private void bench() {
            Plant halyard = plant("Wet bench", "Halyard", "sarracenia")
                    .potted(PotKind.PLASTIC, 15.0, "peat-perlite", today.minusMonths(14))
                    .kept(WaterSource.RAIN, FeedStrength.NONE, false, true, true)
                    .counted(0, 7, 0, 0, 0);
            history(halyard, 3, 1, 300, 999, 4);
            UUID brown = open(halyard, 40);
            answer(brown, 40, "pitcher.lid-crisp", "present", Part.PITCHER);
            answer(brown, 40, "pitcher.brown-from-top", "present", Part.PITCHER);
            answer(brown, 40, "affected-leaves", "oldest-few", Part.WHOLE);
            decide(brown, "pitcher-ageing", "trim-crisp-only", today.minusDays(40), today.minusDays(12));
            cases.lookAgain(collection, brown);
            answer(brown, 12, "new-growth", "normal", Part.NEW_LEAF);
            cases.finish(collection, brown, today.minusDays(12));
            cases.close(
                    collection,
                    brown,
                    "RIGHT_GUESS",
                    "Crisp lids in autumn are its way of going to rest.",
                    Map.of(
                            CareSetting.HEALTH,
                            new CaseWriter.CareChange(
                                    "Trim only what is crisp; old pitchers brown every autumn.",
                                    "Old pitchers browning: nothing else was wrong.")),
                    today.minusDays(12));

            history(
                    plant("Wet bench", "Snapjack", "dionaea")
                            .potted(PotKind.PLASTIC, 10.0, "peat-perlite", today.minusMonths(9))
                            .kept(WaterSource.RAIN, FeedStrength.NONE, false, true, true)
                            .counted(8, 6, 0, 0, 0),
                    2.5,
                    1,
                    120,
                    999,
                    4);
        }

        private void stair() {
            Plant capstan = plant("Stair window", "Capstan", "tropical-bonsai")
                    .potted(PotKind.TRAY, 22.0, "mineral", today.minusMonths(24))
                    .kept(WaterSource.HARD_TAP, FeedStrength.LABEL, false, false, true)
                    .counted(150, 0, 0, 0, 0);
            history(capstan, 3, 1, 250, 20, 9);
            history(
                    plant("Stair window", "Lark", "anthurium")
                            .potted(PotKind.PLASTIC, 15.0, "bark", today.minusMonths(7))
                            .kept(WaterSource.RAIN, FeedStrength.WEAK, false, false, true)
                            .counted(7, 0, 0, 1, 0),
                    5,
                    3,
                    240,
                    22,
                    3);
        }

        private void locker() {
            Plant stowaway = plant("Isolation locker", "Stowaway", "monstera")
                    .acquired(today.minusDays(5))
                    .potted(PotKind.PLASTIC, 17.0, "coir-mix", today.minusMonths(5))
                    .kept(WaterSource.SOFT_TAP, FeedStrength.WEAK, false, false, true)
                    .counted(6, 0, 0, 0, 0);
            plants.write(stowaway);
            plants.write(happened(stowaway, HappeningKind.ARRIVED, 5)
                    .change(-3.0, 0.6)
                    .detail("a gift"));
            plants.write(happened(stowaway, HappeningKind.WATERED, 4).amount(300));
            for (int day = 1; day <= 4; day++) {
                plants.write(happened(stowaway, HappeningKind.LOOKED, day));
            }
        }

        private UUID open(Plant plant, int daysAgo) {
            return cases.open(plant, id("case " + plant.name()), today.minusDays(daysAgo));
        }

        private void decide(UUID troubleCase, String cause, String trial, LocalDate day, LocalDate lookAgainOn) {
            cases.decide(
                    collection,
                    troubleCase,
                    diagnosis.knowledge().disorder(cause).orElseThrow(),
                    trials.find(trial).orElseThrow(),
                    "",
                    new CaseWriter.Days(day, lookAgainOn));
        }

        private void answer(UUID troubleCase, int daysAgo, String finding, String state, Part part) {
            cases.answer(collection, troubleCase, finding, state, part, today.minusDays(daysAgo));
        }
    }
}
