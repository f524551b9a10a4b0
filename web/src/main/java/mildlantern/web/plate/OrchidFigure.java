package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.GrowthHabit;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A single-crown orchid: pairs of broad leaves over the pot, air roots, a spike with its flowers and buds. */
final class OrchidFigure {
    private OrchidFigure() {}

    static void draw(Sheet sheet) {
        double base = 300;
        Point crown = new Point(Sheet.MIDDLE, base - 12);
        boolean ranked = sheet.subject.look().habit() == GrowthHabit.RANKED;
        int leaves = Sheet.between(sheet.subject.leaves(), 2, ranked ? 12 : 9, ranked ? 10 : 6);
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
            if (sheet.subject.look().habit() == GrowthHabit.TUFT) {
                single(sheet, crown);
            } else {
                spike(sheet, crown);
            }
        }
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            int rank = i / 2;
            double rise = 0.16 + 0.34 * rank * (ranked ? 0.35 : 1) + (ranked ? 0.5 : 0) + sheet.about(0, 0.05);
            double length = sheet.about((ranked ? 132 - 8 * rank : 162 - 20 * rank) - (i == leaves - 1 ? 24 : 0), 7);
            boolean toRight = i % 2 == 0;
            Spine leaf = new Spine(
                    new Point(crown.x() + (toRight ? 3 : -3), crown.y() + 3 - (ranked ? 25 * rank : 0)),
                    toRight ? -rise - 0.12 : Math.PI + rise + 0.12,
                    length,
                    (toRight ? 1 : -1) * (1.0 + 0.08 * rank));
            (i >= leaves - 2 && leaves > 3 ? young : old).add(leaf);
        }
        if (ranked) {
            Spine stem = new Spine(crown, Spine.UP, 25 * (leaves / 2.0), 0);
            sheet.layer(Part.STEM, pen -> pen.limb(stem.line(), 9, 7, "#7d8a55", 0.6), stem.at(0.5));
        }
        double broad = sheet.subject.look().leaf() == LeafShape.OBLONG
                ? 48
                : sheet.subject.look().leaf() == LeafShape.GRASS ? 18 : 27;
        sheet.leaves(Part.LEAF, old, broad);
        sheet.leaves(Part.NEW_LEAF, young, broad * 0.85);
        sheet.crown(new Point(crown.x(), crown.y() - (ranked ? 12 * leaves : 0)), 17, 9);
    }

    private static void spike(Sheet sheet, Point crown) {
        Spine spine = new Spine(new Point(crown.x() + 5, crown.y() - 2), Spine.UP - 0.16, 285, 1.75);
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
                            Bloom.draw(pen, sheet.subject.look(), hung, 18 - 0.6 * i);
                        } else {
                            Bloom.bud(pen, sheet.subject.look(), hung, 6.8 - 0.4 * (i - flowers));
                        }
                    }
                },
                places.stream()
                        .map(place -> new Point(place.x() + 4, place.y() + 8))
                        .toArray(Point[]::new));
    }

    /** One flower, or two, on a stalk that stands upright. */
    private static void single(Sheet sheet, Point crown) {
        int flowers = Math.min(3, sheet.subject.flowers());
        int buds = Math.min(2, sheet.subject.buds());
        Spine stalk = new Spine(new Point(crown.x() + 4, crown.y() - 2), Spine.UP + 0.05, 196, 0.2);
        sheet.layer(
                Part.FLOWER,
                pen -> FlowerStalk.along(sheet, pen, stalk, flowers, buds, 27),
                stalk.tip(),
                stalk.at(0.6));
    }
}
