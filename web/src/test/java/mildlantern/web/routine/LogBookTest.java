package mildlantern.web.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import mildlantern.log.Counted;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.log.Way;
import mildlantern.log.Wetness;
import mildlantern.log.Yardstick;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.EventKind;
import mildlantern.plant.SprayKind;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.keeping.PlantKeeping;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.json.JsonMapper;

/** The log: what is written stays as it was written, what it changes changes with it, and all of it can be taken back. */
@LanternTest
class LogBookTest {
    @Autowired
    private RecordWriter log;

    @Autowired
    private TakeBack takeBack;

    @Autowired
    private Plants plants;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Stops stops;

    @Autowired
    private StopWriter stopWriter;

    @Autowired
    private Growers growers;

    @Autowired
    private PlantKeeping keeping;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private LocalDate today;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
        collection = grower.member().collection();
        today = LocalDate.now(clock);
    }

    private EntryId write(LogEntry entry) {
        return log.write(
                        collection,
                        grower.plant().id(),
                        FormKey.fresh(),
                        today,
                        List.of(new RecordWriter.Line(entry, "a few words")))
                .get(0);
    }

    private Plant plant() {
        return plants.plant(collection, grower.plant().id());
    }

    static Stream<LogEntry> entries() {
        return Stream.of(
                new LogEntry.Watered(
                        OptionalInt.of(380), Optional.of(WaterSource.RAIN), Way.SOAKED, Optional.of(Felt.BONE_DRY)),
                LogEntry.Watered.through(),
                new LogEntry.Probed(Wetness.DRY, Wetness.MOIST, Wetness.WET),
                new LogEntry.Weighed(812, Optional.of(Yardstick.WET_THROUGH)),
                new LogEntry.Fed(Optional.of("kelp"), OptionalDouble.of(90)),
                new LogEntry.Repotted(OptionalDouble.of(15), Optional.of("sphagnum")),
                new LogEntry.Befell(EventKind.CHILLED, OptionalDouble.of(-9), OptionalDouble.empty()),
                new LogEntry.Treated(Optional.of(SprayKind.SOAP), Optional.of("soap"), Optional.of("Quay soap")),
                new LogEntry.Count(Counted.PESTS, 24),
                new LogEntry.Bloom(true),
                new LogEntry.Pruned(),
                new LogEntry.Looked(),
                new LogEntry.CupEmptied(),
                new LogEntry.Noted(),
                new LogEntry.PutOff());
    }

    @ParameterizedTest
    @MethodSource("entries")
    void whatIsWrittenIsReadAsItWasWritten(LogEntry entry) {
        write(entry);
        assertThat(logBook.entries(grower.plant())).singleElement().satisfies(row -> {
            assertThat(row.entry()).isEqualTo(entry);
            assertThat(row.words()).contains("a few words");
        });
    }

    static Stream<Arguments> stored() {
        return Stream.of(
                Arguments.of(
                        new LogEntry.Fed(Optional.of("kelp"), OptionalDouble.of(150)),
                        "{'product':'kelp','mg_nitrogen':150}"),
                Arguments.of(new LogEntry.NewLeaf(12.5), "{'length_cm':12.5}"),
                Arguments.of(LogEntry.Watered.of(380), "{'amount_ml':380,'way':'ABOVE'}"),
                Arguments.of(new LogEntry.Count(Counted.PESTS, 12), "{'counted':'PESTS','number':12}"),
                Arguments.of(new LogEntry.Bloom(true), "{}"));
    }

    @ParameterizedTest
    @MethodSource
    void stored(LogEntry entry, String underTheNamesOfAnArchive) {
        JsonMapper json = new JsonMapper();
        assertThat(json.readTree(logBook.stored(entry)))
                .isEqualTo(json.readTree(underTheNamesOfAnArchive.replace('\'', '"')));
    }

    @Test
    void aMoveTellsItsStepInWarmthAndLight_andStandsThere() throws Exception {
        Stop cold = stops.store(
                new Stop(StopId.fresh(), collection, 2, "Porch").climate(Brightness.BRIGHT, 60.0, 9.0, 4.0));
        EntryId move = write(new LogEntry.Moved(
                Optional.empty(), Optional.of(cold.id()), OptionalDouble.empty(), OptionalDouble.empty()));
        assertThat(plant().stop()).isEqualTo(cold.id());
        assertThat(logBook.entries(grower.plant()).get(0)).satisfies(row -> {
            LogEntry.Moved moved = row.as(LogEntry.Moved.class).orElseThrow();
            assertThat(moved.temperatureStep()).hasValue(-12);
            assertThat(moved.lightRatio().orElseThrow()).isCloseTo(5 / 2.2, within(1e-9));
        });
        takeBack.entry(collection, move);
        assertThat(plant().stop()).isEqualTo(grower.stop().id());
        assertThat(logBook.entries(grower.plant())).isEmpty();
    }

    @Test
    void takingBackARepottingGivesTheOldPotBack() throws Exception {
        LocalDate before = plant().pottedOn();
        EntryId repotted = write(new LogEntry.Repotted(OptionalDouble.of(16), Optional.of("sphagnum")));
        assertThat(plant().potDiameterCm()).isEqualTo(16);
        assertThat(plant().pottedOn()).isEqualTo(today);
        takeBack.entry(collection, repotted);
        assertThat(plant().potDiameterCm()).isEqualTo(12);
        assertThat(plant().medium()).isEqualTo("bark");
        assertThat(plant().pottedOn()).isEqualTo(before);
    }

    @Test
    void whatALaterEntryBuildsOnIsTakenBackLast() throws Exception {
        EntryId first = write(new LogEntry.Count(Counted.LEAVES, 9));
        EntryId second = write(new LogEntry.Count(Counted.LEAVES, 12));
        assertThatThrownBy(() -> takeBack.entry(collection, first))
                .isInstanceOf(TakeBack.CannotTakeBack.class)
                .hasMessageContaining("undo that first");
        takeBack.entry(collection, second);
        takeBack.entry(collection, first);
        assertThat(plant().leaves()).isEqualTo(6);
    }

    @Test
    void aShiftIsNotTakenBackAcrossAMove() throws Exception {
        Stop porch = stops.store(new Stop(StopId.fresh(), collection, 2, "Porch"));
        log.shift(collection, plant().id(), 30, 10, today);
        EntryId shift = logBook.entries(grower.plant()).get(0).id();
        EntryId move = write(new LogEntry.Moved(
                Optional.empty(), Optional.of(porch.id()), OptionalDouble.empty(), OptionalDouble.empty()));
        assertThatThrownBy(() -> takeBack.entry(collection, shift)).isInstanceOf(TakeBack.CannotTakeBack.class);
        assertThat(plant().stop()).isEqualTo(porch.id());
        takeBack.entry(collection, move);
        assertThat(plant().planX()).isEqualTo(30);
        takeBack.entry(collection, shift);
        assertThat(plant().planX()).isNull();
    }

    @Test
    void takingBackASplitTakesItsPartsAway_butNotOnceTheyHaveALifeOfTheirOwn() throws Exception {
        keeping.multiply(collection, plant().id(), FormKey.fresh(), new PlantKeeping.Made(2, Stage.ADULT, null, null));
        assertThat(plants.plants(collection)).hasSize(3);
        EntryId split = logBook.entries(grower.plant()).get(0).id();
        Plant part = plants.offspring(grower.plant()).get(0);
        EntryId watered = log.write(
                        collection,
                        part.id(),
                        FormKey.fresh(),
                        today,
                        List.of(RecordWriter.Line.of(LogEntry.Watered.through())))
                .get(0);
        assertThatThrownBy(() -> takeBack.entry(collection, split)).hasMessageContaining("entries of its own");
        assertThat(plants.plants(collection)).hasSize(3);
        takeBack.entry(collection, watered);
        takeBack.entry(collection, split);
        assertThat(plants.plants(collection)).hasSize(1);
        assertThat(plant().leaves()).isEqualTo(6);
    }

    @Test
    void aReadingOfAnEarlierDayLeavesTodayAsItIs() {
        read(today, 61.0);
        read(today.minusDays(30), 33.0);
        assertThat(stops.stop(collection, grower.stop().id()).humidityPercent()).isEqualTo(61);
    }

    private void read(LocalDate day, double humidity) {
        stopWriter.read(
                collection,
                grower.stop().id(),
                FormKey.fresh(),
                stop -> new StopReading(stop, day, OffsetDateTime.now(clock)).read(null, null, humidity, null, null));
    }

    @Test
    void aLostPlantLeavesTheRound_andComesBackWhenThatWasAMistake() throws Exception {
        log.write(
                collection,
                grower.plant().id(),
                FormKey.fresh(),
                today,
                List.of(RecordWriter.Line.of(new LogEntry.Looked())));
        log.end(collection, plant().id(), Plant.State.LOST, today, "rot");
        assertThat(plants.plants(collection)).isEmpty();
        assertThat(plant().endedCause()).isEqualTo("rot");
        EntryId lost = logBook.entries(grower.plant()).stream()
                .filter(row -> row.kind() == LogKind.LOST)
                .findFirst()
                .orElseThrow()
                .id();
        takeBack.entry(collection, lost);
        assertThat(plants.plants(collection)).hasSize(1);
        assertThat(plant().endedOn()).isNull();
    }

    @Test
    void takingBackAddsToTheLogAndRemovesNothing() throws Exception {
        EntryId entry = write(LogEntry.Watered.of(200));
        takeBack.entry(collection, entry);
        takeBack.entry(collection, entry);
        assertThat(jdbc.sql("select kind from happening where plant_id = ? order by written_at")
                        .param(grower.plant().id().value())
                        .query(String.class)
                        .list())
                .containsExactly("WATERED", "UNDONE");
    }

    @Test
    void nobodyTakesBackWhatAnotherWrote() {
        EntryId entry = write(LogEntry.Watered.of(200));
        CollectionId stranger = growers.grower().member().collection();
        assertThatThrownBy(() -> takeBack.entry(stranger, entry)).isInstanceOf(NotHere.class);
    }
}
