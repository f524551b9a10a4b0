package mildlantern.web.handwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mildlantern.handwork.CutAim;
import mildlantern.handwork.CutDeed;
import mildlantern.handwork.CutState;
import mildlantern.handwork.Wood;

/** Draws what is cut: a branch, canes, a sheath or a stem that has flowered, with the line of the cut. The ground lies at 0, the top at −100. */
final class CutDrawing {
    private static final double TALL = 100;

    /** Heights of the buds on a branch, from below; they look left and right in turn. */
    private static final double[] BUDS = {8, 18, 30, 42, 54, 67, 79, 91};

    private static final double BUD = 6;

    /** Heights of the side twigs of a branch; they leave to the right and the left in turn. */
    private static final double[] SIDES = {24, 48, 72};

    private final List<Stroke> strokes = new ArrayList<>();
    private final CutState state;
    private final CutDeed deed;

    private CutDrawing(CutState state, CutDeed deed) {
        this.state = state;
        this.deed = deed;
    }

    /** One line or shape of the drawing, and its style. */
    record Stroke(String look, String path) {}

    /**
     * The strokes of the drawing, from the lowest.
     *
     * @param steps the heights at which a twig is tested, as shares of its length
     */
    static List<Stroke> of(CutState state, CutDeed deed, List<Double> steps) {
        CutDrawing drawing = new CutDrawing(state, deed);
        drawing.add("ground", "M-55 0H55");
        if (state.aim() == CutAim.CANES || state.aim() == CutAim.SHEATHS) {
            drawing.canes();
        } else if (state.aim() == CutAim.FLOWERED) {
            drawing.stem();
        } else {
            drawing.branch(steps);
        }
        return List.copyOf(drawing.strokes);
    }

    private void add(String look, String path, Object... numbers) {
        strokes.add(new Stroke(look, String.format(Locale.ROOT, path, numbers)));
    }

    private void branch(List<Double> steps) {
        boolean twig = state.aim() == CutAim.TWIGS;
        double dead = twig ? deadFrom(steps) : TALL;
        add("wood", "M0 0V%.1f", -dead);
        if (dead < TALL) {
            add("dry-wood", "M0 %.1fV%.1f", -dead, -TALL);
        }
        for (int i = 0; i < SIDES.length; i++) {
            double side = i % 2 == 0 ? 1 : -1;
            add(SIDES[i] <= dead ? "wood side" : "dry-wood side", "M0 %.1fl%.1f -20", -SIDES[i], side * 24);
        }
        for (int i = 0; i < BUDS.length; i++) {
            double side = i % 2 == 0 ? 1 : -1;
            boolean alive = BUDS[i] <= dead;
            if (twig) {
                add(
                        alive ? "bud" : "dead-bud",
                        "M0 %.1fq%.1f -1 %.1f -7q%.1f 1 %.1f 5Z",
                        -BUDS[i],
                        side * BUD,
                        side * BUD,
                        -side * 4,
                        -side * BUD);
            } else {
                add(
                        "leaf",
                        "M0 %.1fq%.1f -14 %.1f -18q%.1f 12 %.1f 18",
                        -BUDS[i],
                        side * 6,
                        side * 24,
                        -side * 2,
                        -side * 24);
            }
        }
        if (twig) {
            tested(steps);
        }
        switch (deed.place()) {
            case ABOVE_BUD, ABOVE_JOINT, TIP -> cutAt(cutHeight(dead));
            case AT_GROUND, AT_BASE -> add("cut", "M-26 -3H26");
            case NONE, INTO_SOUND, ALONG -> {
                // Nothing is cut of a branch there.
            }
        }
    }

    /** From where on the twig is taken to be dead: below the lowest brown test. */
    private double deadFrom(List<Double> steps) {
        int brown = 0;
        while (brown < state.twig().size() && state.twig().get(brown) == Wood.BROWN) {
            brown++;
        }
        if (brown == 0) {
            return TALL;
        }
        double lowest = steps.get(brown - 1);
        boolean below = brown < state.twig().size();
        return TALL * (below ? (lowest + steps.get(brown)) / 2 : Math.max(0, lowest - 0.05));
    }

    private void tested(List<Double> steps) {
        for (int i = 0; i < state.twig().size(); i++) {
            double at = -TALL * steps.get(i);
            add(state.twig().get(i) == Wood.GREEN ? "scratch-green" : "scratch-brown", "M-7 %.1fH7", at);
        }
        if (deed.deed() == CutDeed.Deed.TEST) {
            double at = -TALL * deed.height().orElse(1);
            add("here", "M34 %1$.1fH12M18 %2$.1fL12 %1$.1fL18 %3$.1f", at, at - 5, at + 5);
        }
    }

    /** Just above the first living bud at or below where it is to be cut. */
    private double cutHeight(double dead) {
        double wanted = deed.place() == CutDeed.Place.TIP
                ? BUDS[BUDS.length - 1]
                : state.aim() == CutAim.TWIGS
                        ? Math.min(dead, TALL * deed.height().orElse(1))
                        : TALL * (1 - deed.share());
        double bud = BUDS[0];
        for (double one : BUDS) {
            if (one <= wanted) {
                bud = one;
            }
        }
        return bud + 3;
    }

    private void cutAt(double height) {
        boolean slanting = deed.place() == CutDeed.Place.ABOVE_BUD;
        add("cut", "M-22 %.1fL22 %.1f", -height + (slanting ? 6 : 0), -height - (slanting ? 6 : 0));
    }

    private void canes() {
        String[] looks = {"cane", caneLook(), "cane"};
        for (int i = 0; i < looks.length; i++) {
            double x = (i - 1) * 26;
            add(looks[i], "M%.1f 0q-5 -34 -2 -70q3 -8 6 0q4 36 4 70Z", x - 4);
            for (int joint = 1; joint < 5; joint++) {
                add("joint", "M%.1f %.1fh9", x - 6, -14.0 * joint);
            }
            boolean leafy = i != 1 || state.part() == CutState.Part.GREEN_LEAFY;
            if (leafy && state.aim() == CutAim.CANES) {
                add("leaf", "M%.1f -66q16 -14 20 -30q-20 6 -20 30M%.1f -66q-14 -12 -18 -28q18 4 18 28", x, x);
            }
        }
        if (state.aim() == CutAim.SHEATHS) {
            add(state.part() == CutState.Part.DRY ? "paper" : "leaf", "M-9 -8q-3 -26 0 -52q10 -6 16 0q2 26 -1 52Z");
            if (deed.deed() == CutDeed.Deed.STRIP) {
                add("cut", "M0 -60V-8M2 -30H30M24 -36L31 -30L24 -24");
            }
        } else if (deed.deed().cuts()) {
            add("cut", "M-13 -3H15");
        }
    }

    private String caneLook() {
        return switch (state.part()) {
            case GREEN_LEAFY, GREEN_BARE -> "cane";
            case SHRIVELLED -> "cane thin";
            case YELLOW -> "yellow";
            case DRY -> "dead";
            case SOFT -> "rotten";
        };
    }

    private void stem() {
        boolean green = state.part() == CutState.Part.GREEN_LEAFY || state.part() == CutState.Part.GREEN_BARE;
        add("leaf", "M0 0q-34 -6 -46 -24q30 -4 46 24M0 0q34 -6 46 -24q-30 -4 -46 24");
        add(green ? "spike" : "dry-wood", "M0 0C4 -40 -2 -66 26 -96");
        for (double[] joint : new double[][] {{1.6, -24}, {2, -42}, {4, -60}, {12, -78}}) {
            add("joint", "M%.1f %.1fh9", joint[0] - 4.5, joint[1]);
        }
        if (deed.place() == CutDeed.Place.ABOVE_JOINT) {
            add("cut", "M-18 -46H24");
        } else if (deed.deed().cuts()) {
            add("cut", "M-20 -5H22");
        }
    }
}
