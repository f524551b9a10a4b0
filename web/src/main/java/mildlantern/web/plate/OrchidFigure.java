package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;

/** A single-crown orchid: pairs of broad leaves over the pot, air roots, a spike with its flowers and buds. */
final class OrchidFigure {
    private OrchidFigure() {}

    static void draw(Sheet sheet) {
        double base = 300;
        Point crown = new Point(Sheet.MIDDLE, base - 12);
        int leaves = Sheet.between(sheet.subject.leaves(), 2, 9, 6);
        sheet.pot(base, 124, 96);
        List<Point> rootTips = new ArrayList<>();
        sheet.layer(
                Part.ROOT,
                pen -> {
                    double[][] roots = {
                        {2.75, 96, -1.5}, {2.2, 74, 0.8}, {0.42, 104, 1.5}, {0.95, 70, -0.5}, {3.0, 66, -1.0}
                    };
                    for (double[] root : roots) {
                        Spine spine = new Spine(
                                new Point(crown.x() + Math.cos(root[0]) * 14, base - 2),
                                root[0],
                                sheet.about(root[1], 6),
                                root[2]);
                        pen.limb(spine.line(), 5.4, 3, "#9fb08a", 0.4);
                        pen.dot(spine.tip(), 2.2, "#6f9a4e", 0.8);
                        pen.touchable(Pen.curve(spine.line(), false), 20);
                        rootTips.add(spine.at(0.75));
                    }
                },
                new Point(crown.x() + 78, base + 30),
                new Point(crown.x() - 74, base + 26));
        sheet.medium(base, 124);
        if (sheet.subject.flowers() + sheet.subject.buds() > 0) {
            spike(sheet, crown);
        }
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            int rank = i / 2;
            double rise = 0.16 + 0.34 * rank + sheet.about(0, 0.05);
            double length = sheet.about(162 - 20 * rank - (i == leaves - 1 ? 24 : 0), 7);
            boolean toRight = i % 2 == 0;
            Spine leaf = new Spine(
                    new Point(crown.x() + (toRight ? 3 : -3), crown.y() + 3),
                    toRight ? -rise - 0.12 : Math.PI + rise + 0.12,
                    length,
                    (toRight ? 1 : -1) * (1.0 + 0.08 * rank));
            (i >= leaves - 2 && leaves > 3 ? young : old).add(leaf);
        }
        sheet.leaves(Part.LEAF, old, Blade.orchidLeaf(), 48);
        sheet.leaves(Part.NEW_LEAF, young, Blade.orchidLeaf(), 40);
        sheet.crown(crown, 17, 9);
    }

    private static void spike(Sheet sheet, Point crown) {
        Spine spine = new Spine(new Point(crown.x() + 5, crown.y() - 2), Sheet.UP - 0.16, 285, 1.75);
        int flowers = Math.min(9, sheet.subject.flowers());
        int buds = Math.min(5, sheet.subject.buds());
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < flowers + buds; i++) {
            places.add(spine.at(0.52 + 0.46 * (i + 0.6) / (flowers + buds)));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.touchable(Pen.curve(spine.line(), false), 24);
                    pen.limb(spine.line(), 4, 1.6, "#6d7d46", 0.6);
                    for (double node : new double[] {0.16, 0.32}) {
                        Point at = spine.at(node);
                        pen.outline(
                                "M" + Pen.xy(at.plus(spine.heading(node) + 1.9, 4)) + "L"
                                        + Pen.xy(at.plus(spine.heading(node) - 1.4, 4)),
                                0.9,
                                0.9);
                    }
                    for (int i = 0; i < places.size(); i++) {
                        Point hung = new Point(
                                places.get(i).x() + (i % 2 == 0 ? 10 : -9),
                                places.get(i).y() + (i % 2 == 0 ? 13 : -8));
                        pen.stroke(List.of(places.get(i), places.get(i).middle(hung), hung), 1.5, 1);
                        if (i < flowers) {
                            flower(pen, hung, 18 - 0.6 * i);
                        } else {
                            pen.oval(
                                    hung,
                                    4.8 - 0.3 * (i - flowers),
                                    6.8 - 0.4 * (i - flowers),
                                    12,
                                    "#c9a2b2",
                                    0.75,
                                    0.9);
                        }
                    }
                },
                places.stream()
                        .map(place -> new Point(place.x() + 4, place.y() + 8))
                        .toArray(Point[]::new));
    }

    private static void flower(Pen pen, Point at, double radius) {
        Blade sepal = Blade.petal("#c98aa4");
        for (double angle : new double[] {Sheet.UP, Sheet.UP + 2.15, Sheet.UP - 2.15}) {
            sepal.draw(pen, new Spine(at, angle, radius * 1.05, 0), radius * 0.72);
        }
        for (double angle : new double[] {Sheet.UP + 1.32, Sheet.UP - 1.32}) {
            sepal.draw(pen, new Spine(at, angle, radius * 1.2, 0), radius * 1.25);
        }
        Blade.petal("#8f2f57").draw(pen, new Spine(at, -Sheet.UP, radius * 0.7, 0), radius * 0.45);
        pen.dot(at, 2.1, "#f3b63f", 0.95);
    }
}
