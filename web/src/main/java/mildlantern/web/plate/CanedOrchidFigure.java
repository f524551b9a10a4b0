package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;

/** An orchid that grows sideways: a row of swollen canes, the oldest bare, the newest in leaf, flowers from its neighbour. */
final class CanedOrchidFigure {
    private CanedOrchidFigure() {}

    static void draw(Sheet sheet) {
        double base = 306;
        int canes = Sheet.between(sheet.subject.growths(), 2, 8, 5);
        int leaves = Sheet.between(sheet.subject.leaves(), 1, 14, canes + 2);
        if (sheet.mounted()) {
            sheet.mount(base);
        } else {
            sheet.pot(base, 132, 84);
        }
        List<Spine> bulbs = new ArrayList<>();
        for (int i = 0; i < canes; i++) {
            double share = canes == 1 ? 0.5 : i / (canes - 1.0);
            double lean = (share - 0.45) * 0.62;
            bulbs.add(new Spine(
                    new Point(Sheet.MIDDLE + (share - 0.5) * 104, base + 2 - 4 * Math.sin(Math.PI * share)),
                    Sheet.UP + lean + sheet.about(0, 0.03),
                    sheet.about(74 + 24 * share, 5),
                    lean * 0.25));
        }
        int inLeaf = Math.min(canes, Math.max(1, (leaves + 1) / 2));
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        int left = leaves;
        for (int i = canes - 1; i >= canes - inLeaf; i--) {
            Spine bulb = bulbs.get(i);
            List<Spine> on = i == canes - 1 ? young : old;
            for (int k = 0; k < 2 && left > 0; k++, left--) {
                double turn = (k == 0 ? 0.42 : -0.5) + sheet.about(0, 0.06);
                on.add(new Spine(
                        bulb.tip(), bulb.tipHeading() + turn, sheet.about(i == canes - 1 ? 104 : 118, 7), turn * 1.5));
            }
        }
        sheet.leaves(Part.LEAF, old, Blade.sword("#5f7d46"), 29);
        sheet.layer(
                Part.CANE,
                pen -> {
                    for (int i = 0; i < canes; i++) {
                        Blade.bulb(i < canes - inLeaf ? "#9a9a62" : "#7f9455").draw(pen, bulbs.get(i), 30);
                        for (double node : new double[] {0.3, 0.55, 0.78}) {
                            pen.outline(
                                    "M" + Pen.xy(bulbs.get(i).beside(node, -12)) + "Q"
                                            + Pen.xy(bulbs.get(i).at(node + 0.05)) + " "
                                            + Pen.xy(bulbs.get(i).beside(node, 12)),
                                    0.7,
                                    0.5);
                        }
                    }
                },
                bulbs.stream().map(bulb -> bulb.at(0.45)).toArray(Point[]::new));
        if (sheet.subject.flowers() + sheet.subject.buds() > 0) {
            flowers(sheet, bulbs.get(Math.max(0, canes - 2)));
        }
        sheet.leaves(Part.NEW_LEAF, young, Blade.sword("#7c9a55"), 26);
        if (sheet.subject.offsets() > 0) {
            plantlet(sheet, bulbs.get(0));
        }
        if (!sheet.mounted()) {
            sheet.medium(base, 132);
        }
        sheet.rootsBelow(base + (sheet.mounted() ? 44 : 84), 48);
    }

    private static void flowers(Sheet sheet, Spine from) {
        int flowers = Math.min(6, sheet.subject.flowers());
        int buds = Math.min(5, sheet.subject.buds());
        Spine stalk = new Spine(from.tip(), Sheet.UP - 0.3, 168, 1.0);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < flowers + buds; i++) {
            double share = flowers + buds == 1 ? 1 : 0.5 + 0.5 * i / (flowers + buds - 1.0);
            places.add(stalk.at(share).plus(Sheet.UP + (i % 2 == 0 ? 1.4 : -1.4), i % 2 == 0 ? 17 : 18));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.touchable(Pen.curve(stalk.line(), false), 26);
                    pen.limb(stalk.line(), 3.4, 1.8, "#6d7d46", 0.6);
                    for (int i = 0; i < places.size(); i++) {
                        if (i < flowers) {
                            bloom(pen, places.get(i), 23 - i);
                        } else {
                            pen.oval(places.get(i), 4.6, 6.6, 18, "#b79ac0", 0.75, 0.9);
                        }
                    }
                },
                places.toArray(Point[]::new));
    }

    private static void bloom(Pen pen, Point at, double radius) {
        for (int i = 0; i < 5; i++) {
            double angle = Sheet.UP + i * 2 * Math.PI / 5;
            Blade.petal("#a884b8").draw(pen, new Spine(at, angle, radius, 0.12), radius * (i % 2 == 0 ? 0.62 : 0.8));
        }
        Blade.petal("#7d3f7f").draw(pen, new Spine(at, Math.PI / 2, radius * 0.95, 0), radius * 0.9);
        pen.dot(at.plus(Math.PI / 2, radius * 0.35), 2.6, "#f3b63f", 0.95);
    }

    /** A plantlet on a joint of an old cane, with roots of its own. */
    private static void plantlet(Sheet sheet, Spine cane) {
        Point joint = cane.at(0.72);
        sheet.layer(
                Part.OFFSET,
                pen -> {
                    for (double[] leaf : new double[][] {{-0.5, 34, -0.5}, {-1.15, 30, -0.3}, {0.1, 28, 0.2}}) {
                        Blade.strap("#92a86f").draw(pen, new Spine(joint, Sheet.UP + leaf[0], leaf[1], leaf[2]), 10);
                    }
                    for (double turn : new double[] {2.4, 2.9}) {
                        pen.limb(new Spine(joint, Sheet.UP - turn, 24, -0.4).line(), 2.6, 1.2, "#9fb08a", 0.5);
                    }
                    pen.dot(joint, 16, "#000", 0);
                },
                joint.plus(Sheet.UP - 0.6, 18));
    }
}
