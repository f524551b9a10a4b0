package mildlantern.web.drawing;

import java.util.ArrayList;
import java.util.List;
import mildlantern.look.LeafShape;

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
public record Blade(
        double[][] outline, int veins, boolean parallel, boolean midrib, String colour, double wash, double ink) {
    /** What is shorter is drawn in few strokes. */
    private static final double SMALL = 40;

    /** What is longer has a shaded half and a heavier edge. */
    private static final double LARGE = 60;

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

    private static final double[][] ARROW = {
        {0, 0.02},
        {-0.1, 0.3},
        {-0.26, 0.62},
        {-0.24, 0.86},
        {-0.08, 0.92},
        {0.12, 0.86},
        {0.36, 0.68},
        {0.6, 0.46},
        {0.82, 0.22},
        {1, 0}
    };
    private static final double[][] FIDDLE = {
        {0, 0.2},
        {0.06, 0.42},
        {0.18, 0.56},
        {0.32, 0.5},
        {0.48, 0.72},
        {0.66, 0.98},
        {0.82, 1},
        {0.93, 0.72},
        {0.99, 0.3},
        {1, 0}
    };
    private static final double[][] LOBED = {
        {0, 0.06},
        {-0.06, 0.42},
        {-0.02, 0.86},
        {0.12, 0.72},
        {0.2, 0.56},
        {0.3, 0.94},
        {0.42, 1},
        {0.5, 0.62},
        {0.62, 0.44},
        {0.82, 0.26},
        {1, 0}
    };
    private static final double[][] PAD = {
        {0, 0.3}, {0.06, 0.6}, {0.22, 0.9}, {0.45, 1}, {0.7, 0.96}, {0.88, 0.68}, {0.97, 0.36}, {1, 0}
    };

    /** The blade of a shape that is one outline. */
    public static Blade of(LeafShape shape, String colour) {
        return switch (shape) {
            case OBLONG -> new Blade(OBOVATE, 4, true, true, colour, 0.34, 1.1);
            case STRAP -> strap(colour);
            case HEART, HOLED -> new Blade(HEART, 6, false, true, colour, 0.32, 1.1);
            case ARROW -> new Blade(ARROW, 5, false, true, colour, 0.4, 1.1);
            case ROUND -> new Blade(ROUND, 5, false, true, colour, 0.38, 0.95);
            case OVATE -> new Blade(OVATE, 5, false, true, colour, 0.36, 0.9);
            case GRASS -> taper(colour);
            case SWORD -> sword(colour);
            case FIDDLE -> new Blade(FIDDLE, 6, false, true, colour, 0.36, 1);
            case LOBED -> new Blade(LOBED, 4, false, true, colour, 0.38, 1);
            case PAD -> new Blade(PAD, 0, true, false, colour, 0.5, 1);
            case AWL -> new Blade(TAPER, 1, true, false, colour, 0.5, 1);
            case PLUMP -> new Blade(PLUMP, 2, true, false, colour, 0.42, 1);
            case PADDLE -> paddle(colour);
            default -> lance(colour);
        };
    }

    public static Blade strap(String colour) {
        return new Blade(STRAP, 4, true, false, colour, 0.32, 1.1);
    }

    public static Blade lance(String colour) {
        return new Blade(LANCE, 7, false, true, colour, 0.32, 1.05);
    }

    /** A narrow leaf that is widest at its foot and ends in a long point. */
    public static Blade taper(String colour) {
        return new Blade(TAPER, 2, true, false, colour, 0.34, 0.85);
    }

    /** A swollen cane or bulb, ribbed along its length. */
    public static Blade bulb(String colour) {
        return new Blade(BULB, 3, true, false, colour, 0.4, 1.05);
    }

    /** A long stalk that widens into a round blade. */
    public static Blade paddle(String colour) {
        return new Blade(PADDLE, 2, true, false, colour, 0.36, 0.9);
    }

    /** A stiff upright leaf. */
    public static Blade sword(String colour) {
        return new Blade(SWORD, 3, true, false, colour, 0.36, 1.1);
    }

    public static Blade petal(String colour) {
        return new Blade(OVATE, 3, true, false, colour, 0.36, 0.6);
    }

    public static Blade lid(String colour) {
        return new Blade(HEART, 4, false, true, colour, 0.36, 1);
    }

    /** A small leaf among many: a pointed oval. */
    public static void small(Pen pen, Point base, double heading, double length, double width, String colour) {
        Point middle = base.plus(heading, length * 0.42);
        pen.leaf(
                base,
                middle.plus(heading + Math.PI / 2, width),
                base.plus(heading, length),
                middle.plus(heading - Math.PI / 2, width),
                colour);
    }

    /** Draws the leaf along a spine, so wide at its widest. */
    public void draw(Pen pen, Spine spine, double width) {
        if (spine.length() < SMALL) {
            little(pen, spine, width);
            return;
        }
        double half = width / 2;
        List<Point> right = edge(spine, half);
        List<Point> left = edge(spine, -half);
        List<Point> around = new ArrayList<>(right);
        for (int i = left.size() - 2; i >= 0; i--) {
            around.add(left.get(i));
        }
        pen.shape(Pen.curve(around, true), Pen.over(colour, wash), ink * 0.8);
        boolean large = spine.length() >= LARGE;
        if (large) {
            List<Point> shaded = new ArrayList<>(List.of(spine.at(0), spine.at(0.5), spine.at(1)));
            for (int i = left.size() - 1; i >= 0; i--) {
                shaded.add(left.get(i));
            }
            pen.fill(Pen.curve(shaded, true), colour, wash * 0.6);
        }
        pen.outline((parallel ? linesAlong(spine, half) : sideVeins(spine, half)), 0.5, 0.36);
        if (midrib) {
            pen.outline(
                    Pen.curve(List.of(spine.at(0), spine.at(0.32), spine.at(0.64), spine.at(0.95)), false), ink, 0.9);
        }
        if (large) {
            pen.outline(Pen.curve(left, false), ink * 1.35, 1);
        }
    }

    /** A petal or a small leaf: its outline and one line along it. */
    private void little(Pen pen, Spine spine, double width) {
        double widest = outline[widest()][0];
        String right = " Q" + Pen.xy(spine.beside(widest, width * 0.72)) + " " + Pen.xy(spine.tip());
        String left = "Q" + Pen.xy(spine.beside(widest, -width * 0.72)) + " " + Pen.xy(spine.at(0)) + "z";
        pen.shape("M" + Pen.xy(spine.at(0)) + right + left, Pen.over(colour, wash * 1.2), 0.7);
        if (width > 7) {
            pen.outline("M" + Pen.xy(spine.at(0.1)) + "L" + Pen.xy(spine.at(0.7)), 0.45, 0.5);
        }
    }

    private int widest() {
        int at = 0;
        for (int i = 1; i < outline.length; i++) {
            at = outline[i][1] > outline[at][1] ? i : at;
        }
        return at;
    }

    private List<Point> edge(Spine spine, double half) {
        List<Point> edge = new ArrayList<>();
        for (double[] place : outline) {
            edge.add(spine.beside(place[0], place[1] * half));
        }
        return edge;
    }

    private String linesAlong(Spine spine, double half) {
        StringBuilder lines = new StringBuilder();
        for (int k = 1; k <= veins; k++) {
            double side = (k / (veins + 1.0) * 2 - 1) * half * 0.9;
            lines.append(Pen.curve(
                    List.of(
                            spine.beside(0.05, side * widthAt(0.05)),
                            spine.beside(0.35, side * widthAt(0.35)),
                            spine.beside(0.65, side * widthAt(0.65)),
                            spine.beside(0.94, side * widthAt(0.94))),
                    false));
        }
        return lines.toString();
    }

    private String sideVeins(Spine spine, double half) {
        StringBuilder lines = new StringBuilder();
        for (int k = 1; k <= veins; k++) {
            double from = 0.04 + 0.74 * (k - 1) / veins;
            double to = Math.min(0.95, from + 0.17);
            for (int side : new int[] {-1, 1}) {
                lines.append('M')
                        .append(Pen.xy(spine.at(from)))
                        .append('Q')
                        .append(Pen.xy(spine.beside(from + (to - from) * 0.7, side * half * widthAt(to) * 0.42)))
                        .append(' ')
                        .append(Pen.xy(spine.beside(to, side * half * widthAt(to) * 0.88)));
            }
        }
        return lines.toString();
    }

    public double widthAt(double share) {
        for (int i = 1; i < outline.length; i++) {
            if (share <= outline[i][0]) {
                double rest = (share - outline[i - 1][0]) / (outline[i][0] - outline[i - 1][0]);
                return outline[i - 1][1] + rest * (outline[i][1] - outline[i - 1][1]);
            }
        }
        return 0;
    }
}
