package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.GrowthHabit;
import mildlantern.look.LeafShape;
import mildlantern.look.Look;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** An orchid that grows sideways: a row of swollen canes, the oldest bare, the newest in leaf, flowers from its neighbour. */
final class CanedOrchidFigure {
    private CanedOrchidFigure() {}

    static void draw(Sheet sheet) {
        double base = 306;
        GrowthHabit habit = sheet.subject.look().habit();
        int canes = Sheet.between(sheet.subject.growths(), 2, 8, 5);
        int leaves = Sheet.between(sheet.subject.leaves(), 1, 14, canes + 2);
        if (sheet.mounted()) {
            Mount.draw(sheet, base);
        } else {
            sheet.pot(base, 132, 84);
        }
        List<Spine> bulbs = new ArrayList<>();
        for (int i = 0; i < canes; i++) {
            double share = canes == 1 ? 0.5 : i / (canes - 1.0);
            double lean = (share - 0.45) * 0.62;
            bulbs.add(new Spine(
                    new Point(Sheet.MIDDLE + (share - 0.5) * 104, base + 2 - 4 * Math.sin(Math.PI * share)),
                    Spine.UP + lean + sheet.about(0, 0.03),
                    sheet.about(caneLength(habit) * (0.78 + 0.26 * share), 5),
                    lean * 0.25));
        }
        int inLeaf = Math.min(canes, Math.max(1, oneLeaved(habit) ? leaves : (leaves + 1) / 2));
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        int left = leaves;
        for (int i = canes - 1; i >= canes - inLeaf; i--) {
            Spine bulb = bulbs.get(i);
            List<Spine> on = i == canes - 1 ? young : old;
            for (int k = 0; k < (oneLeaved(habit) ? 1 : 2) && left > 0; k++, left--) {
                double turn = (oneLeaved(habit) ? 0.16 : k == 0 ? 0.42 : -0.5) + sheet.about(0, 0.06);
                on.add(new Spine(
                        bulb.tip(), bulb.tipHeading() + turn, sheet.about(i == canes - 1 ? 104 : 118, 7), turn * 1.5));
            }
        }
        if (habit == GrowthHabit.RANKED || habit == GrowthHabit.UPRIGHT) {
            ranks(sheet, bulbs.subList(canes - inLeaf, canes), old, habit == GrowthHabit.RANKED ? 0.4 : 0.68);
        }
        double broad = broad(sheet.subject.look());
        sheet.leaves(Part.LEAF, old, broad);
        sheet.layer(
                Part.CANE,
                pen -> {
                    for (int i = 0; i < canes; i++) {
                        Blade.bulb(i < canes - inLeaf ? "#9a9a62" : "#7f9455")
                                .draw(pen, bulbs.get(i), caneWidth(habit));
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
            Spine from = bulbs.get(Math.max(0, canes - 2));
            if (habit == GrowthHabit.ONE_LEAVED || habit == GrowthHabit.PLEATED) {
                stalks(sheet, from);
            } else {
                flowers(sheet, from);
            }
        }
        sheet.leaves(Part.NEW_LEAF, young, broad * 0.9);
        if (sheet.subject.offsets() > 0) {
            plantlet(sheet, bulbs.get(0));
        }
        if (!sheet.mounted()) {
            sheet.medium(base, 132);
        }
        sheet.rootsBelow(base + (sheet.mounted() ? 44 : 84), 48);
    }

    private static double caneLength(GrowthHabit habit) {
        return switch (habit) {
            case BULB, PLEATED -> 58;
            case RUNNERS -> 40;
            case RANKED -> 128;
            case UPRIGHT -> 118;
            default -> 94;
        };
    }

    private static double caneWidth(GrowthHabit habit) {
        return switch (habit) {
            case BULB, PLEATED -> 44;
            case ONE_LEAVED -> 25;
            case RUNNERS -> 22;
            case RANKED -> 19;
            case UPRIGHT -> 17;
            default -> 30;
        };
    }

    private static boolean oneLeaved(GrowthHabit habit) {
        return habit == GrowthHabit.ONE_LEAVED || habit == GrowthHabit.RUNNERS || habit == GrowthHabit.TRAILING;
    }

    private static double broad(Look look) {
        if (look.habit() == GrowthHabit.PLEATED) {
            return 56;
        }
        return look.leaf() == LeafShape.GRASS ? 17 : look.leaf() == LeafShape.OBLONG ? 36 : 29;
    }

    /** Leaves in two ranks along the canes that are in leaf, from a share of their length on. */
    private static void ranks(Sheet sheet, List<Spine> canes, List<Spine> leaves, double from) {
        for (Spine cane : canes) {
            for (int i = 0; i < 4; i++) {
                int side = i % 2 == 0 ? 1 : -1;
                double share = from + (0.96 - from) / 4 * i;
                leaves.add(
                        new Spine(cane.at(share), cane.heading(share) + side * 1.05, sheet.about(58, 5), side * 0.5));
            }
        }
    }

    private static void flowers(Sheet sheet, Spine from) {
        int flowers = Math.min(6, sheet.subject.flowers());
        int buds = Math.min(5, sheet.subject.buds());
        Spine stalk = sheet.subject.look().habit() == GrowthHabit.TRAILING
                ? new Spine(from.at(0), Math.PI * 0.8, 112, -0.9)
                : new Spine(from.tip(), Spine.UP - 0.3, 168, 1.0);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < flowers + buds; i++) {
            double share = flowers + buds == 1 ? 1 : 0.5 + 0.5 * i / (flowers + buds - 1.0);
            places.add(stalk.at(share).plus(Spine.UP + (i % 2 == 0 ? 1.4 : -1.4), i % 2 == 0 ? 17 : 18));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.touchable(Pen.curve(stalk.line(), false), 26);
                    pen.limb(stalk.line(), 3.4, 1.8, "#6d7d46", 0.6);
                    for (int i = 0; i < places.size(); i++) {
                        Point stem = stalk.at(places.size() == 1 ? 1 : 0.5 + 0.5 * i / (places.size() - 1.0));
                        pen.stroke(List.of(stem, stem.middle(places.get(i)), places.get(i)), 1.4, 1);
                        if (i < flowers) {
                            Bloom.draw(pen, sheet.subject.look(), places.get(i), 23 - i);
                        } else {
                            Bloom.bud(pen, sheet.subject.look(), places.get(i), 6.6);
                        }
                    }
                },
                places.toArray(Point[]::new));
    }

    /** Large flowers, each on a short stalk of its own: from between leaf and cane, or straight from the foot of a pleated one. */
    private static void stalks(Sheet sheet, Spine cane) {
        int flowers = Math.min(4, sheet.subject.flowers());
        int all = flowers + Math.min(3, sheet.subject.buds());
        boolean foot = sheet.subject.look().habit() == GrowthHabit.PLEATED;
        List<Spine> stalks = new ArrayList<>();
        for (int i = 0; i < all; i++) {
            double turn = all == 1 ? -0.3 : -0.75 + 1.3 * i / (all - 1.0);
            stalks.add(new Spine(
                    foot ? cane.at(0.05) : cane.tip(), Spine.UP + turn, foot ? 118 : 70 + 14 * (i % 2), turn * 0.4));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    for (int i = 0; i < all; i++) {
                        pen.limb(stalks.get(i).line(), 2.6, 1.8, "#6d7d46", 0.6);
                        if (i < flowers) {
                            Bloom.draw(pen, sheet.subject.look(), stalks.get(i).tip(), foot ? 22 : 34);
                        } else {
                            Bloom.bud(pen, sheet.subject.look(), stalks.get(i).tip(), 9);
                        }
                    }
                },
                stalks.stream().map(Spine::tip).toArray(Point[]::new));
    }

    /** A plantlet on a joint of an old cane, with roots of its own. */
    private static void plantlet(Sheet sheet, Spine cane) {
        Point joint = cane.at(0.72);
        sheet.layer(
                Part.OFFSET,
                pen -> {
                    for (double[] leaf : new double[][] {{-0.5, 34, -0.5}, {-1.15, 30, -0.3}, {0.1, 28, 0.2}}) {
                        Blade.strap("#92a86f").draw(pen, new Spine(joint, Spine.UP + leaf[0], leaf[1], leaf[2]), 10);
                    }
                    for (double turn : new double[] {2.4, 2.9}) {
                        pen.limb(new Spine(joint, Spine.UP - turn, 24, -0.4).line(), 2.6, 1.2, "#9fb08a", 0.5);
                    }
                    pen.dot(joint, 16, "#000", 0);
                },
                joint.plus(Spine.UP - 0.6, 18));
    }
}
