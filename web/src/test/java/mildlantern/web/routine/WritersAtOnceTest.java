package mildlantern.web.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import mildlantern.log.Counted;
import mildlantern.log.LogEntry;
import mildlantern.log.Way;
import mildlantern.log.Wetness;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantId;
import mildlantern.plant.WaterSource;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.SecondInstance;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Many write of the same plants in the same moment: what is stored as worked out is afterwards what the log gives, nothing that was
 * acknowledged is lost or there twice, and nobody is told of a deadlock.
 */
@LanternTest
class WritersAtOnceTest {
    private static final int WRITERS = 8;
    private static final int WRITES = 250;
    private static final int PLANTS = 12;

    @Autowired
    private StopWriter stopWriter;

    @Autowired
    private RecordWriter log;

    @Autowired
    private TakeBack takeBack;

    @Autowired
    private Plants allPlants;

    @Autowired
    private Stops allStops;

    @Autowired
    private Routine routine;

    @Autowired
    private Schedules rows;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Growers growers;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private Clock clock;

    private final ExecutorService threads = Executors.newCachedThreadPool();
    private CollectionId collection;
    private final List<PlantId> plants = new ArrayList<>();
    private final List<StopId> stops = new ArrayList<>();

    @BeforeEach
    void twelvePlantsAtTwoStops() {
        Growers.Grower grower = growers.grower();
        collection = grower.member().collection();
        Stop porch = allStops.store(
                new Stop(StopId.fresh(), collection, 2, "Porch").climate(Brightness.BRIGHT, 60.0, 15.0, 9.0));
        stops.add(grower.stop().id());
        stops.add(porch.id());
        plants.add(grower.plant().id());
        while (plants.size() < PLANTS) {
            plants.add(growers.plant(collection, grower.stop(), "Plant " + plants.size())
                    .id());
        }
    }

    @AfterEach
    void end() {
        threads.shutdownNow();
    }

    /** What one writer was told. */
    private record Told(Set<EntryId> written, int sent) {}

    /** One of those who write: with its own way into the application, which may be another instance. */
    private final class Writer implements Callable<Told> {
        private final RecordWriter book;
        private final StopWriter stopWriter;
        private final Random chance;
        private final CountDownLatch go;
        private final List<EntryId> written = new ArrayList<>();

        Writer(RecordWriter book, StopWriter stopWriter, int seed, CountDownLatch go) {
            this.book = book;
            this.stopWriter = stopWriter;
            this.chance = new Random(seed);
            this.go = go;
        }

        @Override
        public Told call() throws Exception {
            go.await();
            for (int i = 0; i < WRITES; i++) {
                int what = chance.nextInt(100);
                if (what < 20 && !written.isEmpty()) {
                    undo();
                } else if (what < 22) {
                    read();
                } else {
                    write();
                }
            }
            return new Told(new HashSet<>(written), WRITES);
        }

        private void undo() {
            try {
                takeBack.entry(collection, written.get(chance.nextInt(written.size())));
            } catch (TakeBack.CannotTakeBack e) {
                // Somebody else's entry builds on it: that is said, and nothing changes.
                assertThat(e).hasMessageContaining("undo that first");
            }
        }

        private void read() {
            double humidity = 30 + chance.nextInt(50);
            stopWriter.read(
                    collection,
                    stops.get(chance.nextInt(stops.size())),
                    FormKey.fresh(),
                    stop -> new StopReading(
                                    stop, LocalDate.now(clock).minusDays(chance.nextInt(20)), OffsetDateTime.now(clock))
                            .read(null, null, humidity, 16.0 + chance.nextInt(8), null));
        }

        private void write() {
            PlantId plant = plants.get(chance.nextInt(plants.size()));
            FormKey form = FormKey.fresh();
            LocalDate day = LocalDate.now(clock).minusDays(chance.nextInt(30));
            List<RecordWriter.Line> lines = List.of(RecordWriter.Line.of(entry()));
            written.addAll(book.write(collection, plant, form, day, lines));
            if (chance.nextInt(4) == 0) {
                assertThat(book.write(collection, plant, form, day, lines)).isEmpty();
            }
        }

        private LogEntry entry() {
            return switch (chance.nextInt(9)) {
                case 0 ->
                    new LogEntry.Moved(
                            Optional.empty(),
                            Optional.of(stops.get(chance.nextInt(stops.size()))),
                            OptionalDouble.empty(),
                            OptionalDouble.empty());
                case 1 -> new LogEntry.Count(Counted.LEAVES, 1 + chance.nextInt(30));
                case 2 -> LogEntry.Probed.all(Wetness.values()[chance.nextInt(3)]);
                case 3 -> new LogEntry.Repotted(OptionalDouble.of(10 + chance.nextInt(8)), Optional.of("bark"));
                case 4 -> new LogEntry.Fed(Optional.empty(), OptionalDouble.of(50 + chance.nextInt(100)));
                case 5 -> new LogEntry.Looked();
                case 6 -> new LogEntry.Bloom(chance.nextBoolean());
                default ->
                    new LogEntry.Watered(
                            OptionalInt.of(100 + chance.nextInt(400)),
                            Optional.of(WaterSource.RAIN),
                            Way.ABOVE,
                            Optional.empty());
            };
        }
    }

    private void allWrite(List<RecordWriter> books, List<StopWriter> services) throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        List<Future<Told>> running = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            int instance = i % books.size();
            running.add(threads.submit(new Writer(books.get(instance), services.get(instance), i, go)));
        }
        go.countDown();
        Set<EntryId> acknowledged = new HashSet<>();
        for (Future<Told> one : running) {
            acknowledged.addAll(told(one).written());
        }
        everythingAcknowledgedIsThereOnce(acknowledged);
        plantsStandAsTheirLogsSay();
        whatIsStoredIsWhatTheLogGives();
    }

    private static Told told(Future<Told> one) throws Exception {
        try {
            return one.get(10, TimeUnit.MINUTES);
        } catch (ExecutionException e) {
            throw new AssertionError("a writer was refused", e.getCause());
        }
    }

    private void everythingAcknowledgedIsThereOnce(Set<EntryId> acknowledged) {
        List<EntryId> stored = jdbc.sql("select id from happening where collection_id = ? and kind <> 'UNDONE'")
                .param(collection.value())
                .query((row, number) -> new EntryId(row.getObject(1, UUID.class)))
                .list();
        assertThat(stored).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(acknowledged);
    }

    private void plantsStandAsTheirLogsSay() {
        for (PlantId id : plants) {
            Plant plant = allPlants.plant(collection, id);
            List<LogLine> standing = logBook.everything(collection, id).stream()
                    .sorted(Comparator.comparing(LogLine::writtenAt).reversed())
                    .toList();
            latest(standing, LogEntry.Moved.class)
                    .ifPresent(move -> assertThat(move.to()).as(plant.name()).contains(plant.stop()));
            latest(standing, LogEntry.Count.class)
                    .ifPresent(
                            count -> assertThat(plant.leaves()).as(plant.name()).isEqualTo(count.number()));
            latest(standing, LogEntry.Repotted.class)
                    .ifPresent(pot -> assertThat(pot.diameterCm())
                            .as(plant.name())
                            .hasValue(Objects.requireNonNull(plant.potDiameterCm())));
        }
    }

    private static <T extends LogEntry> Optional<T> latest(List<LogLine> standing, Class<T> kind) {
        return standing.stream().flatMap(line -> line.as(kind).stream()).findFirst();
    }

    private void whatIsStoredIsWhatTheLogGives() {
        Map<PlantId, ScheduleRow> stored = new HashMap<>(rows.of(collection, plants));
        routine.refreshAll(collection);
        assertThat(new HashMap<>(rows.of(collection, plants))).isEqualTo(stored);
        // And from nothing but the log: all but the days that are chosen within what the plant allows.
        jdbc.sql("delete from plant_upkeep where collection_id = ?")
                .param(collection.value())
                .update();
        routine.refreshAll(collection);
        Map<PlantId, ScheduleRow> anew = rows.of(collection, plants);
        stored.forEach((plant, row) -> assertThat(anew.get(plant))
                .usingRecursiveComparison()
                .ignoringFields("schedule.lookOn", "schedule.feedOn", "schedule.water.value.on")
                .isEqualTo(row));
    }

    @Test
    void eightWhoWriteAndTakeBackAtOnceLoseNothing_alsoWhileAllIsWorkedOutAnew() throws Exception {
        AtomicBoolean over = new AtomicBoolean();
        Future<Integer> bulk = threads.submit(() -> {
            int passes = 0;
            while (!over.get()) {
                routine.refreshAll(collection);
                passes++;
            }
            return passes;
        });
        allWrite(List.of(log), List.of(stopWriter));
        over.set(true);
        assertThat(bulk.get(1, TimeUnit.MINUTES)).isPositive();
    }

    @Test
    void twoInstancesOnOneDatabaseAreAsGoodAsOne_evenWhereTheirClocksDiffer() throws Exception {
        try (SecondInstance other = SecondInstance.start()) {
            other.get(MovableClock.class).moveMinutes(-7);
            allWrite(List.of(log, other.get(RecordWriter.class)), List.of(stopWriter, other.get(StopWriter.class)));
        }
    }
}
