package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import mildlantern.knowledge.FindingId;

/**
 * Whether probabilities mean what they say: of the causes that were given 60 to 80 %, are 60 to 80 % truly there?
 *
 * @param bands the bands, the lowest first
 */
public record Calibration(List<Band> bands) {
    /**
     * Causes whose probability fell into one band.
     *
     * @param low lower edge of the band, 0 to 1
     * @param high its upper edge
     * @param causes how many causes fell into it
     * @param said mean of the probabilities that they were given
     * @param were share of them that was truly there
     */
    public record Band(double low, double high, int causes, double said, double were) {}

    private static final double[] EDGES = {0, 0.05, 0.2, 0.4, 0.6, 0.8, 1};

    /**
     * Draws plants in trouble, takes some looks at random on each, and compares what is said with what is true.
     *
     * @param plants where the plants come from
     * @param diagnosis what is examined
     * @param number how many plants, 1 or more
     * @param looks how many looks on each
     * @param seed the same seed gives the same plants and looks
     */
    public static Calibration of(MadeUpPlants plants, Diagnosis diagnosis, int number, int looks, long seed) {
        Random chance = new Random(seed);
        int bandCount = EDGES.length - 1;
        int[] causes = new int[bandCount];
        int[] there = new int[bandCount];
        double[] said = new double[bandCount];
        for (int i = 0; i < number; i++) {
            MadeUpPlants.MadeUp plant = plants.draw(chance);
            List<Map.Entry<FindingId, String>> all =
                    new ArrayList<>(plant.findings().entrySet());
            Collections.shuffle(all, chance);
            Evidence evidence = Evidence.NONE;
            for (Map.Entry<FindingId, String> look : all.subList(0, Math.min(looks, all.size()))) {
                evidence = evidence.with(look.getKey(), look.getValue());
            }
            for (Cause cause : diagnosis.consider(plant.record(), evidence).ladder()) {
                int band = band(cause.probability());
                causes[band]++;
                said[band] += cause.probability();
                there[band] += plant.causes().contains(cause.disorder().id()) ? 1 : 0;
            }
        }
        List<Band> bands = new ArrayList<>();
        for (int b = 0; b < bandCount; b++) {
            bands.add(new Band(
                    EDGES[b],
                    EDGES[b + 1],
                    causes[b],
                    said[b] / Math.max(1, causes[b]),
                    there[b] / (double) Math.max(1, causes[b])));
        }
        return new Calibration(List.copyOf(bands));
    }

    private static int band(double probability) {
        int band = 0;
        while (band < EDGES.length - 2 && probability >= EDGES[band + 1]) {
            band++;
        }
        return band;
    }
}
