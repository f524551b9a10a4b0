package mildlantern.web.handwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mildlantern.handwork.Damage;
import mildlantern.handwork.LeafDeed;
import mildlantern.handwork.LeafState;
import mildlantern.plant.GrowthForm;

/** Draws one leaf of a kind with its damage and the line of the cut. Its base lies at the origin, its tip at −100. */
final class LeafDrawing {
    /** Where the one spot sits that is cut out, and how it grows. */
    private static final double SPOT = 60;

    private static final double SPOT_SIZE = 18;

    /** How far outside the dead part a cut into sound tissue goes. */
    private static final double MARGIN = 8;

    /** How much of the dead margin is left: a thread. */
    private static final double THREAD = 0.03;

    /** How far into the dead part the new tip reaches. */
    private static final double NEW_TIP = 0.45;

    private LeafDrawing() {}

    /**
     * One path of the drawing, in the order in which they lie on each other.
     *
     * @param look its style
     * @param path its path
     * @param scale about the base of the leaf
     * @param above only what lies further from the base than this is shown; a value below the base shows all
     */
    record Layer(String look, String path, String scale, double above) {
        static Layer of(String look, String path) {
            return new Layer(look, path, "1", -20);
        }
    }

    /** The layers of the drawing, from the lowest. */
    static List<Layer> of(GrowthForm form, LeafState leaf, LeafDeed deed) {
        LeafShape shape = LeafShape.of(form);
        String outline = shape.path();
        double dead = 1 - leaf.green();
        List<Layer> layers = new ArrayList<>();
        layers.add(Layer.of("stalk", "M0 0V18"));
        layers.add(Layer.of(
                leaf.damage() == Damage.YELLOW ? "yellow" : leaf.damage() == Damage.DRY ? "dead" : "green", outline));
        double deadFrom = LeafShape.TIP * (1 - Math.max(0.08, Math.min(0.9, dead)));
        double inner = Math.max(0.45, 1 - Math.max(0.08, dead) / 2);
        switch (leaf.damage()) {
            case DRY_TIP -> layers.add(new Layer("dead", outline, "1", deadFrom));
            case DRY_EDGE -> {
                layers.add(Layer.of("dead", outline));
                layers.add(new Layer("green", outline, number(inner), -20));
            }
            case OLD_SCAR -> layers.add(Layer.of("dead", blotch(0, 55, 8 + 16 * dead)));
            case SPOTS ->
                spots(dead, deed.deed() == LeafDeed.Deed.CUT_OUT).forEach(spot -> layers.add(Layer.of("dead", spot)));
            case TUNNELS -> layers.add(Layer.of("tunnel", "M-8 -20C12 -28 -14 -40 6 -48S-10 -62 4 -72"));
            case SOFT -> layers.add(Layer.of("soft", blotch(0, 22, 10 + 10 * dead)));
            case YELLOW, DRY -> {
                // The leaf itself is.
            }
        }
        cut(shape, leaf, deed, deadFrom, inner, layers);
        return List.copyOf(layers);
    }

    private static void cut(
            LeafShape shape, LeafState leaf, LeafDeed deed, double deadFrom, double inner, List<Layer> layers) {
        switch (deed.cut()) {
            case NONE -> {
                // It stays as it is.
            }
            case ALONG_SHAPE ->
                layers.add(
                        leaf.damage() == Damage.DRY_TIP
                                ? Layer.of("cut", newTip(shape, deadFrom))
                                : new Layer("cut", shape.path(), number(Math.min(0.99, inner + THREAD)), 2));
            case INTO_SOUND ->
                layers.add(Layer.of(
                        "cut",
                        leaf.damage() == Damage.SOFT
                                ? blotch(0, 22, 10 + 10 * (1 - leaf.green()) + MARGIN)
                                : blotch(0, SPOT, SPOT_SIZE * (1 - leaf.green()) + 4 + MARGIN)));
            case AT_BASE, AT_SHEATH -> layers.add(Layer.of("cut", "M-20 2H20"));
            case AT_STEM -> layers.add(Layer.of("cut", "M-16 14H16"));
            case AT_GROUND -> layers.add(Layer.of("cut", "M-20 18H20"));
            case SIDEWAYS -> layers.add(Layer.of("cut", "M8 6C26 8 34 -2 36 -12M29 -6L36 -12L42 -4"));
            case TRAP_ALONE -> layers.add(Layer.of("cut", "M-16 6H16"));
        }
    }

    /** From edge to edge, pointed like the leaf, a thread above what is green. */
    private static String newTip(LeafShape shape, double deadFrom) {
        double from = deadFrom + LeafShape.TIP * THREAD;
        double half = shape.half(from) + 2;
        return String.format(
                Locale.ROOT,
                "M%1$.1f %2$.1fL0 %3$.1fL%4$.1f %2$.1f",
                -half,
                -from,
                -(deadFrom + NEW_TIP * (LeafShape.TIP - deadFrom)),
                half);
    }

    private static List<String> spots(double dead, boolean one) {
        if (one) {
            return List.of(blotch(0, SPOT, SPOT_SIZE * dead + 4));
        }
        double size = 2.5 + 5 * dead;
        return List.of(
                blotch(-6, 30, size),
                blotch(7, 42, size),
                blotch(-4, 56, size),
                blotch(6, 68, size),
                blotch(0, 80, size * 0.7));
    }

    private static String blotch(double x, double up, double size) {
        return String.format(
                Locale.ROOT,
                "M%1$.1f %2$.1fa%3$.1f %4$.1f 0 1 0 %5$.1f 0a%3$.1f %4$.1f 0 1 0 -%5$.1f 0Z",
                x - size * 0.7,
                -up,
                size * 0.7,
                size,
                size * 1.4);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }
}
