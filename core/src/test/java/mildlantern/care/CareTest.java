package mildlantern.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import mildlantern.Tries;
import mildlantern.care.Changes.Resident;
import mildlantern.light.Daylight;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.nutrition.WaterReason;
import mildlantern.nutrition.Waters;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Range;
import mildlantern.season.Years;
import org.junit.jupiter.api.Test;

/** What a plant goes short of, the one change that helps most, and the steps that spare it a burn. */
class CareTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final CareKnowledge KNOWLEDGE = CareKnowledge.load();
    private static final Waters WATERS = Waters.load();
    private static final Needs NEEDS = new Needs(KNOWLEDGE, WATERS);
    private static final Moves MOVES = Moves.load(Daylight.load());
    private static final Changes CHANGES =
            new Changes(KNOWLEDGE, NEEDS, WATERS, FeedPlan.load(), MOVES, new Range(14, 21));
    private static final StepPlanner STEPS = StepPlanner.load(MOVES);
    private static final Changes.Outside WINTER = new Changes.Outside(3, 85);
    private static final LocalDate MARCH = LocalDate.of(2026, 3, 2);

    private static Profile kind(String id) {
        return PLANTS.profile(id).orElseThrow();
    }

    private static Gives gives(double light, double humidity, double day, double night) {
        return new Gives(read(light), read(humidity), read(day), read(night));
    }

    private static Optional<Figure> read(double value) {
        return Optional.of(
                new Figure(value, new Range(value * 0.9, value * 1.1), 14, CareOrigin.LAST_WATERINGS.with()));
    }

    private static Spot spot(String name, Gives gives, Resident... standing) {
        return new Spot(
                new StopId(UUID.nameUUIDFromBytes(name.getBytes())),
                name,
                gives,
                List.of(standing),
                false,
                false,
                false,
                0.5,
                false);
    }

    private static Resident plant(String name, String kind) {
        return new Resident(
                new PlantId(UUID.nameUUIDFromBytes(name.getBytes())), name, kind(kind), Years.growing(kind(kind)));
    }

    private static Subject at(Spot here, Resident plant, PotGives pot, WaterSource source) {
        return new Subject(plant, here, pot, Optional.of(WATERS.typical(source)), false, false);
    }

    @Test
    void eachNeedSaysByHowMuchItIsMissed() {
        List<Need> needs = NEEDS.ofStop(Years.growing(kind("calathea")), gives(0.6, 31, 24, 17));

        assertThat(needs)
                .extracting(Need::kind)
                .containsExactly(Need.Kind.LIGHT, Need.Kind.HUMIDITY, Need.Kind.DAY, Need.Kind.NIGHT);
        assertThat(needs.get(0).miss()).isCloseTo(1, within(1e-9));
        assertThat(needs.get(0).missed()).contains(NeedMissed.TOO_DARK.with(0.6, 1.2));
        assertThat(needs.get(1).standing()).isEqualTo(Need.Standing.SHORT);
        assertThat(needs.get(1).miss()).isCloseTo(29 / 20.0, within(1e-9));
        assertThat(needs.get(2).standing()).isEqualTo(Need.Standing.FITS);
        assertThat(Needs.worst(needs).orElseThrow().kind()).isEqualTo(Need.Kind.HUMIDITY);
    }

    @Test
    void whatOnlyHoldsIsNotShortOfLight() {
        assertThat(Needs.worst(NEEDS.ofStop(Years.wants("cattleya", Phase.SLOW), gives(5.5, 55, 22, 16))))
                .isEmpty();
        assertThat(NEEDS.ofStop(Years.wants("cattleya", Phase.SLOW), gives(2, 55, 22, 16)))
                .first()
                .satisfies(light -> assertThat(light.standing()).isEqualTo(Need.Standing.SHORT));
    }

    @Test
    void aRestADegreeTooWarmIsARest_andMoistAirOutdoorsIsNobodysWork() {
        Resident pitcher = new Resident(
                PlantId.fresh(), "Foghorn", kind("sarracenia"), Years.wants("sarracenia", Phase.COOL_REST));
        Spot bench = spot("wet bench", gives(4, 92, 14, 11).outdoors(), pitcher);

        assertThat(CHANGES.needs(at(bench, pitcher, PotGives.NOTHING, WaterSource.RAIN)))
                .allSatisfy(need -> assertThat(need.missed()).isEmpty());
    }

    @Test
    void aRestThatIsTooWarmIsSaid_andNoLampIsHungForIt() {
        Resident pitcher = new Resident(
                PlantId.fresh(), "Foghorn", kind("sarracenia"), Years.wants("sarracenia", Phase.COOL_REST));
        Spot warm = spot("south sill", gives(1, 55, 21, 17), pitcher);
        Spot cool = spot("chart room", gives(4, 60, 10, 5));

        List<Change> changes = CHANGES.weigh(
                at(warm, pitcher, PotGives.NOTHING, WaterSource.RAIN),
                List.of(warm, cool),
                WINTER,
                9,
                Experience.none());

        assertThat(CHANGES.needs(at(warm, pitcher, PotGives.NOTHING, WaterSource.RAIN)))
                .extracting(need -> need.missed().map(Message::what))
                .contains(Optional.of(NeedMissed.WARM_NIGHTS_FOR_REST));
        assertThat(changes).noneMatch(change -> change.kind() == Change.Kind.LAMP);
        assertThat(changes.get(0).stop()).contains(cool.id());
        assertThat(changes.get(0).answers()).contains(Need.Kind.NIGHT);
    }

    @Test
    void onlyABogPlantIsSentIntoATrayOfWater() {
        Spot tray =
                new Spot(StopId.fresh(), "wet bench", gives(9, 60, 14, 11), List.of(), false, false, true, 0.5, false);
        for (String kind : List.of("dendrobium-nobile", "sarracenia")) {
            Resident plant = new Resident(PlantId.fresh(), kind, kind(kind), Years.wants(kind, Phase.COOL_REST));
            Spot warm = spot("parlour", gives(6, 50, 22, 18), plant);
            boolean sent =
                    CHANGES.places(at(warm, plant, PotGives.NOTHING, WaterSource.RAIN), List.of(warm, tray)).stream()
                            .anyMatch(suits -> suits.spot().equals(tray));
            assertThat(sent).as(kind).isEqualTo(kind.equals("sarracenia"));
        }
    }

    @Test
    void aTrumpetPitcherAtFiveDegreesInItsRestLacksNothing() {
        assertThat(Needs.worst(NEEDS.ofStop(Years.wants("sarracenia", Phase.COOL_REST), gives(4, 65, 8, 5))))
                .isEmpty();
    }

    @Test
    void aBetterStopWinsOverALamp() {
        Resident fern = plant("Ledger fern", "boston-fern");
        Spot dark = spot("back shelf", gives(1, 45, 20, 16), fern);
        Spot bright = spot("north sill", gives(4.5, 58, 20, 15));

        Change best = CHANGES.weigh(
                        at(dark, fern, PotGives.NOTHING, WaterSource.SOFT_TAP),
                        List.of(dark, bright),
                        WINTER,
                        10,
                        Experience.none())
                .get(0);

        assertThat(best.kind()).isEqualTo(Change.Kind.MOVE);
        assertThat(best.stop()).contains(bright.id());
        assertThat(best.words()).isEqualTo(ChangeSays.MOVE_BY_STEPS.with(bright.name()));
        assertThat(best.reason().with().toString()).contains("LIGHT, 4.5, 1.0, mol/m² d");
    }

    @Test
    void whereNoStopIsBetterAHumidifierSaysItsLitres() {
        Resident calathea = plant("Parchment", "calathea");
        Spot landing = spot("landing", gives(4, 31, 23, 18), calathea, plant("Fern", "boston-fern"));

        Change best = CHANGES.weigh(
                        at(landing, calathea, PotGives.NOTHING, WaterSource.RAIN),
                        List.of(landing),
                        WINTER,
                        10,
                        Experience.none())
                .get(0);

        assertThat(best.kind()).isEqualTo(Change.Kind.HUMIDIFIER);
        assertThat(best.cost().what()).isEqualTo(ChangeSays.HUMIDIFIER_COSTS_IN_A_ROOM);
        assertThat(best.others()).isPositive();
        assertThat(best.helped()).isEqualTo(ChangeSays.HELPS_OTHERS.with());
    }

    @Test
    void hardWaterAHungryPotAndTooMuchWaterAreSaid() {
        PotGives pot = new PotGives(
                OptionalDouble.of(3),
                OptionalDouble.of(9),
                0.2,
                true,
                Optional.of(Figure.of(384, WaterSource.HARD_TAP)),
                Optional.empty(),
                OptionalDouble.of(1),
                4,
                OptionalDouble.of(2.2),
                1,
                OptionalDouble.empty());
        Resident orchid = plant("Tide", "phalaenopsis");
        Spot sill = spot("sill", gives(6, 60, 22, 17), orchid);
        List<Change> changes = CHANGES.weigh(
                at(sill, orchid, pot, WaterSource.HARD_TAP), List.of(sill), WINTER, 14, Experience.none());

        assertThat(changes)
                .extracting(Change::kind)
                .contains(Change.Kind.WATER, Change.Kind.FLUSH, Change.Kind.RHYTHM, Change.Kind.FEED);
        assertThat(changes).anyMatch(change -> change.words().equals(ChangeSays.SOFTER_WATER_BLENDED.with(45)));
        assertThat(changes).anyMatch(change -> change.words().equals(ChangeSays.RHYTHM.with(9.0)));
    }

    @Test
    void ofARhythmNothingIsSaidThatIsNotSure() {
        assertThat(rhythm(4, 12, 0.2, true)).contains(NeedMissed.WATERED_TOO_OFTEN);
        assertThat(rhythm(4, 7, 0.5, true))
                .as("the pot may take 5 days as well as 10")
                .isEmpty();
        assertThat(rhythm(4, 12, 0.2, false)).as("without a probe or a weight").isEmpty();
        assertThat(rhythm(20, 9, 0.15, true)).contains(NeedMissed.WATERED_TOO_SELDOM);
    }

    @Test
    void whatBearsALongDryPotIsNotWateredMoreOftenBecauseItsPotIsDry() {
        assertThat(rhythm("zz-plant", 39, 15.6, 0.15, true)).isEmpty();
        assertThat(rhythm("snake-plant", 44, 23, 0.15, true)).isEmpty();
        assertThat(rhythm("zz-plant", 90, 15.6, 0.15, true)).contains(NeedMissed.WATERED_TOO_SELDOM);
        assertThat(rhythm("boston-fern", 20, 9, 0.15, true)).contains(NeedMissed.WATERED_TOO_SELDOM);
    }

    private static Optional<MessageKey> rhythm(double interval, double cycle, double spread, boolean surely) {
        return rhythm("phalaenopsis", interval, cycle, spread, surely);
    }

    private static Optional<MessageKey> rhythm(
            String kind, double interval, double cycle, double spread, boolean surely) {
        PotGives pot = new PotGives(
                OptionalDouble.of(interval),
                OptionalDouble.of(cycle),
                spread,
                surely,
                Optional.empty(),
                Optional.empty(),
                OptionalDouble.empty(),
                4,
                OptionalDouble.empty(),
                1,
                OptionalDouble.empty());
        return NEEDS.of(kind(kind), Years.wants(kind, Phase.SLOW), Gives.NOTHING, pot).stream()
                .flatMap(need -> need.missed().stream())
                .map(Message::what)
                .findFirst();
    }

    @Test
    void softenedWaterIsNoWaterForAnyKind_howeverLittleIsDissolved() {
        WaterAnalysis softened = WATERS.typical(WaterSource.SOFTENED_TAP);
        Need need =
                NEEDS
                        .of(kind("pothos"), Years.wants("pothos", Phase.GROWING), Gives.NOTHING, watered(softened))
                        .stream()
                        .filter(it -> it.kind() == Need.Kind.WATER)
                        .findFirst()
                        .orElseThrow();
        assertThat(need.missed().orElseThrow().what()).isEqualTo(WaterReason.SODIUM);
        // 50 of 140 mg/L sodium with rain of 1 mg/L: about a third of it may stay.
        assertThat(WATERS.shareBorne(
                        kind("pothos"), softened, WATERS.typical(WaterSource.RAIN), OptionalDouble.empty()))
                .isCloseTo(49.0 / 139, within(0.001));
        assertThat(NEEDS.of(
                        kind("pothos"),
                        Years.wants("pothos", Phase.GROWING),
                        Gives.NOTHING,
                        watered(WATERS.typical(WaterSource.SOFT_TAP))))
                .allMatch(it -> it.missed().isEmpty());
    }

    private static PotGives watered(WaterAnalysis water) {
        return new PotGives(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                false,
                Optional.of(Figure.of(WATERS.dissolvedMg(water), WaterSource.SOFTENED_TAP)),
                Optional.of(water),
                OptionalDouble.empty(),
                4,
                OptionalDouble.empty(),
                1,
                OptionalDouble.empty());
    }

    @Test
    void theBlendGoesByTheWaterThatIsReallyGiven() {
        PotGives pot = new PotGives(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                false,
                Optional.of(Figure.of(640, WaterSource.HARD_TAP)),
                Optional.empty(),
                OptionalDouble.empty(),
                4,
                OptionalDouble.empty(),
                1,
                OptionalDouble.empty());
        Resident orchid = plant("Tide", "phalaenopsis");
        Spot sill = spot("sill", gives(6, 60, 22, 17), orchid);
        Subject subject = new Subject(orchid, sill, pot, Optional.of(WaterAnalysis.metered(1.0)), false, false);

        // (190 / 640 − 0.02) ÷ (1 − 0.02) is 28 %, rounded down to a twentieth.
        assertThat(CHANGES.weigh(subject, List.of(sill), WINTER, 14, Experience.none())
                        .get(0)
                        .words())
                .isEqualTo(ChangeSays.SOFTER_WATER_BLENDED.with(25));
    }

    @Test
    void holdsAreKept() {
        Resident fern = plant("Ledger fern", "boston-fern");
        Spot dark = spot("back shelf", gives(1, 45, 20, 16), fern);
        Spot bright = spot("north sill", gives(4.5, 58, 20, 15));
        Subject held = new Subject(fern, dark, PotGives.NOTHING, Optional.empty(), true, true);

        assertThat(CHANGES.weigh(held, List.of(dark, bright), WINTER, 10, Experience.none()))
                .noneMatch(change -> change.kind() == Change.Kind.MOVE || change.kind() == Change.Kind.FEED);
    }

    @Test
    void aFullStopNamesWhoWouldMakeRoom() {
        Resident fern = plant("Ledger fern", "boston-fern");
        Spot dark = spot("back shelf", gives(1, 45, 20, 16), fern);
        Spot full = new Spot(
                StopId.fresh(),
                "north sill",
                gives(4.5, 58, 20, 15),
                List.of(plant("Cactus Jack", "cactus"), plant("Lily", "peace-lily")),
                true,
                false,
                false,
                0.5,
                false);

        assertThat(CHANGES.places(at(dark, fern, PotGives.NOTHING, WaterSource.RAIN), List.of(dark, full)))
                .first()
                .satisfies(suits -> assertThat(suits.displaces()).contains("Cactus Jack"));
    }

    private static StepPlanner.Place place(String name, double light, double day) {
        return new StepPlanner.Place(new StopId(UUID.nameUUIDFromBytes(name.getBytes())), name, light, day, 14, true);
    }

    @Test
    void lightRisesByHalfAWeekByStopsAndShade() {
        StepPlanner.Plan plan = STEPS.plan(
                Years.wants("cattleya", Phase.GROWING),
                place("landing", 3, 22),
                place("south sill", 14, 22),
                List.of(place("stair", 6, 20)),
                MARCH);

        checked(plan, 3, 22);
        assertThat(plan.steps().get(plan.steps().size() - 1).stop().name()).isEqualTo("south sill");
        assertThat(plan.days()).isBetween(21, 49);
        assertThat(plan.warnings()).isEmpty();
    }

    @Test
    void theColdGoesByARoomBetween() {
        StepPlanner.Plan plan = STEPS.plan(
                Years.wants("winter-jasmine", Phase.COOL_REST),
                place("gallery", 10, 6),
                place("parlour", 10, 20),
                List.of(place("porch", 9, 13)),
                MARCH);

        assertThat(plan.steps()).extracting(step -> step.stop().name()).contains("porch");
        checked(plan, 10, 6);
    }

    @Test
    void whereNothingLiesBetweenThePlanSaysSo() {
        assertThat(STEPS.plan(
                                Years.wants("winter-jasmine", Phase.COOL_REST),
                                place("gallery", 10, 2),
                                place("parlour", 10, 22),
                                List.of(),
                                MARCH)
                        .warnings())
                .extracting(Message::what)
                .contains(StepSays.WARMTH_SHOCK);
    }

    @Test
    void outOfTheDarkItStillGoesByWeeks() {
        StepPlanner.Plan plan = STEPS.plan(
                Years.wants("peace-lily", Phase.GROWING),
                place("cupboard", 0.2, 20),
                place("porch", 6, 22),
                List.of(),
                MARCH);

        checked(plan, 0.2, 20);
        assertThat(plan.warnings()).isEmpty();
        assertThat(plan.days()).isBetween(21, 50);
    }

    @Tries(200)
    void noStepIsTooFast(
            @Tries.Between(min = 0.5, max = 30) double from,
            @Tries.Between(min = 0.5, max = 30) double to,
            @Tries.Between(min = 0.5, max = 30) double between) {
        StepPlanner.Plan plan = STEPS.plan(
                Years.wants("pothos", Phase.GROWING),
                place("a", from, 20),
                place("b", to, 22),
                List.of(place("c", between, 21)),
                MARCH);
        if (plan.warnings().isEmpty()) {
            checked(plan, from, 20);
        }
    }

    private static void checked(StepPlanner.Plan plan, double light, double warmth) {
        double lastLight = light;
        double lastWarmth = warmth;
        LocalDate last = MARCH.minusDays(30);
        for (StepPlanner.Step step : plan.steps()) {
            assertThat(step.light()).isLessThanOrEqualTo(Math.max(lastLight * 1.501, 1.5));
            assertThat(Math.abs(step.stop().byDay() - lastWarmth)).isLessThanOrEqualTo(8.001);
            assertThat(step.on()).isAfter(last);
            lastLight = step.light();
            lastWarmth = step.stop().byDay();
            last = step.on();
        }
    }
}
