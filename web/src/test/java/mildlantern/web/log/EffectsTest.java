package mildlantern.web.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.Stream;
import mildlantern.log.Counted;
import mildlantern.log.LogEntry;
import mildlantern.log.Wetness;
import mildlantern.log.Yardstick;
import mildlantern.place.StopId;
import mildlantern.plant.EventKind;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What an entry changes of its plant, and that taking back gives back just that. */
class EffectsTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final StopId SILL = StopId.fresh();
    private static final StopId PORCH = StopId.fresh();
    private static final Plant LIMPET = new Plant(
                    PlantId.fresh(), CollectionId.fresh(), SILL, 2, "Limpet", "moth-orchid")
            .at(40.0, 12.0)
            .counted(6, 1, 2, 4, 3)
            .weighing(900, 500);

    private static Plant after(Plant plant, LogEntry entry) {
        return Effects.after(plant, TODAY, entry, stop -> 7);
    }

    private static LogEntry moved(StopId to) {
        return new LogEntry.Moved(Optional.empty(), Optional.of(to), OptionalDouble.empty(), OptionalDouble.empty());
    }

    @Test
    void aMovedPlantStandsLastAtItsNewStop_andIsNotPlacedThereByHand() {
        assertThat(after(LIMPET, moved(PORCH)).place()).satisfies(place -> {
            assertThat(place.stop()).isEqualTo(PORCH);
            assertThat(place.placeOnStop()).isEqualTo(7);
            assertThat(place.planX()).isNull();
        });
        assertThat(after(LIMPET, moved(SILL))).as("to where it stands").isEqualTo(LIMPET);
    }

    @Test
    void aRepottedPlantStandsInFreshMedium_andItsOldWeightsTellNothing() {
        Plant potted = after(LIMPET, new LogEntry.Repotted(OptionalDouble.of(15), Optional.of("bark")));
        assertThat(potted.potDiameterCm()).isEqualTo(15);
        assertThat(potted.medium()).isEqualTo("bark");
        assertThat(potted.pottedOn()).isEqualTo(TODAY);
        assertThat(potted.mediumSince()).isEqualTo(TODAY);
        assertThat(potted.wetGrams()).isNull();
        assertThat(potted.dryGrams()).isNull();
        Plant again = after(potted, new LogEntry.Repotted(OptionalDouble.empty(), Optional.empty()));
        assertThat(again.potDiameterCm()).as("nothing said of the size").isEqualTo(15);
        assertThat(again.medium()).as("nothing said of the medium").isEqualTo("bark");
    }

    @Test
    void aWeightIsAYardstickOnlyWhereItIsSaidToBeOne() {
        assertThat(after(LIMPET, new LogEntry.Weighed(1000, Optional.empty()))).isEqualTo(LIMPET);
        assertThat(after(LIMPET, new LogEntry.Weighed(1000, Optional.of(Yardstick.WET_THROUGH)))
                        .wetGrams())
                .isEqualTo(1000);
        assertThat(after(LIMPET, new LogEntry.Weighed(450, Optional.of(Yardstick.BONE_DRY)))
                        .dryGrams())
                .isEqualTo(450);
    }

    @Test
    void countedPestsAreNoPartOfThePlant() {
        assertThat(after(LIMPET, new LogEntry.Count(Counted.PESTS, 40))).isEqualTo(LIMPET);
        assertThat(after(LIMPET, new LogEntry.Count(Counted.BUDS, 9)).counts())
                .isEqualTo(LIMPET.counted(6, 1, 2, 4, 9).counts());
    }

    static Stream<LogEntry> entriesThatChangeNothing() {
        return Stream.concat(
                Arrays.stream(EventKind.values())
                        .filter(kind -> kind != EventKind.REPOTTED)
                        .map(LogEntry::bare),
                Stream.of(
                        LogEntry.Watered.of(200),
                        LogEntry.Probed.all(Wetness.MOIST),
                        new LogEntry.TrapFed(OptionalInt.of(3), OptionalDouble.empty()),
                        new LogEntry.Granules(Optional.empty(), 2),
                        new LogEntry.NewLeaf(12),
                        new LogEntry.Looked(),
                        new LogEntry.Noted(),
                        new LogEntry.PutOff(),
                        new LogEntry.Pruned(),
                        new LogEntry.CupEmptied(),
                        new LogEntry.Photographed()));
    }

    @ParameterizedTest
    @MethodSource("entriesThatChangeNothing")
    void whatIsOnlyNotedChangesNothing(LogEntry entry) {
        assertThat(after(LIMPET, entry)).isEqualTo(LIMPET);
        assertThat(PlantState.changed(entry.kind()).isEmpty() || entry instanceof LogEntry.Moved)
                .isTrue();
    }

    private static LogEntry any(Random chance) {
        return switch (chance.nextInt(7)) {
            case 0 -> moved(chance.nextBoolean() ? SILL : PORCH);
            case 1 ->
                new LogEntry.Repotted(
                        chance.nextBoolean() ? OptionalDouble.of(8 + chance.nextInt(20)) : OptionalDouble.empty(),
                        chance.nextBoolean() ? Optional.of("bark") : Optional.empty());
            case 2 ->
                new LogEntry.Weighed(300 + chance.nextInt(900), Optional.of(Yardstick.values()[chance.nextInt(2)]));
            case 3 -> new LogEntry.Bloom(chance.nextBoolean());
            case 4 -> new LogEntry.Count(Counted.values()[chance.nextInt(Counted.values().length)], chance.nextInt(30));
            case 5 -> LogEntry.Watered.through();
            default -> new LogEntry.Looked();
        };
    }

    /** Whatever was written, taken back from the latest on it leaves the plant as it was. */
    @ParameterizedTest
    @ValueSource(longs = {3, 17, 2026, 90210, 424242})
    void takenBackInTurnAllIsAsItWas(long seed) {
        Random chance = new Random(seed);
        for (int history = 0; history < 200; history++) {
            Plant plant = LIMPET;
            Deque<LogEntry> written = new ArrayDeque<>();
            Deque<PlantState> before = new ArrayDeque<>();
            Deque<Plant> stood = new ArrayDeque<>();
            int length = 1 + chance.nextInt(12);
            for (int i = 0; i < length; i++) {
                LogEntry entry = any(chance);
                written.push(entry);
                before.push(PlantState.of(plant));
                stood.push(plant);
                plant = after(plant, entry);
            }
            while (!written.isEmpty()) {
                LogEntry entry = written.pop();
                plant = before.pop().giveBack(entry.kind(), plant);
                assertThat(plant).as("without %s, seed %s", entry, seed).isEqualTo(stood.pop());
            }
        }
    }

    /** Of two entries that change different things, either can be taken back and the other stays. */
    @Test
    void takingOneBackLeavesWhatAnotherChanged() {
        Plant moved = after(LIMPET, moved(PORCH));
        Plant counted = after(moved, new LogEntry.Count(Counted.LEAVES, 8));
        Plant back = PlantState.of(LIMPET).giveBack(moved(PORCH).kind(), counted);
        assertThat(back.stop()).isEqualTo(SILL);
        assertThat(back.planX()).isEqualTo(40.0);
        assertThat(back.leaves()).isEqualTo(8);
    }
}
