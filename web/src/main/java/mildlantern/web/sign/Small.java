package mildlantern.web.sign;

import java.util.List;
import java.util.function.Consumer;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;

/** Small animals, and what is added beside a subject: a lens, a smell, drops, an arrow. */
final class Small {
    private static final Point LENS = new Point(88, 56);
    private static final double LENS_RADIUS = 27;

    private Small() {}

    /** A lens over the subject, with some animals under it. */
    static void lens(Pen pen, Consumer<Point> animal) {
        pen.outline(Pen.format("M%.1f %.1fl14 13", LENS.x() + 19, LENS.y() + 19), 5, 0.9);
        pen.fill(LeafMarks.circle(LENS, LENS_RADIUS), Pen.SHEET, 1)
                .outline(LeafMarks.circle(LENS, LENS_RADIUS), 2.2, 1);
        for (double[] by : new double[][] {{-11, -8}, {9, -11}, {-3, 8}, {13, 7}}) {
            animal.accept(new Point(LENS.x() + by[0], LENS.y() + by[1]));
        }
    }

    /** A round one with eight legs. */
    static void mite(Pen pen, Point at, String colour) {
        StringBuilder legs = new StringBuilder();
        for (int i = 0; i < 8; i++) {
            double angle = (i < 4 ? -0.9 : Math.PI - 0.9) + 0.6 * (i % 4);
            legs.append('M').append(Pen.xy(at)).append('L').append(Pen.xy(at.plus(angle, 7)));
        }
        pen.outline(legs.toString(), 0.8, 0.9).oval(at, 4, 3.2, 0, colour, 1, 0.7);
    }

    /** A slender one with fringed wings. */
    static void slender(Pen pen, Point at, String colour) {
        pen.outline(Pen.format("M%.1f %.1fl-4 -3m4 3l-4 3m5 -3l4 -4m-4 4l4 4", at.x(), at.y()), 0.7, 0.9);
        pen.oval(at, 7.5, 1.7, -25, colour, 1, 0.6);
    }

    /** One with two wings. */
    static void fly(Pen pen, Point at, String colour, double size) {
        String wings = Pen.format(
                "M%.1f %.1fl%.1f %.1fl%.1f %.1fz M%.1f %.1fl%.1f %.1fl%.1f %.1fz",
                at.x(), at.y(), -4 * size, 3 * size, 3 * size, size, at.x(), at.y(), 4 * size, 3 * size, -3 * size,
                size);
        pen.fill(wings, colour, 1).outline(wings, 0.8, 1).dot(at, 1.1 * size, Pen.INK, 0.9);
    }

    static void smell(Pen pen, Point at) {
        for (double by : new double[] {-9, 0, 9}) {
            pen.outline(Pen.format("M%.1f %.1fq-4 -5 0 -10t0 -10t0 -8", at.x() + by, at.y()), 1.3, 0.75);
        }
    }

    /** A drop of water. */
    static void drop(Pen pen, Point at, double size) {
        String drop = Pen.format(
                "M%.1f %.1fq%.1f %.1f 0 %.1fq%.1f %.1f 0 %.1fz",
                at.x(), at.y() - 2 * size, 2.2 * size, 3 * size, 4 * size, -2.2 * size, -size, -4 * size);
        pen.fill(drop, "#6f9fb0", 0.9).outline(drop, 0.6, 0.9);
    }

    static void ant(Pen pen, Point at, String colour) {
        pen.outline(Pen.format("M%.1f %.1fl8 -4m-8 0l8 4m-4 -4v4", at.x() - 4, at.y() + 1), 0.6, 0.9);
        pen.dot(at.plus(Math.PI, 3.4), 1.6, colour, 1).dot(at, 1.2, colour, 1).dot(at.plus(0, 3.4), 2, colour, 1);
    }

    static void lines(Pen pen, List<double[]> lines, double width, double opacity) {
        StringBuilder path = new StringBuilder();
        lines.forEach(line -> path.append(Pen.format("M%.1f %.1fL%.1f %.1f", line[0], line[1], line[2], line[3])));
        pen.outline(path.toString(), width, opacity);
    }
}
