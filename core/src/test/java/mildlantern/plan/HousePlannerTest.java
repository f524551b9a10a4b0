package mildlantern.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Experience;
import mildlantern.care.Figure;
import mildlantern.care.Needs;
import mildlantern.care.Spot;
import mildlantern.light.Daylight;
import mildlantern.nutrition.Waters;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.Dryness;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Wants;
import mildlantern.season.YearKnowledge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A house is planned as one: what helps most for what it costs, and nothing that harms anybody. */
class HousePlannerTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final HousePlanner PLANNER = new HousePlanner(
            PlanKnowledge.load(),
            CareKnowledge.load(),
            new Needs(CareKnowledge.load(), Waters.load()),
            Moves.load(Daylight.load()));
    private static final MadeUpHouse HOUSES = new MadeUpHouse(PLANTS, YearKnowledge.load(PLANTS));

    private static Household house(long seed) {
        return HOUSES.draw(new Random(seed), 30, 7, seed % 2 == 0);
    }

    static Stream<Household> houses() {
        return IntStream.range(0, 20).mapToObj(HousePlannerTest::house);
    }

    private static Spot spot(Household house, StopId id) {
        return house.spots().stream()
                .filter(spot -> spot.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double of(Optional<Figure> figure) {
        return figure.orElseThrow().value();
    }

    @ParameterizedTest
    @MethodSource("houses")
    void noPlanChillsScorchesDrownsCrowdsOrBreaksARestOrAnIsolation(Household house) {
        HousePlan plan = PLANNER.plan(house, Dials.OPEN);
        Weighed weighed = PLANNER.weigh(house);
        for (Household.Housed housed : house.plants()) {
            StopId to = Objects.requireNonNull(plan.stops().get(housed.plant().id()));
            Wants wants = housed.plant().wants();
            Spot spot = spot(house, to);
            double light = of(weighed.gives(spot, plan.fittings().getOrDefault(to, Fitting.NONE))
                    .light());
            if (to.equals(housed.stop())) {
                assertThat(light)
                        .isLessThanOrEqualTo(
                                Math.max(wants.light().high(), of(spot.gives().light()) + 1e-9));
                continue;
            }
            assertThat(housed.stays()).isFalse();
            assertThat(spot.alone()).isFalse();
            assertThat(house.closed()).doesNotContain(to);
            assertThat(light).isLessThanOrEqualTo(wants.light().high() + 1e-9);
            assertThat(of(spot.gives().night()))
                    .isGreaterThanOrEqualTo(wants.night().low() - 0.5);
            if (spot.inWater()) {
                assertThat(housed.plant().profile().dryness()).isEqualTo(Dryness.BOG);
            }
            if (wants.phase().rests()
                    && of(spot.gives().night()) > wants.night().high() + wants.warmSlack()) {
                assertThat(of(spot.gives().night()))
                        .isLessThanOrEqualTo(
                                of(spot(house, housed.stop()).gives().night()));
            }
        }
        for (Spot spot : house.spots()) {
            double pots = house.plants().stream()
                    .filter(housed ->
                            spot.id().equals(plan.stops().get(housed.plant().id())))
                    .mapToDouble(Household.Housed::boardSquareCm)
                    .sum();
            assertThat(pots).isLessThanOrEqualTo(weighed.room(spot) + 1);
        }
        assertThat(plan.fates()).hasSameSizeAs(house.plants());
    }

    @ParameterizedTest
    @MethodSource("houses")
    void itCostsLessThanSimplerWays_andSaysHowFarTheBestCanBe(Household house) {
        HousePlan plan = PLANNER.plan(house, Dials.OPEN);
        Rivals rivals = new Rivals(PLANNER);
        assertThat(plan.cost())
                .isLessThanOrEqualTo(rivals.asItIs(house).cost() + 1e-6)
                .isLessThanOrEqualTo(rivals.oneLineAPlant(house).cost() + 1e-2)
                .isLessThanOrEqualTo(rivals.greedy(house).cost() + 1e-2);
        assertThat(plan.least()).isLessThanOrEqualTo(plan.cost() + 1e-9);
        assertThat(plan.gap()).isBetween(0.0, 0.05);
        assertThat(plan.cost())
                .isCloseTo(HousePlanner.cost(PLANNER.weigh(house), plan.stops(), plan.fittings()), within(1e-9));
    }

    @Test
    void theSameHouseGivesTheSamePlan() {
        assertThat(PLANNER.plan(house(4), Dials.OPEN)).isEqualTo(PLANNER.plan(house(4), Dials.OPEN));
    }

    @Test
    void dialsAreKept() {
        Household house = house(6);
        HousePlan free = PLANNER.plan(house, Dials.OPEN);
        assertThat(free.moves()).hasSizeGreaterThan(3);
        assertThat(PLANNER.plan(house, new Dials(2, true, true, Set.of(), Set.of()))
                        .moves())
                .hasSizeLessThanOrEqualTo(2);
        assertThat(PLANNER.plan(house, new Dials(0, true, true, Set.of(), Set.of()))
                        .moves())
                .isEmpty();
        HousePlan noLamps = PLANNER.plan(house, new Dials(99, false, true, Set.of(), Set.of()));
        assertThat(noLamps.fittings().values()).noneMatch(fitting -> fitting.lamp() > 0);
        HousePlan noMoney = PLANNER.plan(house, new Dials(99, true, false, Set.of(), Set.of()));
        assertThat(noMoney.fittings().values()).noneMatch(fitting -> fitting.lamp() > 0 || fitting.humidifier());
        HousePlan.Fate first = free.moves().get(0);
        HousePlan pinned = PLANNER.plan(house, new Dials(99, true, true, Set.of(first.plant()), Set.of()));
        assertThat(pinned.stops().get(first.plant())).isEqualTo(first.from());
        assertThat(pinned.cost()).isGreaterThanOrEqualTo(free.cost() - 1e-6);
        assertThatThrownBy(() -> new Dials(-1, true, true, Set.of(), Set.of()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Where all have what they want nothing is carried. */
    @Test
    void aHouseThatSuitsEverybodyIsLeftAlone() {
        Household house = house(8);
        HousePlan plan = PLANNER.plan(house, Dials.OPEN);
        Household carried = new Household(
                house.plants().stream()
                        .map(housed -> new Household.Housed(
                                housed.plant(),
                                Objects.requireNonNull(
                                        plan.stops().get(housed.plant().id())),
                                housed.boardSquareCm(),
                                housed.young(),
                                housed.stays()))
                        .toList(),
                house.spots(),
                house.outdoors(),
                house.closed(),
                Experience.none());
        HousePlan again = PLANNER.plan(carried, new Dials(99, false, false, Set.of(), Set.of()));
        assertThat(again.moves()).hasSizeLessThan(plan.moves().size());
    }

    /** Nobody is carried to a board that is still full. */
    @ParameterizedTest
    @MethodSource("houses")
    void plantsAreCarriedInAnOrderInWhichEachFindsItsPlaceFree(Household house) {
        HousePlan plan = PLANNER.plan(house, Dials.OPEN);
        List<MoveOrder.Carry> order = MoveOrder.of(house, plan, PLANNER);
        Weighed weighed = PLANNER.weigh(house);
        Map<PlantId, StopId> now = new HashMap<>();
        house.plants().forEach(housed -> now.put(housed.plant().id(), housed.stop()));
        for (MoveOrder.Carry carry : order) {
            if (carry.aside()) {
                now.remove(carry.fate().plant());
                continue;
            }
            now.put(carry.fate().plant(), carry.fate().to());
            Spot spot = spot(house, carry.fate().to());
            double pots = house.plants().stream()
                    .filter(housed -> spot.id().equals(now.get(housed.plant().id())))
                    .mapToDouble(Household.Housed::boardSquareCm)
                    .sum();
            assertThat(pots).isLessThanOrEqualTo(weighed.room(spot) + 1);
        }
        assertThat(now).isEqualTo(plan.stops());
        assertThat(order.stream().filter(carry -> !carry.aside()).map(MoveOrder.Carry::fate))
                .containsExactlyInAnyOrderElementsOf(plan.moves());
    }
}
