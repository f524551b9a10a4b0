package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiConsumer;
import mildlantern.diagnosis.Part;

/** A flat rosette, seen a little from above: sticky leaves set with hairs that carry a drop, or soft downy ones. */
final class FlatRosetteFigure {
    /** How much the depth is foreshortened. */
    private static final double TILT = 0.46;

    private FlatRosetteFigure() {}

    static void sticky(Sheet sheet) {
        draw(sheet, FlatRosetteFigure::stickyLeaf, FlatRosetteFigure::scape);
    }

    static void downy(Sheet sheet) {
        draw(sheet, FlatRosetteFigure::downyLeaf, FlatRosetteFigure::posy);
    }

    /** Draws one leaf along its spine, so wide. */
    private interface Leaf {
        void draw(Pen pen, Spine spine, double width);
    }

    private static void draw(Sheet sheet, Leaf leaf, BiConsumer<Sheet, Point> bloom) {
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
                            leaf.draw(pen, new Spine(foot, Sheet.UP + i * 0.55, 34, i * 0.3), 12);
                        }
                        pen.dot(foot.plus(Sheet.UP, 12), 20, "#000", 0);
                    },
                    foot.plus(Sheet.UP, 16));
        }
        sheet.crown(heart, 12, 8);
        sheet.rootsBelow(base + 78, 54);
    }

    private static void part(Sheet sheet, Part part, Leaf drawing, List<Spine> leaves, double width) {
        List<Spine> backFirst = new ArrayList<>(leaves);
        backFirst.sort(Comparator.comparingDouble(leaf -> leaf.tip().y()));
        sheet.layer(
                part,
                pen -> backFirst.forEach(leaf -> drawing.draw(pen, leaf, width)),
                backFirst.stream().map(leaf -> leaf.at(0.8)).toArray(Point[]::new));
    }

    private static void stickyLeaf(Pen pen, Spine leaf, double width) {
        Blade.paddle("#8aa04f").draw(pen, leaf, width);
        for (int i = 0; i < 11; i++) {
            double share = 0.56 + 0.44 * i / 10;
            int side = i % 2 == 0 ? 1 : -1;
            double out = width * (share > 0.95 ? 0.3 : 0.5);
            Point root = leaf.beside(share, side * out * 0.8);
            Point drop = leaf.beside(share + 0.03, side * (out + width * 0.22));
            pen.stroke(List.of(root, root.middle(drop), drop), 0.9, 0.7);
            pen.dot(drop, 1.7, "#a83a3a", 0.85);
        }
        for (int i = 0; i < 5; i++) {
            pen.dot(leaf.beside(0.66 + 0.07 * i, (i % 2 == 0 ? 1 : -1) * width * 0.16), 1.5, "#a83a3a", 0.8);
        }
    }

    private static void downyLeaf(Pen pen, Spine leaf, double width) {
        pen.limb(leaf.line().subList(0, leaf.line().size() / 2 + 1), 3.4, 2.4, "#7c8a5a", 0.6);
        double from = 0.36;
        Spine blade = new Spine(
                leaf.at(from), leaf.heading(from), leaf.length() * (1 - from), leaf.tipHeading() - leaf.heading(from));
        Blade.round("#66885c").draw(pen, blade, width * 1.5);
    }

    /** Short stalks close over the leaves, each with its flower or bud. */
    private static void posy(Sheet sheet, Point heart) {
        int flowers = Math.min(7, sheet.subject.flowers());
        int all = flowers + Math.min(5, sheet.subject.buds());
        List<Spine> stalks = new ArrayList<>();
        for (int i = 0; i < all; i++) {
            double lean = all == 1 ? 0.1 : (i / (all - 1.0) - 0.5) * 1.5;
            stalks.add(new Spine(heart, Sheet.UP + lean, sheet.about(66 + 12 * (i % 2), 5), lean * 0.5));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    for (int i = 0; i < all; i++) {
                        Spine stalk = stalks.get(i);
                        pen.limb(stalk.line(), 2.4, 1.6, "#8a5a62", 0.6);
                        if (i >= flowers) {
                            pen.oval(stalk.tip(), 4, 5, 0, "#8f6fae", 0.75, 0.9);
                            continue;
                        }
                        for (int k = 0; k < 5; k++) {
                            Blade.round("#7d6aae").draw(pen, new Spine(stalk.tip(), Sheet.UP + k * 1.257, 14, 0), 14);
                        }
                        pen.dot(stalk.tip(), 2.6, "#f3b63f", 1);
                    }
                },
                stalks.stream().map(Spine::tip).toArray(Point[]::new));
    }

    private static void scape(Sheet sheet, Point heart) {
        int flowers = Math.min(5, sheet.subject.flowers());
        int buds = Math.min(4, sheet.subject.buds());
        Spine stalk = new Spine(heart, Sheet.UP + 0.1, 170, 0.7);
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.limb(stalk.line(), 2.6, 1.4, "#6d7d46", 0.6);
                    pen.touchable(Pen.curve(stalk.line(), false), 24);
                    for (int i = 0; i < flowers + buds; i++) {
                        Point at = stalk.at(1 - 0.09 * (flowers + buds - 1 - i)).plus(Sheet.UP, 5);
                        if (i < flowers) {
                            for (int k = 0; k < 5; k++) {
                                Blade.petal("#c48fb0").draw(pen, new Spine(at, Sheet.UP + k * 1.257, 10, 0), 8);
                            }
                        } else {
                            pen.oval(at, 3, 4.4, 0, "#8fa867", 0.8, 0.8);
                        }
                    }
                },
                stalk.at(0.9));
    }
}
