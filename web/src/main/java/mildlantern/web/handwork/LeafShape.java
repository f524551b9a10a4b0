package mildlantern.web.handwork;

import java.util.Locale;
import mildlantern.plant.GrowthForm;

/** The outline of a leaf as it is drawn: two edges alike, each a curve of the third degree from the base at 0 to the tip at 100. */
enum LeafShape {
    STRAP(new double[] {5, 15, 16, 0}, new double[] {0, 30, 70, LeafShape.TIP}),
    BLADE(new double[] {3, 42, 44, 0}, new double[] {0, 12, 62, LeafShape.TIP}),
    FLESHY(new double[] {10, 26, 30, 0}, new double[] {0, 24, 66, LeafShape.TIP}),
    /** A pitcher: narrow below, wide at its mouth. */
    TUBE(new double[] {4, 8, 30, 0}, new double[] {0, 40, 96, LeafShape.TIP}),
    /** A frond, whose edges are cut in; the curve goes round its leaflets. */
    FROND(new double[] {2, 40, 34, 0}, new double[] {0, 8, 62, LeafShape.TIP});

    static final double TIP = 100;

    private static final String LEAFLETS =
            "M0 0L-26 -14L-6 -16L-32 -32L-6 -34L-30 -52L-5 -52L-24 -70L-4 -70L0 -100L4 -70L24 -70L5 -52L30 -52L6 -34L32 -32L6 -16L26 -14Z";

    private final double[] wide;
    private final double[] high;

    LeafShape(double[] wide, double[] high) {
        this.wide = wide;
        this.high = high;
    }

    static LeafShape of(GrowthForm form) {
        return switch (form) {
            case SINGLE_CROWN_ORCHID, CANED_ORCHID, TANK_ROSETTE, AIR_PLANT, UPRIGHT_SWORDS -> STRAP;
            case FERN -> FROND;
            case UPRIGHT_PITCHER, HANGING_PITCHER, SNAP_TRAP_ROSETTE -> TUBE;
            case FLESHY_ROSETTE, COLUMNAR_CACTUS, FLAT_STICKY_ROSETTE -> FLESHY;
            case BONSAI, DOWNY_ROSETTE, LEAFY_STEM, LEAFY_CLUMP, SMALL_TREE, CLIMBER -> BLADE;
        };
    }

    /** The outline as a path, upwards. */
    String path() {
        return this == FROND
                ? LEAFLETS
                : String.format(
                        Locale.ROOT,
                        "M-%1$.0f 0C-%2$.0f -%3$.0f -%4$.0f -%5$.0f 0 -%6$.0fC%4$.0f -%5$.0f %2$.0f -%3$.0f %1$.0f 0Z",
                        wide[0],
                        wide[1],
                        high[1],
                        wide[2],
                        high[2],
                        TIP);
    }

    /** Half the width at a distance from the base. */
    double half(double up) {
        double low = 0;
        double top = 1;
        for (int i = 0; i < 30; i++) {
            double middle = (low + top) / 2;
            if (cubic(high, middle) < up) {
                low = middle;
            } else {
                top = middle;
            }
        }
        return cubic(wide, low);
    }

    private static double cubic(double[] points, double t) {
        double rest = 1 - t;
        return rest * rest * rest * points[0]
                + 3 * rest * rest * t * points[1]
                + 3 * rest * t * t * points[2]
                + t * t * t * points[3];
    }
}
