package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;

/**
 * A leaf, petal or lid: an outline along a spine, with wash, a shaded half, veins and two edges of different weight.
 *
 * @param outline how far along (share of the length) and how far out (share of half the width) each edge point lies, from
 *     base to tip
 * @param veins pairs of side veins, or lines along the leaf
 * @param parallel whether the veins run along the leaf
 * @param midrib whether there is a midrib
 * @param colour colour of the wash
 * @param wash its opacity
 * @param ink weight of the lines, 1 for a large leaf
 */
record Blade(double[][] outline, int veins, boolean parallel, boolean midrib, String colour, double wash, double ink) {
    private static final double[][] OBOVATE = {
        {0, 0.16},
        {0.08, 0.24},
        {0.2, 0.42},
        {0.38, 0.72},
        {0.56, 0.94},
        {0.7, 1},
        {0.82, 0.92},
        {0.91, 0.7},
        {0.97, 0.38},
        {1, 0}
    };
    private static final double[][] STRAP = {
        {0, 0.92},
        {0.06, 0.96},
        {0.25, 1},
        {0.5, 0.98},
        {0.72, 0.9},
        {0.85, 0.74},
        {0.93, 0.46},
        {0.975, 0.2},
        {1.02, 0}
    };
    private static final double[][] HEART = {
        {0, 0},
        {-0.06, 0.18},
        {-0.12, 0.42},
        {-0.1, 0.68},
        {-0.01, 0.9},
        {0.13, 1},
        {0.3, 0.96},
        {0.5, 0.76},
        {0.7, 0.48},
        {0.86, 0.22},
        {0.95, 0.07},
        {1.03, 0}
    };
    private static final double[][] OVATE = {
        {0, 0.04}, {0.08, 0.42}, {0.2, 0.8}, {0.36, 1}, {0.54, 0.92}, {0.72, 0.64}, {0.87, 0.3}, {0.96, 0.09}, {1, 0}
    };
    private static final double[][] LANCE = {
        {0, 0.1}, {0.1, 0.42}, {0.25, 0.82}, {0.42, 1}, {0.6, 0.88}, {0.78, 0.54}, {0.91, 0.22}, {1, 0}
    };

    private static final double[][] TAPER = {
        {0, 1}, {0.08, 0.94}, {0.25, 0.72}, {0.45, 0.5}, {0.65, 0.33}, {0.82, 0.18}, {0.94, 0.07}, {1, 0}
    };
    private static final double[][] BULB = {
        {0, 0.5}, {0.06, 0.6}, {0.2, 0.84}, {0.38, 1}, {0.56, 0.98}, {0.74, 0.78}, {0.9, 0.5}, {0.98, 0.34}, {1.02, 0}
    };
    private static final double[][] PADDLE = {
        {0, 0.16}, {0.2, 0.17}, {0.42, 0.2}, {0.56, 0.4}, {0.68, 0.8}, {0.8, 1}, {0.91, 0.84}, {0.98, 0.42}, {1.01, 0}
    };
    private static final double[][] PLUMP = {
        {0, 0.42}, {0.12, 0.56}, {0.3, 0.8}, {0.5, 0.97}, {0.66, 1}, {0.79, 0.88}, {0.88, 0.62}, {0.94, 0.3}, {1.03, 0}
    };
    private static final double[][] ROUND = {
        {0, 0.1}, {0.02, 0.44}, {0.12, 0.78}, {0.3, 0.98}, {0.5, 1}, {0.7, 0.88}, {0.86, 0.62}, {0.95, 0.36}, {1, 0}
    };
    private static final double[][] SWORD = {
        {0, 0.66}, {0.1, 0.8}, {0.3, 0.96}, {0.5, 1}, {0.7, 0.9}, {0.85, 0.66}, {0.94, 0.34}, {1, 0}
    };

    private static final String TREE_GREEN = Pen.washed("#5c7f45");

    static Blade orchidLeaf() {
        return new Blade(OBOVATE, 4, true, true, "#5f7d46", 0.3, 1.15);
    }

    static Blade strap(String colour) {
        return new Blade(STRAP, 4, true, false, colour, 0.32, 1.1);
    }

    static Blade heart(String colour) {
        return new Blade(HEART, 6, false, true, colour, 0.32, 1.1);
    }

    static Blade lance(String colour) {
        return new Blade(LANCE, 7, false, true, colour, 0.32, 1.05);
    }

    /** A narrow leaf that is widest at its foot and ends in a long point. */
    static Blade taper(String colour) {
        return new Blade(TAPER, 2, true, false, colour, 0.34, 0.85);
    }

    /** A swollen cane or bulb, ribbed along its length. */
    static Blade bulb(String colour) {
        return new Blade(BULB, 3, true, false, colour, 0.4, 1.05);
    }

    /** A long stalk that widens into a round blade. */
    static Blade paddle(String colour) {
        return new Blade(PADDLE, 2, true, false, colour, 0.36, 0.9);
    }

    /** A thick water-storing leaf with a small point. */
    static Blade plump(String colour) {
        return new Blade(PLUMP, 2, true, false, colour, 0.42, 1);
    }

    /** A stiff upright leaf. */
    static Blade sword(String colour) {
        return new Blade(SWORD, 3, true, false, colour, 0.36, 1.1);
    }

    /** A broad round leaf. */
    static Blade round(String colour) {
        return new Blade(ROUND, 5, false, true, colour, 0.38, 0.95);
    }

    /** A pointed oval leaf of a tree or shrub. */
    static Blade ovate(String colour) {
        return new Blade(OVATE, 5, false, true, colour, 0.36, 0.9);
    }

    static Blade petal(String colour) {
        return new Blade(OVATE, 3, true, false, colour, 0.36, 0.6);
    }

    static Blade lid(String colour) {
        return new Blade(HEART, 4, false, true, colour, 0.36, 1);
    }

    /** A small leaf among many: a pointed oval, its midrib and one heavier edge, in few strokes. */
    static void small(Pen pen, Point base, double heading, double length, double width) {
        Point tip = base.plus(heading, length);
        Point right = base.plus(heading, length * 0.42).plus(heading + Math.PI / 2, width);
        Point left = base.plus(heading, length * 0.42).plus(heading - Math.PI / 2, width);
        String one = "M" + Pen.xy(base) + "Q" + Pen.xy(right) + " " + Pen.xy(tip);
        String leaf = one + "Q" + Pen.xy(left) + " " + Pen.xy(base);
        pen.leaf(leaf, one + "L" + Pen.xy(base), TREE_GREEN);
    }

    /** Draws the leaf along a spine, so wide at its widest. */
    void draw(Pen pen, Spine spine, double width) {
        double half = width / 2;
        List<Point> right = edge(spine, half);
        List<Point> left = edge(spine, -half);
        List<Point> around = new ArrayList<>(right);
        for (int i = left.size() - 2; i >= 0; i--) {
            around.add(left.get(i));
        }
        String shape = Pen.curve(around, true);
        pen.fill(shape, Pen.SHEET, 1).fill(shape, colour, wash);
        List<Point> shaded = new ArrayList<>(spine.line());
        for (int i = left.size() - 1; i >= 0; i--) {
            shaded.add(left.get(i));
        }
        pen.fill(Pen.curve(shaded, true), colour, wash * 0.6);
        if (parallel) {
            linesAlong(pen, spine, half);
        } else {
            sideVeins(pen, spine, half);
        }
        if (midrib) {
            pen.stroke(spine.line().subList(0, spine.line().size() - 1), 1.6 * ink, 0.4);
        }
        pen.outline(Pen.curve(right, false), ink * 0.8, 1).outline(Pen.curve(left, false), ink * 1.35, 1);
    }

    private List<Point> edge(Spine spine, double half) {
        List<Point> edge = new ArrayList<>();
        for (double[] place : outline) {
            edge.add(spine.beside(place[0], place[1] * half));
        }
        return edge;
    }

    private void linesAlong(Pen pen, Spine spine, double half) {
        for (int k = 1; k <= veins; k++) {
            double side = k / (veins + 1.0) * 2 - 1;
            List<Point> line = new ArrayList<>();
            for (double[] place : outline) {
                if (place[0] > 0.02 && place[0] < 0.96) {
                    line.add(spine.beside(place[0], place[1] * half * side * 0.9));
                }
            }
            pen.outline(Pen.curve(line, false), 0.5, 0.33);
        }
    }

    private void sideVeins(Pen pen, Spine spine, double half) {
        for (int k = 1; k <= veins; k++) {
            double from = 0.04 + 0.74 * (k - 1) / veins;
            double to = Math.min(0.95, from + 0.17);
            for (int side : new int[] {-1, 1}) {
                Point start = spine.at(from);
                Point end = spine.beside(to, side * half * widthAt(to) * 0.88);
                Point bow = spine.beside(from + (to - from) * 0.7, side * half * widthAt(to) * 0.42);
                pen.outline("M" + Pen.xy(start) + "Q" + Pen.xy(bow) + " " + Pen.xy(end), 0.55, 0.42);
            }
        }
    }

    private double widthAt(double share) {
        for (int i = 1; i < outline.length; i++) {
            if (share <= outline[i][0]) {
                double rest = (share - outline[i - 1][0]) / (outline[i][0] - outline[i - 1][0]);
                return outline[i - 1][1] + rest * (outline[i][1] - outline[i - 1][1]);
            }
        }
        return 0;
    }
}
