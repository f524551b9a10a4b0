package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiConsumer;
import mildlantern.diagnosis.Part;
import mildlantern.look.FlowerShape;
import mildlantern.look.GrowthHabit;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A flat rosette, seen a little from above: sticky leaves set with hairs that carry a drop, or soft downy ones. */
final class FlatRosetteFigure {
    /** How much the depth is foreshortened. */
    private static final double TILT = 0.46;

    private FlatRosetteFigure() {}

    static void sticky(Sheet sheet) {
        GrowthHabit habit = sheet.subject.look().habit();
        if (habit == GrowthHabit.UPRIGHT || habit == GrowthHabit.STALKS) {
            StickyStemFigure.draw(sheet);
        } else {
            draw(sheet, (pen, leaf, width) -> stickyLeaf(sheet, pen, leaf, width), FlatRosetteFigure::scape);
        }
    }

    static void downy(Sheet sheet) {
        draw(sheet, (pen, leaf, width) -> downyLeaf(sheet, pen, leaf, width), FlatRosetteFigure::posy);
    }

    /** Draws one leaf along its spine, so wide. */
    private interface Drawing {
        void draw(Pen pen, Spine spine, double width);
    }

    private static void draw(Sheet sheet, Drawing leaf, BiConsumer<Sheet, Point> bloom) {
        double base = 306;
        int leaves = Sheet.between(sheet.subject.leaves(), 6, 20, 13);
        sheet.pot(base, 150, 78);
        sheet.medium(base, 150);
        Point heart = new Point(Sheet.MIDDLE, base - 14);
        List<Spine> all = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double round = i * 2.39996 + sheet.about(0, 0.1);
            double length = 128 * (0.42 + 0.58 * (1 - i / (double) leaves));
            double x = Math.cos(round);
            double y = Math.sin(round) * TILT;
            double lift = 0.25 + 0.3 * i / leaves;
            double heading = Math.atan2(y - lift, x);
            all.add(new Spine(heart, heading, length * Math.hypot(x, y - lift * 0.4), (x > 0 ? 1 : -1) * 0.55));
        }
        int young = Math.max(1, leaves / 4);
        part(sheet, Part.LEAF, leaf, all.subList(0, leaves - young), 30);
        if (sheet.subject.flowers() + sheet.subject.buds() > 0) {
            bloom.accept(sheet, heart);
        }
        part(sheet, Part.NEW_LEAF, leaf, all.subList(leaves - young, leaves), 24);
        if (sheet.subject.offsets() > 0) {
            Point foot = new Point(heart.x() + 58, heart.y() + 14);
            sheet.layer(
                    Part.OFFSET,
                    pen -> {
                        for (int i = -2; i <= 2; i++) {
                            leaf.draw(pen, new Spine(foot, Spine.UP + i * 0.55, 34, i * 0.3), 12);
                        }
                        pen.dot(foot.plus(Spine.UP, 12), 20, "#000", 0);
                    },
                    foot.plus(Spine.UP, 16));
        }
        sheet.crown(heart, 12, 8);
        sheet.rootsBelow(base + 78, 54);
    }

    private static void part(Sheet sheet, Part part, Drawing drawing, List<Spine> leaves, double width) {
        List<Spine> backFirst = new ArrayList<>(leaves);
        backFirst.sort(Comparator.comparingDouble(leaf -> leaf.tip().y()));
        sheet.layer(
                part,
                pen -> backFirst.forEach(leaf -> drawing.draw(pen, leaf, width)),
                backFirst.stream().map(leaf -> leaf.at(0.8)).toArray(Point[]::new));
    }

    private static void stickyLeaf(Sheet sheet, Pen pen, Spine leaf, double width) {
        Leaf.draw(
                pen,
                sheet.subject.look(),
                leaf,
                sheet.subject.look().leaf() == LeafShape.PADDLE ? width : width * 1.25);
        if (!sheet.subject.look().sticky()) {
            return;
        }
        glands(pen, leaf, width);
    }

    /** Drops on stalks along the outer half of a leaf. */
    static void glands(Pen pen, Spine leaf, double width) {
        StringBuilder stalks = new StringBuilder();
        List<Point> drops = new ArrayList<>();
        for (int i = 0; i < 11; i++) {
            double share = 0.5 + 0.5 * i / 10;
            int side = i % 2 == 0 ? 1 : -1;
            double out = width * (share > 0.95 ? 0.3 : 0.5);
            Point drop = leaf.beside(share + 0.03, side * (out + width * 0.22));
            stalks.append('M')
                    .append(Pen.xy(leaf.beside(share, side * out * 0.6)))
                    .append('L')
                    .append(Pen.xy(drop));
            drops.add(drop);
        }
        for (int i = 0; i < 5; i++) {
            drops.add(leaf.beside(0.62 + 0.08 * i, (i % 2 == 0 ? 1 : -1) * width * 0.16));
        }
        pen.mark(stalks.toString(), "#a83a3a", 0.8, 0.8).dots(drops, 1.6, "#a83a3a", 0.9);
    }

    private static void downyLeaf(Sheet sheet, Pen pen, Spine leaf, double width) {
        if (sheet.subject.look().leaf() == LeafShape.STRAP) {
            Leaf.draw(
                    pen,
                    sheet.subject.look(),
                    new Spine(leaf.at(0), leaf.heading(0), leaf.length() * 1.2, 0.4),
                    width * 1.4);
            return;
        }
        pen.limb(leaf.line().subList(0, leaf.line().size() / 2 + 1), 3.4, 2.4, "#7c8a5a", 0.6);
        double from = 0.36;
        Spine blade = new Spine(
                leaf.at(from), leaf.heading(from), leaf.length() * (1 - from), leaf.tipHeading() - leaf.heading(from));
        Leaf.draw(pen, sheet.subject.look(), blade, width * 1.5);
    }

    /** Short stalks close over the leaves, each with its flower or bud. */
    private static void posy(Sheet sheet, Point heart) {
        int flowers = Math.min(7, sheet.subject.flowers());
        int all = flowers + Math.min(5, sheet.subject.buds());
        List<Spine> stalks = new ArrayList<>();
        for (int i = 0; i < all; i++) {
            double lean = all == 1 ? 0.1 : (i / (all - 1.0) - 0.5) * 1.5;
            stalks.add(new Spine(heart, Spine.UP + lean, sheet.about(66 + 12 * (i % 2), 5), lean * 0.5));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    for (int i = 0; i < all; i++) {
                        Spine stalk = stalks.get(i);
                        pen.limb(stalk.line(), 2.4, 1.6, "#8a5a62", 0.6);
                        if (i >= flowers) {
                            Bloom.bud(pen, sheet.subject.look(), stalk.tip(), 5);
                        } else {
                            Bloom.draw(pen, sheet.subject.look(), stalk.tip(), 14);
                        }
                    }
                },
                stalks.stream().map(Spine::tip).toArray(Point[]::new));
    }

    private static void scape(Sheet sheet, Point heart) {
        int flowers = Math.min(5, sheet.subject.flowers());
        int buds = Math.min(4, sheet.subject.buds());
        if (sheet.subject.look().flower() == FlowerShape.SPURRED) {
            // Each flower has a stalk of its own.
            List<Spine> stalks = new ArrayList<>();
            for (int i = 0; i < Math.min(4, flowers + buds); i++) {
                double lean = (i % 2 == 0 ? 1 : -1) * (0.1 + 0.16 * i);
                stalks.add(new Spine(heart, Spine.UP + lean, 150 - 12 * i, lean * 0.4));
            }
            sheet.layer(
                    Part.FLOWER,
                    pen -> {
                        for (int i = 0; i < stalks.size(); i++) {
                            FlowerStalk.along(sheet, pen, stalks.get(i), i < flowers ? 1 : 0, i < flowers ? 0 : 1, 15);
                        }
                    },
                    stalks.stream().map(Spine::tip).toArray(Point[]::new));
            return;
        }
        Spine stalk = new Spine(heart, Spine.UP + 0.1, 170, 0.7);
        sheet.layer(Part.FLOWER, pen -> FlowerStalk.along(sheet, pen, stalk, flowers, buds, 10), stalk.at(0.9));
    }
}
