package mildlantern.nutrition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import mildlantern.Tries;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.WaterSource;
import mildlantern.plant.WaterWant;
import org.junit.jupiter.api.Test;

/** What goes into a pot is taken up, washed out or still there; hard water and feed without a flush add up. */
class PotAccountTest {
    private static final PotAccount ACCOUNT = PotAccount.load();
    private static final LocalDate POTTED = LocalDate.of(2024, 3, 1);

    private static PotAccount.Pot pot(String medium, WaterWant wants) {
        return new PotAccount.Pot(900, 450, 600, medium, wants, 1);
    }

    private static PotAccount.Gift gift(LocalDate on, double ml, WaterSource water, double mgNitrogen) {
        return new PotAccount.Gift(on, ml, ACCOUNT.usualSalts(water), mgNitrogen, OptionalDouble.empty());
    }

    /** Water every so many days, every third time with feed, for two years. */
    private static List<PotAccount.Gift> twoYears(int every, WaterSource water, double mgNitrogen, double ml) {
        List<PotAccount.Gift> gifts = new ArrayList<>();
        for (int i = 0; i * every < 730; i++) {
            gifts.add(gift(POTTED.plusDays((long) i * every), ml, water, i % 3 == 2 ? mgNitrogen : 0));
        }
        return gifts;
    }

    private static PotAccount.Balance after(PotAccount.Pot pot, List<PotAccount.Gift> gifts, int days) {
        return ACCOUNT.keep(
                pot, gifts, POTTED, POTTED.plusDays(days), day -> day.getMonthValue() >= 3 && day.getMonthValue() <= 9);
    }

    private static void balances(PotAccount.Flow flow) {
        assertThat(flow.taken() + flow.washed() + flow.left())
                .isCloseTo(flow.given(), within(1e-9 * Math.max(1, flow.given())));
        assertThat(flow.taken()).isNotNegative();
        assertThat(flow.washed()).isNotNegative();
        assertThat(flow.left()).isNotNegative();
    }

    @Test
    void twoYearsBalanceToTheLastDigit() {
        PotAccount.Balance balance =
                after(pot("peat-mix", WaterWant.ANY), twoYears(6, WaterSource.HARD_TAP, 100, 0), 730);
        balances(balance.nitrogen());
        balances(balance.salts());
    }

    /** One watering on the first day, by hand: 585 mL of room, 700 mL given, 115 of 1015 mL run out. */
    @Test
    void oneFeedByHand() {
        PotAccount.Balance balance = ACCOUNT.keep(
                new PotAccount.Pot(900, 315, 0, "leca", WaterWant.ANY, 1),
                List.of(gift(POTTED, 700, WaterSource.DISTILLED, 100)),
                POTTED,
                POTTED,
                day -> true);
        assertThat(balance.nitrogen().given()).isCloseTo(70, within(1e-9));
        assertThat(balance.nitrogen().washed()).isCloseTo(70 * 115.0 / 1015, within(1e-9));
        assertThat(balance.nitrogenPerLitre()).isCloseTo((70 - 70 * 115.0 / 1015) / 0.9, within(1e-9));
        assertThat(balance.salts().given()).isCloseTo(70 * 3.5 + 2 * 0.7, within(1e-9));
    }

    @Test
    void aBigPlantLongUnfedHasNothingLeft() {
        PotAccount.Balance unfed = after(pot("peat-mix", WaterWant.ANY), twoYears(6, WaterSource.RAIN, 0, 0), 500);
        assertThat(unfed.nitrogenPerLitre()).isLessThan(4);
        assertThat(unfed.hungry()).isTrue();
        assertThat(after(pot("peat-mix", WaterWant.ANY), twoYears(6, WaterSource.RAIN, 150, 0), 500)
                        .hungry())
                .isFalse();
        assertThat(after(pot("peat-mix", WaterWant.ANY), twoYears(6, WaterSource.RAIN, 0, 0), 670)
                        .hungry())
                .as("at rest")
                .isFalse();
    }

    @Test
    void hardWaterAndNoRunOffMakeAPotSalty_andAFlushClearsIt() {
        List<PotAccount.Gift> sparing = twoYears(6, WaterSource.HARD_TAP, 60, 440);
        PotAccount.Balance salty = after(pot("bark", WaterWant.SOFT), sparing, 300);
        assertThat(salty.flushDue()).isTrue();
        List<PotAccount.Gift> flushed = new ArrayList<>(sparing);
        flushed.removeIf(gift -> gift.on().isAfter(POTTED.plusDays(299)));
        flushed.add(gift(POTTED.plusDays(300), 2700, WaterSource.RAIN, 0));
        PotAccount.Balance after = after(pot("bark", WaterWant.SOFT), flushed, 300);
        assertThat(after.conductivity()).isLessThan(0.5 * salty.conductivity());
        assertThat(after(pot("bark", WaterWant.SOFT), twoYears(6, WaterSource.RAIN, 60, 1100), 300)
                        .flushDue())
                .isFalse();
    }

    @Tries(60)
    void nothingIsLostWhateverIsGiven(
            @Tries.Between(min = 1, max = 20) int every,
            @Tries.Between(min = 0, max = 400) double nitrogen,
            @Tries.Between(min = 0, max = 3000) double ml,
            WaterSource water) {
        PotAccount.Balance balance = after(pot("coir-mix", WaterWant.ANY), twoYears(every, water, nitrogen, ml), 400);
        balances(balance.nitrogen());
        balances(balance.salts());
    }

    /** 4 g of 12 % hold 480 mg nitrogen; after half their months at 21 °C half of it is in the account, and it balances. */
    @Test
    void granulesFreeTheirFoodByWarmthAndTheAccountBalances() {
        PotAccount.Laid laid = new PotAccount.Laid(POTTED, 480, 8);
        PotAccount.Balance half = ACCOUNT.keep(
                pot("leca", WaterWant.ANY),
                List.of(),
                List.of(laid),
                day -> 21,
                POTTED,
                POTTED.plusDays(121),
                day -> true);
        PotAccount.Balance cold = ACCOUNT.keep(
                pot("leca", WaterWant.ANY),
                List.of(),
                List.of(laid),
                day -> 11,
                POTTED,
                POTTED.plusDays(121),
                day -> true);
        PotAccount.Balance all = ACCOUNT.keep(
                pot("leca", WaterWant.ANY),
                List.of(),
                List.of(laid),
                day -> 25,
                POTTED,
                POTTED.plusDays(700),
                day -> true);

        assertThat(half.nitrogen().given()).isCloseTo(240, within(4.0));
        assertThat(cold.nitrogen().given()).isCloseTo(120, within(2.0));
        assertThat(all.nitrogen().given()).isCloseTo(480, within(1e-6));
        balances(half.nitrogen());
        balances(all.nitrogen());
        balances(all.salts());
    }

    @Test
    void aFeedBringsTheSaltsThatItsLabelTells() {
        FeedPlan feeds = FeedPlan.load();
        // 1 g of 20-20-20 in a litre is 200 mg N and 1.0 mS/cm, which is 640 mg/L: 3.2 mg a mg.
        assertThat(ACCOUNT.saltsPerNitrogen(feeds.product("balanced-powder").orElseThrow())
                        .orElseThrow())
                .isCloseTo(3.2, within(0.01));
        assertThat(ACCOUNT.saltsPerNitrogen(feeds.product("orchid-powder").orElseThrow())
                        .orElseThrow())
                .isCloseTo(1.15 * 640 / 130, within(0.01));
        assertThat(ACCOUNT.saltsPerNitrogen(feeds.product("bitter-salt").orElseThrow()))
                .as("without nitrogen there is no such share")
                .isEmpty();
    }

    @Test
    void aSlowKindTakesASmallShare_soThatTheSameFeedLeavesMore() {
        PlantKnowledge plants = PlantKnowledge.load();
        double cactus = ACCOUNT.appetite(plants.profile("cactus").orElseThrow());
        double pothos = ACCOUNT.appetite(plants.profile("pothos").orElseThrow());
        assertThat(pothos / cactus).isBetween(2.5, 5.0);
        List<PotAccount.Gift> gifts = twoYears(7, WaterSource.RAIN, 60, 0);
        assertThat(after(new PotAccount.Pot(900, 450, 600, "mineral", WaterWant.ANY, cactus), gifts, 200)
                        .nitrogenPerLitre())
                .isGreaterThan(after(new PotAccount.Pot(900, 450, 600, "mineral", WaterWant.ANY, pothos), gifts, 200)
                        .nitrogenPerLitre());
    }
}
