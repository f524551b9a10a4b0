package mildlantern.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import mildlantern.Tries;
import mildlantern.light.Sun;
import mildlantern.plant.GrowthSign;
import mildlantern.plant.Phase;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.season.PlantYear.Cause;
import mildlantern.season.PlantYear.RestStanding;
import mildlantern.season.PlantYear.Stretch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What time of its year it is for a plant, in November as in May, north and south. */
class PlantYearTest {
    private static final Sun SUN = Sun.load();
    private static final PlantYears YEARS = new PlantYears(Years.KNOWLEDGE);
    private static final LocalDate NOVEMBER = LocalDate.of(2026, 11, 28);

    /** A place whose light follows the sun, and whose nights and days are so warm. */
    private record At(Sun.Year sun, double equinoxMol, ToDoubleFunction<LocalDate> nights, double lamps)
            implements Conditions {
        static At room(double latitude, double equinoxMol, double night) {
            return new At(SUN.year(latitude), equinoxMol, day -> night, 0);
        }

        /** Outdoors, or in a house without heating: cold when days are short. */
        static At unheated(double latitude, double equinoxMol) {
            Sun.Year sun = SUN.year(latitude);
            return new At(sun, equinoxMol, day -> 5 + 7 * (sun.hours(day) - 11) / 2, 0);
        }

        @Override
        public OptionalDouble light(LocalDate day) {
            return OptionalDouble.of(equinoxMol * sun.share(day) + lamps * 0.5);
        }

        @Override
        public OptionalDouble day(LocalDate day) {
            return OptionalDouble.of(nights.applyAsDouble(day) + 5);
        }

        @Override
        public OptionalDouble night(LocalDate day) {
            return OptionalDouble.of(nights.applyAsDouble(day));
        }

        @Override
        public double lampHours(LocalDate day) {
            return lamps;
        }
    }

    private static Profile kind(String id) {
        return Years.PLANTS.profile(id).orElseThrow();
    }

    private static PlantYear told(String kind, At there, LocalDate today, Mark... marks) {
        return YEARS.of(kind(kind), there.sun(), there, List.of(marks), today);
    }

    /** What growers of each genus would say of a plant that stands as most of them do, in a heated room or where it belongs. */
    @ParameterizedTest
    @CsvSource({
        // kind, latitude, day, light at the equinox, coldest night; -99 is an unheated house
        "phalaenopsis, 51, 2026-11-28, 5, 18, SLOW",
        "phalaenopsis, 51, 2026-06-10, 5, 18, GROWING",
        "phalaenopsis, -34, 2026-11-28, 5, 18, GROWING",
        "cattleya, 51, 2026-12-20, 9, 17, SLOW",
        "cattleya, 51, 2026-07-01, 9, 17, GROWING",
        "dendrobium-nobile, 51, 2026-11-28, 9, 12, COOL_REST",
        "dendrobium-nobile, 51, 2026-06-20, 9, 16, GROWING",
        "dendrobium-nobile, -34, 2026-05-20, 9, 11, COOL_REST",
        "sarracenia, 51, 2026-11-28, 12, -99, COOL_REST",
        "sarracenia, 51, 2026-05-20, 25, -99, GROWING",
        "sarracenia, -34, 2026-11-28, 25, -99, GROWING",
        "sarracenia, -34, 2026-07-05, 25, -99, COOL_REST",
        "dionaea, 45, 2026-12-24, 20, -99, COOL_REST",
        "darlingtonia, 45, 2027-01-15, 20, -99, COOL_REST",
        "temperate-bonsai, 51, 2026-12-20, 25, -99, COOL_REST",
        "temperate-bonsai, 51, 2026-05-10, 25, -99, GROWING",
        "cactus, 51, 2026-11-28, 10, 8, DRY_REST",
        "cactus, 51, 2026-11-28, 10, 18, DRY_REST",
        "cactus, 51, 2026-06-20, 15, 15, GROWING",
        "jade-plant, 51, 2026-12-20, 8, 12, DRY_REST",
        "jade-plant, 51, 2026-12-20, 40, 20, GROWING",
        "succulent-rosette, 45, 2027-01-05, 10, 8, DRY_REST",
        "winter-jasmine, 51, 2026-10-15, 10, 7, COOL_REST",
        "winter-jasmine, 51, 2026-11-25, 10, 7, SPIKING",
        "winter-jasmine, 51, 2026-06-10, 12, 14, GROWING",
        "tropical-hibiscus, 51, 2026-12-20, 10, 14, COOL_REST",
        "calamondin, 51, 2026-12-20, 10, 10, COOL_REST",
        "nepenthes, 51, 2026-12-20, 6, 17, SLOW",
        "nepenthes, 51, 2026-06-20, 8, 17, GROWING",
        "peace-lily, 51, 2026-12-20, 3, 18, SLOW",
        "peace-lily, 51, 2026-06-20, 3, 18, GROWING",
        "snake-plant, 51, 2026-12-20, 3, 18, SLOW",
        "pothos, 51, 2026-06-20, 4, 18, GROWING",
        "pinguicula, 51, 2026-12-20, 8, 12, DRY_REST",
        "drosera, 51, 2026-12-20, 8, 8, SLOW",
        "tillandsia, 51, 2026-12-20, 8, 15, SLOW",
        "cymbidium, 51, 2026-12-20, 12, 11, SLOW",
    })
    void theTimeOfItsYear(String kind, double latitude, LocalDate day, double mol, double night, Phase wanted) {
        At there = night < -50 ? At.unheated(latitude, mol) : At.room(latitude, mol, night);
        assertThat(told(kind, there, day).phase()).isEqualTo(wanted);
    }

    @Test
    void whatGrowsUnderLampsFollowsItsLamps() {
        At lamps = new At(SUN.year(51), 1, day -> 19, 14);
        assertThat(told("phalaenopsis", lamps, NOVEMBER).phase()).isEqualTo(Phase.GROWING);
        assertThat(told("cephalotus", lamps, NOVEMBER).rest()).isEqualTo(RestStanding.NONE);
        PlantYear pitcher = told("dionaea", lamps, NOVEMBER);
        assertThat(pitcher.phase().rests())
                .as("a flytrap under lamps is kept from its rest")
                .isFalse();
        assertThat(pitcher.rest()).isEqualTo(RestStanding.KEPT_FROM_IT);
    }

    @Test
    void coolNightsAreCountedAndEndTheRest() {
        At cool = At.room(51, 9, 11);
        PlantYear inRest = told("dendrobium-nobile", cool, NOVEMBER);
        assertThat(inRest.rest()).isEqualTo(RestStanding.FITS);
        assertThat(inRest.chill().orElseThrow().nights())
                .as("nights since days fell below twelve hours")
                .isBetween(35, 70);
        assertThat(inRest.next().orElseThrow().phase()).as("buds follow").isEqualTo(Phase.SPIKING);
        assertThat(inRest.next().orElseThrow().from()).isBetween(NOVEMBER, NOVEMBER.plusWeeks(6));
        assertThat(inRest.wants().feed()).isZero();
        assertThat(inRest.wants().daysBetween()).isPresent();
    }

    @Test
    void aRestThatIsTooWarmIsSeen_andSpringEndsItAllTheSame() {
        At warm = At.room(51, 9, 16);
        PlantYear year = told("sarracenia", warm, NOVEMBER);
        assertThat(year.rest()).isEqualTo(RestStanding.TOO_WARM);
        assertThat(year.chill().orElseThrow().nights()).isZero();
        assertThat(year.chill().orElseThrow().missing()).isEqualTo(84);
        assertThat(year.chill().orElseThrow().lately().orElseThrow()).isCloseTo(16, within(1e-6));
        Stretch next = year.next().orElseThrow();
        assertThat(next.cause()).isEqualTo(Cause.SPRING);
        assertThat(next.from()).isBetween(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 4, 20));
        assertThat(told("sarracenia", warm, next.from().plusDays(10)).rest()).isEqualTo(RestStanding.TOO_SHORT);
    }

    @Test
    void aColdBreakInAWarmWinterBreaksNoCount() {
        Sun.Year sun = SUN.year(51);
        At broken = new At(sun, 12, day -> day.getMonthValue() == 12 ? 17 : sun.hours(day) < 11.5 ? 6 : 14, 0);
        PlantYear january = told("dionaea", broken, LocalDate.of(2027, 1, 20));
        PlantYear.Chill chill = january.chill().orElseThrow();
        assertThat(chill.warm()).isEqualTo(31);
        assertThat(chill.nights()).isBetween(70, 90);
        assertThat(january.phase()).isEqualTo(Phase.COOL_REST);
    }

    @Test
    void whatIsSeenAndSaidStandsAgainstTheSun() {
        At room = At.room(51, 9, 12);
        assertThat(told("dendrobium-nobile", room, NOVEMBER, new Mark.Seen(NOVEMBER.minusDays(9), GrowthSign.SPIKE))
                        .now())
                .satisfies(now -> {
                    assertThat(now.phase()).isEqualTo(Phase.SPIKING);
                    assertThat(now.cause()).isEqualTo(Cause.SEEN);
                    assertThat(now.from()).isEqualTo(NOVEMBER.minusDays(9));
                });
        PlantYear said = told("cactus", room, NOVEMBER, new Mark.Said(NOVEMBER.minusDays(3), Phase.GROWING));
        assertThat(said.phase()).isEqualTo(Phase.GROWING);
        assertThat(said.now().sure()).isGreaterThan(0.95);
        assertThat(told("temperate-bonsai", At.unheated(51, 25), LocalDate.of(2026, 9, 20))
                        .phase())
                .isEqualTo(Phase.GROWING);
        assertThat(told(
                                "temperate-bonsai",
                                At.unheated(51, 25),
                                LocalDate.of(2026, 9, 20),
                                new Mark.Seen(LocalDate.of(2026, 9, 18), GrowthSign.BARE))
                        .phase())
                .as("bare of leaves, it rests")
                .isEqualTo(Phase.COOL_REST);
    }

    @Test
    void budsStayCoolUntilTheySwell() {
        At cool = At.room(51, 9, 8);
        LocalDate day = LocalDate.of(2027, 1, 12);
        PlantYear buds = told("winter-jasmine", cool, day);
        assertThat(buds.phase()).isEqualTo(Phase.SPIKING);
        assertThat(buds.wants().night().high()).isLessThanOrEqualTo(12);
        PlantYear swollen = told("winter-jasmine", cool, day, new Mark.Seen(day.minusDays(2), GrowthSign.BUDS_SWELL));
        assertThat(swollen.wants().night().high()).as("now it bears the room").isGreaterThan(15);
    }

    @Test
    void flowersEndTheirTime() {
        At room = At.room(51, 5, 18);
        LocalDate opened = LocalDate.of(2026, 3, 1);
        assertThat(told("phalaenopsis", room, opened.plusWeeks(6), new Mark.Bloom(opened, true))
                        .phase())
                .isEqualTo(Phase.SPIKING);
        assertThat(told(
                                "phalaenopsis",
                                room,
                                opened.plusWeeks(8),
                                new Mark.Bloom(opened, true),
                                new Mark.Bloom(opened.plusWeeks(7), false))
                        .phase())
                .isEqualTo(Phase.GROWING);
        assertThat(told("phalaenopsis", room, opened.plusWeeks(40), new Mark.Bloom(opened, true))
                        .phase())
                .as("an end that was forgotten")
                .isNotEqualTo(Phase.SPIKING);
    }

    @Test
    void atTheEquatorTheSunBringsNoRest() {
        At there = At.room(0, 15, 20);
        for (String kind : List.of("cactus", "sarracenia", "dendrobium-nobile")) {
            assertThat(told(kind, there, NOVEMBER).stretches())
                    .as(kind)
                    .noneMatch(it -> it.phase().rests());
        }
    }

    @Test
    void aMothOrchidsCoolSpellIsCounted() {
        PlantYear year = told("phalaenopsis", At.room(51, 5, 17), LocalDate.of(2026, 10, 20));
        assertThat(year.chill().orElseThrow().nights()).isBetween(15, 35);
        assertThat(year.rest()).as("it is no rest").isEqualTo(RestStanding.NONE);
        assertThat(told("phalaenopsis", At.room(51, 5, 17), LocalDate.of(2026, 7, 20))
                        .chill())
                .isEmpty();
    }

    @Test
    void aRestIsSaidWeeksBefore() {
        At there = At.room(51, 12, 14);
        PlantYear october = told("sarracenia", there, LocalDate.of(2026, 10, 12));
        assertThat(october.rest()).isEqualTo(RestStanding.COMING);
        assertThat(told("sarracenia", there, LocalDate.of(2026, 8, 1)).rest()).isEqualTo(RestStanding.NONE);
    }

    @Test
    void seasonsFollowThePlant() {
        PlantYear tree = told("temperate-bonsai", At.unheated(51, 25), NOVEMBER);
        assertThat(tree.seasons(day -> Season.SUMMER).apply(NOVEMBER)).isEqualTo(Season.WINTER);
        assertThat(tree.seasons(day -> Season.SUMMER).apply(LocalDate.of(2027, 4, 10)))
                .isEqualTo(Season.SPRING);
        assertThat(tree.seasons(day -> Season.SUMMER).apply(LocalDate.of(2027, 7, 10)))
                .isEqualTo(Season.SUMMER);
        assertThat(tree.seasons(day -> Season.SUMMER).apply(LocalDate.of(2027, 9, 15)))
                .isEqualTo(Season.AUTUMN);
        PlantYear always = told("pothos", new At(SUN.year(51), 4, day -> 19, 12), NOVEMBER);
        assertThat(always.seasons(day -> Season.WINTER).apply(NOVEMBER))
                .as("a plant that grows all year has the seasons of the sun")
                .isEqualTo(Season.WINTER);
    }

    static Stream<Profile> kinds() {
        return Years.PLANTS.profiles().stream();
    }

    /** A year of every kind, on both halves of the earth: its phases are few, its rest falls in the dark half, and nothing is fed in it. */
    @ParameterizedTest
    @MethodSource("kinds")
    void aYearOfEveryKind(Profile kind) {
        for (double latitude : new double[] {45, -34}) {
            Sun.Year sun = SUN.year(latitude);
            At there = At.unheated(latitude, 1.3 * kind.dailyLight().low());
            PlantYear year = YEARS.of(kind, sun, there, List.of(), NOVEMBER);
            assertThat(year.stretches().size())
                    .as("%s at %s", kind.id(), latitude)
                    .isBetween(kind.id().equals("hedera") ? 1 : 2, 12);
            assertWhole(year);
            for (Stretch stretch : year.stretches()) {
                if (stretch.phase().rests()) {
                    assertThat(Years.wants(kind, stretch.phase()).feed()).isZero();
                    boolean summer =
                            Years.KNOWLEDGE.of(kind).rest().orElseThrow().summer();
                    assertThat(sun.hours(stretch.from()) < 12.4)
                            .as("its rest begins in its half of the year: %s", kind.id())
                            .isNotEqualTo(summer);
                }
            }
            assertThat(Years.KNOWLEDGE.of(kind).rest().isPresent())
                    .as("what rests, rests once a year: %s at %s", kind.id(), latitude)
                    .isEqualTo(
                            year.stretches().stream().anyMatch(it -> it.phase().rests()));
        }
    }

    private static void assertWhole(PlantYear year) {
        LocalDate end = year.stretches().get(0).from();
        for (Stretch stretch : year.stretches()) {
            assertThat(stretch.from()).isEqualTo(end);
            assertThat(stretch.until()).isAfter(stretch.from());
            end = stretch.until();
        }
        assertThat(year.stretches().get(0).from()).isBeforeOrEqualTo(year.today());
        assertThat(end).isAfter(year.today());
    }

    /** However the weather jumps, and whatever is not read: a phase that nobody saw turn lasts weeks. */
    @Tries(150)
    void noPhaseFlipsTwiceInAWeek(
            @Tries.Between(min = -60, max = 60) double latitude, @Tries.Between(min = 0, max = 1e6) double seed) {
        Random chance = new Random((long) seed);
        List<Profile> all = List.copyOf(Years.PLANTS.profiles());
        Profile kind = all.get(chance.nextInt(all.size()));
        Map<LocalDate, double[]> days = new HashMap<>();
        double mol = 30 * chance.nextDouble();
        double base = 25 * chance.nextDouble();
        Conditions wild =
                new Conditions() {
                    private double[] on(LocalDate day) {
                        return days.computeIfAbsent(day, it -> new double[] {
                            chance.nextDouble(), base + 6 * chance.nextGaussian(), mol * chance.nextDouble()
                        });
                    }

                    private OptionalDouble maybe(LocalDate day, double value) {
                        return on(day)[0] < 0.3 ? OptionalDouble.empty() : OptionalDouble.of(value);
                    }

                    @Override
                    public OptionalDouble light(LocalDate day) {
                        return maybe(day, on(day)[2]);
                    }

                    @Override
                    public OptionalDouble day(LocalDate day) {
                        return maybe(day, on(day)[1] + 5);
                    }

                    @Override
                    public OptionalDouble night(LocalDate day) {
                        return maybe(day, on(day)[1]);
                    }

                    @Override
                    public double lampHours(LocalDate day) {
                        return 0;
                    }
                };
        PlantYear year = YEARS.of(kind, SUN.year(latitude), wild, List.of(), NOVEMBER);
        assertWhole(year);
        List<Stretch> inner = new ArrayList<>(year.stretches());
        inner.remove(0);
        if (!inner.isEmpty()) {
            inner.remove(inner.size() - 1);
        }
        assertThat(inner).allSatisfy(it -> assertThat(it.from().plusDays(21)).isBeforeOrEqualTo(it.until()));
    }
}
