package mildlantern.web.demo;

import java.io.IOException;
import java.io.StringReader;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.UUID;
import javax.sql.DataSource;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.log.Logged;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.plant.WaterWant;
import mildlantern.water.MadeUpHistory;
import mildlantern.water.WaterKnowledge;
import mildlantern.web.account.AccountService;
import mildlantern.web.casework.CaseWriter;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.LanternSettings;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.routine.WaterBook;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.postgresql.PGConnection;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Makes collections of a wanted size with years of log, for measuring: {@code lantern.generated=30,300,3000} makes three, fifty plants
 * a stop, each with five years that the water balance made up.
 */
@Component
class GeneratedCollection implements ApplicationRunner {
    /** Share of the equinox sun from which a keeper feeds. */
    private static final double GROWS = 0.5;

    private static final Logger LOG = LoggerFactory.getLogger(GeneratedCollection.class);
    private static final long SEED = 77;
    private static final int YEARS = 5;
    private static final int PLANTS_A_STOP = 50;
    private static final int PLANTS_A_CASE = 75;

    private final LanternSettings settings;
    private final Houses houses;
    private final LogBook logBook;
    private final Stops allStops;
    private final RecordWriter recordWriter;
    private final Plants plants;
    private final AccountService accounts;
    private final CaseWriter cases;
    private final WaterBook waterBook;
    private final WaterKnowledge water;
    private final PlantKnowledge knowledge;
    private final Routine routine;
    private final DataSource database;
    private final TransactionTemplate transaction;
    private final Clock clock;

    GeneratedCollection(
            LanternSettings settings,
            Houses houses,
            LogBook logBook,
            Stops allStops,
            RecordWriter recordWriter,
            Plants plants,
            AccountService accounts,
            CaseWriter cases,
            WaterBook waterBook,
            WaterKnowledge water,
            PlantKnowledge knowledge,
            Routine routine,
            DataSource database,
            TransactionTemplate transaction,
            Clock clock) {
        this.settings = settings;
        this.houses = houses;
        this.recordWriter = recordWriter;
        this.logBook = logBook;
        this.allStops = allStops;
        this.plants = plants;
        this.accounts = accounts;
        this.cases = cases;
        this.waterBook = waterBook;
        this.water = water;
        this.knowledge = knowledge;
        this.routine = routine;
        this.database = database;
        this.transaction = transaction;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        for (int size : settings.generated()) {
            CollectionId id = new CollectionId(UUID.nameUUIDFromBytes(new byte[] {(byte) (size >> 8), (byte) size}));
            if (!houses.exists(id)) {
                new Making(id, size).make();
            }
        }
    }

    private final class Making {
        private final CollectionId collection;
        private final int size;
        private final Random chance;
        private final LocalDate today = LocalDate.now(clock);
        private final List<Stop> stops = new ArrayList<>();
        private final List<Plant> made = new ArrayList<>();
        private final List<Profile> kinds = List.copyOf(knowledge.profiles());
        private int entries;

        Making(CollectionId collection, int size) {
            this.collection = collection;
            this.size = size;
            this.chance = new Random(SEED + size);
        }

        void make() {
            long began = System.nanoTime();
            transaction.executeWithoutResult(status -> {
                houses.make(collection, "Generated " + size, "north");
                accounts.open(collection, "generated-" + size, "Measurer", "measured by lamplight");
                for (int i = 0; i * PLANTS_A_STOP < size; i++) {
                    stops.add(allStops.store(new Stop(StopId.fresh(), collection, i + 1, "Stop " + (i + 1))
                            .climate(
                                    Brightness.values()[1 + chance.nextInt(4)],
                                    35.0 + chance.nextInt(40),
                                    18.0 + chance.nextInt(8),
                                    12.0 + chance.nextInt(5))
                            .sized(300, 80)));
                }
                for (int i = 0; i < size; i++) {
                    made.add(plant(i));
                }
            });
            for (Plant plant : made) {
                recordWriter.store(plant);
            }
            transaction.executeWithoutResult(status -> histories());
            long told = System.nanoTime();
            routine.refreshAll(collection);
            transaction.executeWithoutResult(status -> {
                for (int i = 0; i < size; i += PLANTS_A_CASE) {
                    CaseId opened = cases.open(made.get(i), CaseId.fresh(), today.minusDays(2));
                    cases.answer(
                            collection, opened, new FindingId("leaf.limp"), "present", Part.LEAF, today.minusDays(2));
                }
            });
            LOG.info(
                    "generated {} plants at {} stops with {} entries in {} s; reckoned in {} ms",
                    size,
                    stops.size(),
                    entries,
                    Duration.ofNanos(told - began).toSeconds(),
                    Duration.ofNanos(System.nanoTime() - told).toMillis());
        }

        private Plant plant(int number) {
            Profile kind = kinds.get(chance.nextInt(kinds.size()));
            return new Plant(
                            PlantId.fresh(),
                            collection,
                            stops.get(number / PLANTS_A_STOP).id(),
                            number % PLANTS_A_STOP,
                            "Plant %04d".formatted(number + 1),
                            kind.id())
                    .acquired(today.minusYears(YEARS))
                    .potted(
                            chance.nextBoolean() ? PotKind.CLAY : PotKind.PLASTIC,
                            8.0 + chance.nextInt(16),
                            kind.media().get(0),
                            today.minusDays(100 + chance.nextInt(700)))
                    .kept(
                            kind.water() == WaterWant.ANY ? WaterSource.SOFT_TAP : WaterSource.RAIN,
                            FeedStrength.WEAK,
                            false,
                            false,
                            true)
                    .counted(6 + chance.nextInt(20), 2, 0, 0, 0)
                    .grown(Stage.ADULT);
        }

        private void histories() {
            MadeUpHistory histories = new MadeUpHistory(water);
            WaterBook.Climates climates = waterBook.climates(collection);
            Connection connection = DataSourceUtils.getConnection(database);
            try {
                var copy = connection.unwrap(PGConnection.class).getCopyAPI();
                String columns =
                        "copy happening (id, collection_id, plant_id, kind, on_day, entry, written_at) from stdin";
                StringBuilder rows = new StringBuilder();
                for (Plant plant : made) {
                    Profile kind = plants.profile(plant);
                    MadeUpHistory.Manner manner = new MadeUpHistory.Manner(
                            Math.exp(0.35 * chance.nextGaussian()),
                            OptionalDouble.empty(),
                            9,
                            OptionalDouble.of(15),
                            0.4,
                            Objects.requireNonNull(plant.waterSource()));
                    for (Logged logged : histories.of(
                            waterBook.pot(plant, kind),
                            manner,
                            day -> climates.at(plant.stop(), day),
                            day -> climates.house().days().sun().share(day) >= GROWS,
                            today.minusYears(YEARS),
                            today.minusDays(1),
                            chance)) {
                        row(rows, plant, logged);
                    }
                    if (rows.length() > 4_000_000) {
                        copy.copyIn(columns, new StringReader(rows.toString()));
                        rows.setLength(0);
                    }
                }
                copy.copyIn(columns, new StringReader(rows.toString()));
            } catch (SQLException | IOException e) {
                throw new IllegalStateException("the generated log could not be stored", e);
            } finally {
                DataSourceUtils.releaseConnection(connection, database);
            }
        }

        private void row(StringBuilder rows, Plant plant, Logged logged) {
            entries++;
            rows.append(new UUID(chance.nextLong(), chance.nextLong()))
                    .append('\t')
                    .append(collection)
                    .append('\t')
                    .append(plant.id())
                    .append('\t')
                    .append(logged.entry().kind())
                    .append('\t')
                    .append(logged.day())
                    .append('\t')
                    .append(logBook.stored(logged.entry()))
                    .append('\t')
                    .append(OffsetDateTime.now(clock))
                    .append('\n');
        }
    }
}
