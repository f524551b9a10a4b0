package mildlantern.web.houseplan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mildlantern.plan.Dials;
import mildlantern.plan.HousePlan;
import mildlantern.plan.HousePlanner;
import mildlantern.plan.Household;
import mildlantern.plan.Rivals;
import mildlantern.web.Asking;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.account.AccountService;
import mildlantern.web.care.CareService;
import mildlantern.web.demo.LoadedDemo;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.SignedIn;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What the plan of the demo is worth against simpler ways and the best found in ten minutes, and how long its page takes; part of {@code ./lantern bench}. */
@LanternTest
@Tag("bench")
class DemoPlanMeasured {
    private static final int TIMES = 15;
    private static final double NANOS_A_MILLI = 1e6;

    /** Ten minutes, in the solver's own count. */
    private static final double LONG = 600;

    @Autowired
    private LoadedDemo demo;

    @Autowired
    private MovableClock clock;

    @Autowired
    private Asking asking;

    @Autowired
    private AccountService accounts;

    @Autowired
    private CareService care;

    @Autowired
    private Plants plants;

    @Autowired
    private Households households;

    @Autowired
    private HousePlanner planner;

    @Test
    void thePlanOfTheDemoIsWorthMoreThanSimplerWays() throws Exception {
        clock.moveDays(Integer.getInteger("lantern.bench.days-ahead", 0));
        demo.load();
        SignedIn keeper = (SignedIn) accounts.loadUserByUsername("keeper");
        CollectionId collection = keeper.collection();
        List<Plant> all = plants.plants(collection);
        Household house = households.of(households.house(care.house(collection, all)), all);
        HousePlan plan = planner.plan(house, Dials.OPEN);
        Rivals rivals = new Rivals(planner);
        HousePlan greedy = rivals.greedy(house);
        HousePlan byLine = rivals.oneLineAPlant(house);
        HousePlan longer = rivals.longer(house, LONG);
        List<Long> millis = millis(keeper);
        print(
                "plan of the demo on %s, %d plants at %d stops: as it is %.1f, one line a plant %.1f, greedy %.1f, plan %.2f"
                        + " (%d moves, within %.2f %%), best found in ten minutes %.2f (within %.2f %%); its page %d ms in the median of %d, longest %d ms",
                LocalDate.now(clock),
                all.size(),
                house.spots().size(),
                rivals.asItIs(house).cost(),
                byLine.cost(),
                greedy.cost(),
                plan.cost(),
                plan.moves().size(),
                100 * plan.gap(),
                longer.cost(),
                100 * longer.gap(),
                millis.get(TIMES / 2),
                TIMES,
                millis.get(TIMES - 1));
        assertThat(plan.cost()).isLessThanOrEqualTo(Math.min(byLine.cost(), greedy.cost()));
    }

    /** How long its page takes, from the shortest to the longest. */
    private List<Long> millis(SignedIn keeper) throws Exception {
        List<Long> millis = new ArrayList<>();
        asking.text(keeper, "/care/plan");
        for (int i = 0; i < TIMES; i++) {
            long start = System.nanoTime();
            assertThat(asking.text(keeper, "/care/plan?moves=" + (8 + i))).contains("</html>");
            millis.add(Math.round((System.nanoTime() - start) / NANOS_A_MILLI));
        }
        millis.sort(null);
        return millis;
    }

    private static void print(String text, Object... figures) throws IOException {
        Files.writeString(
                Path.of(System.getProperty("lantern.bench.out", "target/plan-of-the-demo.txt")),
                String.format(Locale.ROOT, text + "%n", figures));
    }
}
