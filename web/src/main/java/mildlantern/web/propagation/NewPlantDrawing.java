package mildlantern.web.propagation;

import java.util.List;
import mildlantern.propagation.Way;

/** Draws where a new plant is taken from its mother, with the line of the cut. The ground lies at 0, the top at −100. */
final class NewPlantDrawing {
    private static final Stroke GROUND = new Stroke("ground", "M-55 0H55");
    private static final Stroke STEM = new Stroke("wood", "M0 0V-92");
    private static final Stroke ROSETTE = new Stroke(
            "leaf",
            "M0 -6q-34 -4 -46 -34q34 4 46 34M0 -6q34 -4 46 -34q-34 4 -46 34M0 -6q-22 -24 -18 -56q20 20 18 56M0 -6q22 -24 18 -56q-20 20 -18 56");

    private NewPlantDrawing() {}

    /** One line or shape of the drawing, and its style. */
    record Stroke(String look, String path) {}

    /** The strokes of the drawing, from the lowest. */
    static List<Stroke> of(Way way) {
        return switch (way) {
            case DIVISION ->
                List.of(
                        GROUND,
                        clump(-24),
                        clump(24),
                        new Stroke("joint", "M-40 2q14 16 34 12M40 2q-14 16 -34 12M-20 2q4 12 14 10M20 2q-4 12 -14 10"),
                        new Stroke("cut", "M0 -70V18"));
            case OFFSET ->
                List.of(
                        GROUND,
                        new Stroke("leaf", "M-14 -4q-26 -20 -26 -62q24 24 26 62M-14 -4q-4 -40 10 -78q12 40 -10 78"),
                        new Stroke("bud", "M24 -2q-12 -12 -8 -34q12 10 8 34M24 -2q12 -12 16 -30q-16 6 -16 30"),
                        new Stroke("cut", "M6 -16L14 6"));
            case PLANTLET ->
                List.of(
                        GROUND,
                        new Stroke("leaf", "M-18 0q-24 -10 -30 -34q26 8 30 34M-18 0q20 -10 24 -30q-22 6 -24 30"),
                        new Stroke("spike", "M-16 0C-14 -50 0 -80 34 -60"),
                        new Stroke("bud", "M36 -60q-4 18 -16 24q0 -16 16 -24M36 -60q10 14 22 16q-4 -16 -22 -16"),
                        new Stroke("joint", "M34 -56v18M38 -56q4 10 2 18"),
                        new Stroke("cut", "M14 -88L24 -62"));
            case BEHEAD ->
                List.of(
                        GROUND,
                        new Stroke("wood", "M0 0V-58"),
                        new Stroke(
                                "leaf",
                                "M0 -58q-32 -2 -40 -22q30 -2 40 22M0 -58q32 -2 40 -22q-30 -2 -40 22M0 -58q-16 -22 0 -42q16 20 0 42"),
                        new Stroke("cut", "M-22 -34H22"));
            case TIP_CUTTING, IN_WATER ->
                List.of(
                        GROUND,
                        STEM,
                        leaves(-30),
                        leaves(-52),
                        leaves(-74),
                        leaves(-90),
                        new Stroke("cut", "M-22 -46H22"));
            case STEM_CUTTING ->
                List.of(
                        GROUND,
                        STEM,
                        leaves(-30),
                        leaves(-52),
                        leaves(-74),
                        new Stroke("cut", "M-22 -38H22"),
                        new Stroke("cut", "M-22 -64H22"));
            case LEAF_CUTTING ->
                List.of(
                        GROUND,
                        ROSETTE,
                        new Stroke("cut", "M10 -24L30 -10"),
                        new Stroke("here", "M40 -30L52 -22M46 -32L52 -22L42 -19"));
            case AIR_LAYER ->
                List.of(
                        GROUND,
                        STEM,
                        leaves(-74),
                        leaves(-90),
                        new Stroke("moss", "M-16 -56q16 -14 32 0q4 14 -2 24q-14 10 -28 0q-6 -10 -2 -24Z"),
                        new Stroke("cut", "M-9 -48H9M-9 -40H9"));
            case SEED ->
                List.of(
                        GROUND,
                        new Stroke("bud", "M0 -2q-10 -8 -14 -20q14 2 14 20M0 -2q10 -8 14 -20q-14 2 -14 20"),
                        new Stroke("joint", "M0 0v14M-3 6h-8M3 9h9"));
        };
    }

    private static Stroke clump(int x) {
        return new Stroke(
                "leaf",
                "M" + x + " 0q-20 -22 -20 -58q18 22 20 58M" + x + " 0q20 -22 20 -58q-18 22 -20 58M" + x
                        + " 0q-8 -36 0 -68q8 32 0 68");
    }

    private static Stroke leaves(int y) {
        return new Stroke("leaf", "M0 " + y + "q-22 2 -34 -12q24 -6 34 12M0 " + y + "q22 2 34 -12q-24 -6 -34 12");
    }
}
