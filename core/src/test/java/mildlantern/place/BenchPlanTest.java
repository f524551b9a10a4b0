package mildlantern.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import mildlantern.Tries;
import mildlantern.plant.PlantId;
import org.junit.jupiter.api.Test;

class BenchPlanTest {
    private static BenchPlan.Pot loose(double diameter) {
        return new BenchPlan.Pot(PlantId.fresh(), diameter, OptionalDouble.empty(), OptionalDouble.empty());
    }

    private static BenchPlan.Pot at(double diameter, double x, double y) {
        return new BenchPlan.Pot(PlantId.fresh(), diameter, OptionalDouble.of(x), OptionalDouble.of(y));
    }

    @Test
    void aFewPotsStandInOneRowInTheirOrder() {
        List<BenchPlan.Placed> plan = BenchPlan.lay(List.of(loose(12), loose(20), loose(9)), 160, 30);
        assertThat(plan).extracting(BenchPlan.Placed::x).isSorted();
        assertThat(plan).extracting(BenchPlan.Placed::y).containsOnly(15.0);
    }

    @Test
    void manyPotsStandInRows() {
        List<BenchPlan.Pot> many = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            many.add(loose(13));
        }
        assertThat(BenchPlan.lay(many, 160, 80).stream()
                        .map(BenchPlan.Placed::y)
                        .distinct())
                .hasSize(3);
    }

    @Test
    void whatWasPlacedByHandStays() {
        BenchPlan.Pot mine = at(12, 100, 20);
        assertThat(BenchPlan.lay(List.of(loose(14), mine), 160, 40)).anySatisfy(placed -> {
            assertThat(placed.id()).isEqualTo(mine.id());
            assertThat(placed.x()).isEqualTo(100);
            assertThat(placed.y()).isEqualTo(20);
        });
    }

    @Test
    void leavesThatTouchAreWithinReach_nearestFirst() {
        BenchPlan.Pot middle = at(12, 60, 20);
        BenchPlan.Pot near = at(12, 74, 20);
        BenchPlan.Pot nearer = at(12, 48, 20);
        BenchPlan.Pot far = at(12, 120, 20);
        List<BenchPlan.Placed> plan = BenchPlan.lay(List.of(middle, near, nearer, far), 160, 40);
        assertThat(BenchPlan.withinReach(plan, middle.id())).containsExactly(nearer.id(), near.id());
        assertThat(BenchPlan.withinReach(plan, far.id())).isEmpty();
    }

    @Tries(200)
    void noPotHangsOverTheEdge(Random chance) {
        List<Double> diameters =
                chance.doubles(1 + chance.nextInt(40), 4, 38).boxed().toList();
        List<BenchPlan.Pot> pots = diameters.stream().map(BenchPlanTest::loose).toList();
        assertThat(BenchPlan.lay(pots, 180, 40)).hasSameSizeAs(pots).allSatisfy(pot -> {
            assertThat(pot.x()).isBetween(pot.radius(), 180 - pot.radius());
            assertThat(pot.y()).isBetween(0.0, 40.0);
        });
    }
}
