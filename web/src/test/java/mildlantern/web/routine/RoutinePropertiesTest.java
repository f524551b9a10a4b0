package mildlantern.web.routine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantId;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.RandomEntries;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Whatever is written, in whatever order of days: what is worked out follows from the log, and taking back gives back. */
@LanternTest
class RoutinePropertiesTest {
    private static final int ENTRIES = 18;

    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter log;

    @Autowired
    private TakeBack takeBack;

    @Autowired
    private Routine routine;

    @Autowired
    private Schedules rows;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Plants plants;

    @Autowired
    private Stops stops;

    @Autowired
    private Clock clock;

    private CollectionId collection = CollectionId.fresh();
    private PlantId plant = PlantId.fresh();

    private List<EntryId> written(Random chance) {
        Growers.Grower grower = growers.grower();
        collection = grower.member().collection();
        plant = grower.plant().id();
        StopId porch = stops.store(
                        new Stop(StopId.fresh(), collection, 2, "Porch").climate(Brightness.BRIGHT, 60.0, 15.0, 9.0))
                .id();
        RandomEntries random = new RandomEntries(chance, List.of(grower.stop().id(), porch));
        List<EntryId> written = new ArrayList<>();
        for (LogEntry entry : random.some(ENTRIES)) {
            LocalDate day = LocalDate.now(clock).minusDays(chance.nextInt(200));
            written.addAll(log.write(collection, plant, FormKey.fresh(), day, List.of(RecordWriter.Line.of(entry))));
        }
        return written;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void whatIsStoredIsWhatTheLogGives(long seed) {
        written(new Random(seed));
        Map<PlantId, ScheduleRow> stored = new HashMap<>(rows.of(collection, List.of(plant)));
        assertThat(stored).containsKey(plant);
        routine.refreshAll(collection);
        assertThat(new HashMap<>(rows.of(collection, List.of(plant)))).isEqualTo(stored);
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18})
    void allTakenBackInTurnThePlantIsAsItWas_andTheLogKeepsBoth(long seed) throws Exception {
        Random chance = new Random(seed);
        List<EntryId> written = written(chance);
        Plant after = plants.plant(collection, plant);
        Collections.reverse(written);
        for (EntryId entry : written) {
            takeBack.entry(collection, entry);
        }
        Plant back = plants.plant(collection, plant);
        assertThat(logBook.entries(back)).extracting(LogLine::id).doesNotContainAnyElementsOf(written);
        Plant fresh = growers.grower().plant();
        assertThat(back.leaves()).isEqualTo(fresh.leaves());
        assertThat(back.flowers()).isEqualTo(fresh.flowers());
        assertThat(back.potDiameterCm()).isEqualTo(fresh.potDiameterCm());
        assertThat(back.medium()).isEqualTo(fresh.medium());
        assertThat(back.pottedOn()).isEqualTo(fresh.pottedOn());
        assertThat(stops.stop(collection, back.stop()).position()).isEqualTo(1);
        assertThat(after.id()).isEqualTo(back.id());
        whatIsStoredFollows();
    }

    private void whatIsStoredFollows() {
        Map<PlantId, ScheduleRow> stored = new HashMap<>(rows.of(collection, List.of(plant)));
        routine.refreshAll(collection);
        assertThat(new HashMap<>(rows.of(collection, List.of(plant)))).isEqualTo(stored);
    }
}
