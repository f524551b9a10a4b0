package mildlantern.treatment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Application;
import mildlantern.pest.Conditions;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;

/**
 * Learns from counts how well means work in a house and how fast pests grow there: Bayes' rule on a grid of both, with a log-normal prior
 * round the knowledge base and counts that scatter more than a Poisson count would (negative binomial), because a grower does not see all.
 */
public final class Learning {
    /** How far houses differ from the knowledge base, as a standard deviation of the logarithm: twice or half is two of them. */
    private static final HouseFigures.Figure KILLING = new HouseFigures.Figure(0, 0.35, 0);

    private static final HouseFigures.Figure GROWING = new HouseFigures.Figure(0, 0.25, 0);

    /** Steps of the grid to either side, in halves of a standard deviation. */
    private static final int REACH = 5;

    /** How much counts scatter: the size of a negative binomial. */
    private static final double SIZE = 4;

    private final TreatmentKnowledge knowledge;

    public Learning(TreatmentKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * A course as it really went.
     *
     * @param pest against which
     * @param celsius mean temperature where it ran, °C
     * @param coverage share of the surface that was wetted
     * @param uses what was used on which day, counted from 0
     * @param counts how many were counted on which day, in order; the first before anything was used
     */
    public record Past(DisorderId pest, double celsius, double coverage, List<Used> uses, List<Count> counts) {}

    /** A means on a day. */
    public record Used(int day, String means) {}

    /** How many were counted on a day, before that day's use. */
    public record Count(int day, int number) {}

    /** What all of these tell, in their order. */
    public HouseFigures from(List<Past> courses) {
        HouseFigures figures = HouseFigures.NONE;
        for (Past course : courses) {
            figures = after(figures, course);
        }
        return figures;
    }

    private HouseFigures after(HouseFigures before, Past course) {
        LifeTable pest = knowledge.pests().find(course.pest()).orElse(null);
        if (pest == null || course.counts().size() < 2 || course.counts().get(0).number() <= 0) {
            return before;
        }
        int last = course.counts().get(course.counts().size() - 1).day();
        Set<String> used = new LinkedHashSet<>();
        course.uses().stream().filter(use -> use.day() < last).map(Used::means).forEach(used::add);
        HouseFigures.Figure killing = together(before, used);
        HouseFigures.Figure growing = before.growing().getOrDefault(course.pest(), GROWING);
        int points = 2 * REACH + 1;
        double[] chances = new double[points * points];
        for (int i = 0; i < points; i++) {
            for (int j = 0; j < points; j++) {
                int harder = i - REACH;
                int faster = j - REACH;
                chances[i * points + j] = -0.125 * (harder * harder + faster * faster)
                        + likelihood(
                                course,
                                pest,
                                Math.exp(killing.log() + harder * killing.sd() / 2),
                                Math.exp(growing.log() + faster * growing.sd() / 2));
            }
        }
        // Counts that no figure explains have chances too small for a number; against the likeliest they have one.
        double likeliest = Arrays.stream(chances).max().orElseThrow();
        double[] sums = new double[5];
        for (int i = 0; i < points; i++) {
            for (int j = 0; j < points; j++) {
                double kill = killing.log() + (i - REACH) * killing.sd() / 2;
                double grow = growing.log() + (j - REACH) * growing.sd() / 2;
                double weight = Math.exp(chances[i * points + j] - likeliest);
                sums[0] += weight;
                sums[1] += weight * kill;
                sums[2] += weight * kill * kill;
                sums[3] += weight * grow;
                sums[4] += weight * grow * grow;
            }
        }
        int told = course.counts().size() - 1;
        Map<String, HouseFigures.Figure> kills = new LinkedHashMap<>(before.killing());
        double moved = sums[1] / sums[0] - killing.log();
        double narrower = sd(sums[0], sums[1], sums[2]) / killing.sd();
        for (String means : used) {
            HouseFigures.Figure own = before.killing().getOrDefault(means, KILLING);
            kills.put(means, new HouseFigures.Figure(own.log() + moved, own.sd() * narrower, own.counts() + told));
        }
        Map<DisorderId, HouseFigures.Figure> grows = new LinkedHashMap<>(before.growing());
        grows.put(
                course.pest(),
                new HouseFigures.Figure(sums[3] / sums[0], sd(sums[0], sums[3], sums[4]), growing.counts() + told));
        return new HouseFigures(Map.copyOf(kills), Map.copyOf(grows));
    }

    private static double sd(double weight, double first, double second) {
        double mean = first / weight;
        return Math.sqrt(Math.max(1e-4, second / weight - mean * mean));
    }

    /** Counts tell of all that was used between them at once: what is known of them before is taken together. */
    private static HouseFigures.Figure together(HouseFigures before, Set<String> used) {
        double log = 0;
        double sd = 0;
        for (String means : used) {
            HouseFigures.Figure own = before.killing().getOrDefault(means, KILLING);
            log += own.log() / used.size();
            sd += own.sd() / used.size();
        }
        return new HouseFigures.Figure(log, used.isEmpty() ? KILLING.sd() : sd, 0);
    }

    private double likelihood(Past course, LifeTable pest, double killing, double growing) {
        Map<String, HouseFigures.Figure> all = new LinkedHashMap<>();
        course.uses().forEach(use -> all.put(use.means(), new HouseFigures.Figure(Math.log(killing), 0, 0)));
        HouseFigures tried = new HouseFigures(all, Map.of());
        List<Application> uses = new ArrayList<>();
        course.uses()
                .forEach(use -> knowledge
                        .find(use.means())
                        .ifPresent(means -> uses.add(Application.of(use.day(), knowledge.effect(means, pest, tried)))));
        Count first = course.counts().get(0);
        int last = course.counts().get(course.counts().size() - 1).day();
        PestClock clock = new PestClock(
                pest.laying(growing),
                new Conditions(
                        course.celsius(),
                        course.coverage(),
                        PestClock.startFor(pest, course.celsius(), first.number())));
        double[] expected = clock.noticed(uses, last);
        double sum = 0;
        for (Count count : course.counts().subList(1, course.counts().size())) {
            sum += logChance(count.number(), Math.max(0.02, expected[count.day()]));
        }
        return sum;
    }

    /** Logarithm of the chance of a count where so many are expected (negative binomial), without the part that does not depend on them. */
    private static double logChance(int count, double expected) {
        return count * Math.log(expected / (expected + SIZE)) + SIZE * Math.log(SIZE / (expected + SIZE));
    }
}
