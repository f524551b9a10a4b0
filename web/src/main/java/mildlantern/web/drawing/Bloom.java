package mildlantern.web.drawing;

import mildlantern.look.LeafShape;
import mildlantern.look.Look;

/** A flower of any shape, as the look of its kind says, and its bud. */
public final class Bloom {
    private static final String GOLD = "#f3b63f";

    private Bloom() {}

    /** Draws an open flower about a point, so far out as its petals reach. */
    public static void draw(Pen pen, Look look, Point at, double radius) {
        String colour = look.bloom();
        switch (look.flower()) {
            case MOTH -> {
                ring(pen, at, radius, 3, 0.72, 0, colour);
                wings(pen, at, radius * 1.15, radius * 1.2, 1.3, colour);
                lip(pen, at, radius * 0.66, Leaf.paler(look.mark()));
            }
            case LIP -> {
                ring(pen, at, radius, 3, 0.5, 0, colour);
                wings(pen, at, radius, radius * 0.62, 1.2, colour);
                lip(pen, at, radius * 0.95, darker(colour));
            }
            case SLIPPER -> {
                Blade.petal(colour).draw(pen, new Spine(at, Spine.UP, radius * 1.1, 0), radius * 0.95);
                wings(pen, at, radius * 1.25, radius * 0.4, 1.75, colour);
                pen.oval(at.plus(Math.PI / 2, radius * 0.55), radius * 0.42, radius * 0.6, 0, darker(colour), 0.75, 1);
                pen.oval(at.plus(Math.PI / 2, radius * 0.16), radius * 0.32, radius * 0.13, 0, "#4d3a2c", 0.6, 0.9);
            }
            case KITE -> {
                ring(pen, at, radius * 0.8, 3, 0.85, 0, colour);
                for (double turn : new double[] {0, 2.1, -2.1}) {
                    Spine tail = new Spine(
                            at.plus(Spine.UP + turn, radius * 0.7), Spine.UP + turn, radius * 1.1, turn * 0.3);
                    pen.stroke(tail.line(), 2.2, 0.7);
                }
                pen.dot(at, radius * 0.16, GOLD, 1);
            }
            case COMET -> {
                Spine spur = new Spine(at, Math.PI / 2 - 0.3, radius * 2.6, 0.7);
                pen.mark(Pen.curve(spur.line(), false), "#8fa867", 2, 1);
                ring(pen, at, radius, 6, 0.4, 0, colour);
            }
            case SPATHE -> {
                Blade.of(LeafShape.HEART, colour)
                        .draw(pen, new Spine(at, Spine.UP + 0.35, radius * 2.4, 0.3), radius * 1.6);
                pen.limb(new Spine(at, Spine.UP + 0.2, radius * 1.5, 0).line(), 5.5, 3.4, GOLD, 0.7);
            }
            case FIVE -> {
                ring(pen, at, radius, 5, 0.85, 0, colour);
                pen.dot(at, radius * 0.16, GOLD, 1);
            }
            case TRUMPET -> {
                ring(pen, at, radius * 1.25, 6, 0.62, 0.2, colour);
                pen.dot(at, radius * 0.22, darker(colour), 0.8);
                for (int i = -2; i <= 2; i++) {
                    Point tip = at.plus(Math.PI / 2 + i * 0.3, radius * 0.75);
                    pen.outline("M" + Pen.xy(at) + "L" + Pen.xy(tip), 0.7, 0.8).dot(tip, 1.2, GOLD, 1);
                }
            }
            case TURNED_BACK -> {
                for (double turn : new double[] {-0.9, -0.45, 0, 0.45, 0.9}) {
                    Blade.petal(colour)
                            .draw(pen, new Spine(at, Spine.UP + turn, radius * 1.2, turn * 0.5), radius * 0.6);
                }
                pen.oval(at.plus(Math.PI / 2, radius * 0.2), radius * 0.36, radius * 0.24, 0, darker(colour), 0.8, 0.9);
            }
            case BRACTS -> {
                ring(pen, at, radius * 1.5, 7, 0.4, 0.2, colour);
                ring(pen, at, radius * 0.95, 6, 0.42, 0.5, colour);
                pen.dot(at, radius * 0.2, GOLD, 1);
            }
            case BALL -> {
                for (int i = 0; i < 9; i++) {
                    Point star = at.plus(i * 2.4, radius * 0.27 * Math.sqrt(i));
                    ring(pen, star, radius * 0.4, 5, 0.7, 0, colour);
                }
            }
            case RAYS -> {
                ring(pen, at, radius * 1.1, 12, 0.2, 0, colour);
                pen.dot(at, radius * 0.24, GOLD, 0.95);
            }
            case SPURRED -> {
                Spine spur = new Spine(at, Math.PI / 2 + 0.5, radius, -0.5);
                pen.stroke(spur.line(), 2.2, 0.8);
                for (double turn : new double[] {-0.6, 0.6, 1.6, -1.6, Math.PI}) {
                    Blade.petal(colour).draw(pen, new Spine(at, Spine.UP + turn, radius, 0), radius * 0.66);
                }
            }
            case TUBE -> {
                Spine tube = new Spine(at, 0.9, radius * 1.7, 0.5);
                pen.limb(tube.line(), radius * 0.34, radius * 0.5, colour, 0.5);
                for (double turn : new double[] {-0.9, -0.3, 0.3, 0.9}) {
                    Blade.petal(colour)
                            .draw(
                                    pen,
                                    new Spine(tube.tip(), tube.tipHeading() + turn, radius * 0.8, turn * 0.5),
                                    radius * 0.45);
                }
            }
            case DOUBLE -> {
                ring(pen, at, radius * 1.2, 6, 0.6, 0, colour);
                ring(pen, at, radius * 0.85, 6, 0.6, 0.5, colour);
                ring(pen, at, radius * 0.5, 5, 0.7, 0.2, colour);
            }
            case SPIKE, QUILL -> {
                for (int i = 0; i < 7; i++) {
                    double side = i % 2 == 0 ? 0.8 : -0.8;
                    Point foot = at.plus(Spine.UP, radius * (0.28 * i - 0.6));
                    Blade.petal(colour)
                            .draw(
                                    pen,
                                    new Spine(foot, Spine.UP + side, radius * (0.8 - 0.06 * i), -side * 0.5),
                                    radius * 0.3);
                }
            }
        }
    }

    /** Draws a bud that sits on its stem. */
    public static void bud(Pen pen, Look look, Point at, double size) {
        pen.oval(at, size * 0.7, size, 12, look.bloom(), 0.75, 0.9);
    }

    private static void ring(Pen pen, Point at, double radius, int petals, double broad, double turn, String colour) {
        for (int i = 0; i < petals; i++) {
            double angle = Spine.UP + turn + i * 2 * Math.PI / petals;
            Blade.petal(colour).draw(pen, new Spine(at, angle, radius, 0.1), radius * broad);
        }
    }

    private static void wings(Pen pen, Point at, double length, double width, double turn, String colour) {
        for (int side : new int[] {-1, 1}) {
            Blade.petal(colour).draw(pen, new Spine(at, Spine.UP + side * turn, length, 0), width);
        }
    }

    private static void lip(Pen pen, Point at, double radius, String colour) {
        Blade.petal(colour).draw(pen, new Spine(at, Math.PI / 2, radius, 0), radius * 0.8);
        pen.dot(at.plus(Math.PI / 2, radius * 0.25), 2.1, GOLD, 0.95);
    }

    /** A colour nearer to the ink. */
    public static String darker(String colour) {
        StringBuilder mixed = new StringBuilder("#");
        for (int i = 1; i < 7; i += 2) {
            mixed.append(Pen.format("%02x", Math.round(Integer.parseInt(colour.substring(i, i + 2), 16) * 0.62)));
        }
        return mixed.toString();
    }
}
