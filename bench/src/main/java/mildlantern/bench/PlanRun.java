package mildlantern.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Needs;
import mildlantern.light.Daylight;
import mildlantern.nutrition.Waters;
import mildlantern.place.Moves;
import mildlantern.plan.Dials;
import mildlantern.plan.HousePlan;
import mildlantern.plan.HousePlanner;
import mildlantern.plan.Household;
import mildlantern.plan.MadeUpHouse;
import mildlantern.plan.PlanKnowledge;
import mildlantern.plan.Rivals;
import mildlantern.plant.PlantKnowledge;
import mildlantern.season.YearKnowledge;

/** Prints what the plan of a house is worth against simpler ways, how near it is to the best, and how long it takes, on made-up houses. */
public final class PlanRun {
    private static final int HOUSES = 20;
    private static final int PLANTS = 46;
    private static final int STOPS = 9;
    private static final long SEED = 20_261_129L;
    private static final double NANOS_A_MILLI = 1e6;

    /** Ten minutes, in the solver's own count. */
    private static final double LONG = 600;

    private PlanRun() {}

    public static void main(String[] arguments) {
        PlantKnowledge plants = PlantKnowledge.load();
        CareKnowledge care = CareKnowledge.load();
        HousePlanner planner = new HousePlanner(
                PlanKnowledge.load(), care, new Needs(care, Waters.load()), Moves.load(Daylight.load()));
        MadeUpHouse houses = new MadeUpHouse(plants, YearKnowledge.load(plants));
        Rivals rivals = new Rivals(planner);
        List<Double> millis = new ArrayList<>();
        double now = 0;
        double byLine = 0;
        double greedy = 0;
        double planned = 0;
        double moves = 0;
        double worst = 0;
        double hardestCost = 0;
        Household hardest = houses.draw(new Random(SEED), PLANTS, STOPS, true);
        for (int i = 0; i < HOUSES; i++) {
            Household house = houses.draw(new Random(SEED + i), PLANTS, STOPS, i % 2 == 0);
            long start = System.nanoTime();
            HousePlan plan = planner.plan(house, Dials.OPEN);
            millis.add((System.nanoTime() - start) / NANOS_A_MILLI);
            now += rivals.asItIs(house).cost();
            byLine += rivals.oneLineAPlant(house).cost();
            greedy += rivals.greedy(house).cost();
            planned += plan.cost();
            moves += plan.moves().size();
            if (plan.gap() >= worst) {
                worst = plan.gap();
                hardest = house;
                hardestCost = plan.cost();
            }
        }
        millis.sort(null);
        System.out.printf("plan of a house: %d made-up houses of %d plants at %d stops%n", HOUSES, PLANTS, STOPS);
        System.out.printf(
                Locale.ROOT,
                "misses and costs a house: as it is %.1f, one line a plant %.1f, greedy %.1f, plan %.1f (%.0f moves); worst proven gap %.1f %%%n",
                now / HOUSES,
                byLine / HOUSES,
                greedy / HOUSES,
                planned / HOUSES,
                moves / HOUSES,
                worst * 100);
        System.out.printf(
                Locale.ROOT, "time: median %.0f ms, longest %.0f ms%n", millis.get(HOUSES / 2), millis.get(HOUSES - 1));
        large(planner, houses, 500, 30);
        large(planner, houses, 3000, 60);
        HousePlan longer = rivals.longer(hardest, LONG);
        System.out.printf(
                Locale.ROOT,
                "the hardest of them: the plan costs %.2f, the best found with the time of ten minutes %.2f (%.1f %% less; proven within %.1f %%)%n",
                hardestCost,
                longer.cost(),
                100 * (hardestCost - longer.cost()) / hardestCost,
                100 * longer.gap());
    }

    /** A house that is planned while nobody waits. */
    private static void large(HousePlanner planner, MadeUpHouse houses, int plants, int stops) {
        for (int i = 0; i < 2; i++) {
            Household house = houses.draw(new Random(SEED + i), plants, stops, i % 2 == 0);
            long start = System.nanoTime();
            HousePlan plan = planner.plan(house, Dials.OPEN);
            System.out.printf(
                    Locale.ROOT,
                    "%d plants at %d stops: %.1f s, within %.1f %% of the best%n",
                    plants,
                    stops,
                    (System.nanoTime() - start) / NANOS_A_MILLI / 1000,
                    plan.gap() * 100);
        }
    }
}
