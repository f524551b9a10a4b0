package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A ribbed column with rows of spines, its arms and its flowers. */
final class CactusFigure {
    private static final int RIBS = 6;

    private CactusFigure() {}

    static void draw(Sheet sheet) {
        double base = 322;
        sheet.pot(base, 122, 76);
        Spine column = new Spine(new Point(Sheet.MIDDLE, base + 3), Spine.UP + sheet.about(0, 0.02), 226, 0.05);
        int arms = Math.min(3, sheet.subject.offsets());
        List<Spine> offsets = new ArrayList<>();
        for (int k = 0; k < arms; k++) {
            int side = k % 2 == 0 ? 1 : -1;
            Spine out = new Spine(
                    column.at(0.28 + 0.14 * k).plus(side > 0 ? 0 : Math.PI, 16),
                    side > 0 ? -0.3 : Math.PI + 0.3,
                    30,
                    side * -1.0);
            offsets.add(new Spine(out.tip(), Spine.UP + side * 0.1, sheet.about(84 - 14 * k, 6), 0));
        }
        sheet.layer(
                Part.STEM,
                pen -> {
                    column(pen, column, 52, 0, 0.86);
                    pen.touchable(Pen.curve(column.line(), false), 40);
                },
                column.at(0.3),
                column.at(0.55),
                column.at(0.75));
        sheet.layer(
                Part.NEW_LEAF,
                pen -> {
                    column(pen, column, 52, 0.84, 1);
                    pen.dot(column.at(0.96), 24, "#000", 0);
                },
                column.at(0.95));
        if (!offsets.isEmpty()) {
            sheet.layer(
                    Part.OFFSET,
                    pen -> {
                        for (Spine arm : offsets) {
                            boolean right = arm.at(0).x() > Sheet.MIDDLE;
                            pen.limb(
                                    List.of(
                                            arm.at(0).plus(right ? Math.PI : 0, 26),
                                            arm.at(0)
                                                    .plus(right ? Math.PI : 0, 12)
                                                    .plus(Math.PI / 2, 7),
                                            arm.at(0),
                                            arm.at(0.14)),
                                    18,
                                    26,
                                    "#6d8a5c",
                                    0.5);
                            column(pen, arm, 30, 0, 1);
                        }
                    },
                    offsets.stream().map(arm -> arm.at(0.6)).toArray(Point[]::new));
        }
        int flowers = Math.min(4, sheet.subject.flowers() + sheet.subject.buds());
        if (flowers > 0) {
            sheet.layer(
                    Part.FLOWER,
                    pen -> {
                        for (int i = 0; i < flowers; i++) {
                            Point at = column.beside(0.99 - 0.03 * i, (i % 2 == 0 ? 1 : -1) * 9.0 * i);
                            for (int k = -3; k <= 3; k++) {
                                Blade.petal("#c95f86")
                                        .draw(pen, new Spine(at, Spine.UP + k * 0.42, 24 - Math.abs(k), 0.1), 10);
                            }
                            pen.dot(at.plus(Spine.UP, 9), 3, "#f3b63f", 0.9);
                        }
                    },
                    column.tip().plus(Spine.UP, 14));
        }
        sheet.medium(base, 122);
        sheet.rootsBelow(base + 76, 45);
    }

    private static double half(double share, double width) {
        double shoulder = share > 0.86 ? Math.sqrt(Math.max(0, 1 - Math.pow((share - 0.86) / 0.15, 2))) : 1;
        return width / 2 * (0.82 + 0.18 * Math.sin(Math.PI * Math.min(1, share + 0.1))) * shoulder;
    }

    /** The piece of a column between two shares of its height. */
    private static void column(Pen pen, Spine spine, double width, double from, double to) {
        List<Point> left = new ArrayList<>();
        List<Point> right = new ArrayList<>();
        int steps = 16;
        for (int i = 0; i <= steps; i++) {
            double share = from + (to - from) * i / steps;
            left.add(spine.beside(share, -half(share, width)));
            right.add(spine.beside(share, half(share, width)));
        }
        List<Point> around = new ArrayList<>(left);
        for (int i = right.size() - 1; i >= 0; i--) {
            around.add(right.get(i));
        }
        String shape = Pen.curve(around, true);
        pen.fill(shape, Pen.SHEET, 1).fill(shape, "#6d8a5c", 0.5);
        StringBuilder spines = new StringBuilder();
        List<Point> areoles = new ArrayList<>();
        for (int rib = 1; rib < RIBS; rib++) {
            double across = Math.sin((rib / (double) RIBS - 0.5) * Math.PI * 0.92);
            List<Point> line = new ArrayList<>();
            for (int i = 0; i <= steps; i++) {
                double share = from + (to - from) * i / steps;
                line.add(spine.beside(share, half(share, width) * across));
            }
            pen.outline(Pen.curve(line, false), rib > RIBS / 2 ? 1 : 0.7, 0.6);
            for (double share = Math.ceil(from / 0.07) * 0.07 + 0.03; share < to - 0.01; share += 0.07) {
                Point areole = spine.beside(share, half(share, width) * across);
                for (double turn : new double[] {-0.8, 0, 0.8}) {
                    Point tip = areole.plus(Spine.UP + across * 1.2 + turn, width * 0.13);
                    spines.append('M').append(Pen.xy(areole)).append('L').append(Pen.xy(tip));
                }
                areoles.add(areole);
            }
        }
        pen.outline(spines.toString(), 0.7, 0.85).dots(areoles, 1.3, "#efe6cf", 1);
        pen.outline(Pen.curve(left, false), 1.1, 1).outline(Pen.curve(right, false), 1.7, 1);
    }
}
