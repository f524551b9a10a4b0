package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.FlowerShape;
import mildlantern.look.GrowthHabit;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A clump of heart-shaped leaves on stalks. */
final class ClumpFigure {
    private ClumpFigure() {}

    static void draw(Sheet sheet) {
        GrowthHabit habit = sheet.subject.look().habit();
        if (habit == GrowthHabit.FLAT) {
            lawn(sheet);
            return;
        }
        boolean straps = habit == GrowthHabit.TUFT
                || habit == GrowthHabit.RUNNERS
                || sheet.subject.look().leaf() == LeafShape.STRAP;
        double base = 306;
        int leaves = Sheet.between(sheet.subject.leaves(), 3, straps ? 18 : 13, straps ? 13 : 8);
        sheet.pot(base, 114, 88);
        List<Spine> stalks = new ArrayList<>();
        List<Spine> blades = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = leaves == 1 ? 1 : i / (leaves - 1.0);
            boolean toRight = i % 2 == 0;
            double lean = (1 - share) * 1.12 + sheet.about(0.06, 0.05);
            double heading = Spine.UP + (toRight ? lean : -lean);
            double bend = (toRight ? 1 : -1) * (0.25 + 0.55 * (1 - share));
            Spine stalk = new Spine(
                    new Point(Sheet.MIDDLE + (toRight ? 5 : -5) * (1 - share), base - 1),
                    heading,
                    straps ? 8 : sheet.about((76 + 74 * share) * (habit == GrowthHabit.BULB ? 0.62 : 1), 8),
                    bend * 0.5);
            stalks.add(stalk);
            double length = straps
                    ? (sheet.subject.look().leaf() == LeafShape.PADDLE ? 132 : 168) - 20 * (1 - share)
                    : 96 - 8 * share;
            if (sheet.subject.look().leaf() == LeafShape.ROUND) {
                length = 92;
            }
            blades.add(new Spine(
                    stalk.tip(),
                    stalk.tipHeading() + (straps ? 0 : bend * 0.7),
                    sheet.about(length, 6),
                    bend * (straps ? 1.7 : 1.0)));
        }
        int young = Math.max(1, leaves / 4);
        clumpLayer(sheet, Part.LEAF, stalks, blades, 0, leaves - young);
        if (habit == GrowthHabit.BULB) {
            sheet.layer(
                    Part.STEM,
                    pen -> Blade.bulb("#a07a52")
                            .draw(pen, new Spine(new Point(Sheet.MIDDLE, base + 22), Spine.UP, 58, 0), 62),
                    new Point(Sheet.MIDDLE, base - 10));
        }
        if (habit == GrowthHabit.RUNNERS) {
            runners(sheet, base);
        }
        flowers(sheet, base);
        clumpLayer(sheet, Part.NEW_LEAF, stalks, blades, leaves - young, leaves);
        if (habit != GrowthHabit.BULB) {
            sheet.layer(
                    Part.STEM,
                    pen -> {
                        pen.dot(new Point(Sheet.MIDDLE, base - 8), 22, "#000", 0);
                        for (int i = -2; i <= 2; i++) {
                            pen.outline(
                                    Pen.format("M%.1f %.1fq%d -9 %d -18", Sheet.MIDDLE + i * 3, base, i * 2, i * 5),
                                    1.1,
                                    0.8);
                        }
                    },
                    new Point(Sheet.MIDDLE, base - 10));
        }
        sheet.medium(base, 114);
        sheet.rootsBelow(base + 88, 41);
    }

    private static void clumpLayer(Sheet sheet, Part part, List<Spine> stalks, List<Spine> blades, int from, int to) {
        sheet.layer(
                part,
                pen -> {
                    for (int i = from; i < to; i++) {
                        if (stalks.get(i).length() > 20) {
                            pen.limb(
                                    stalks.get(i).line(),
                                    3.4,
                                    2.2,
                                    sheet.subject.look().green(),
                                    0.7);
                        }
                        double width = width(sheet.subject.look().leaf()) * (1 - 0.2 * i / blades.size());
                        if (part == Part.NEW_LEAF) {
                            Leaf.young(pen, sheet.subject.look(), blades.get(i), width);
                        } else {
                            Leaf.draw(pen, sheet.subject.look(), blades.get(i), width);
                        }
                    }
                },
                blades.subList(from, to).stream().map(blade -> blade.at(0.5)).toArray(Point[]::new));
    }

    private static double width(LeafShape leaf) {
        return switch (leaf) {
            case GRASS -> 13;
            case STRAP -> 24;
            case PADDLE -> 26;
            case LANCE -> 36;
            case OVATE -> 46;
            case ARROW -> 74;
            default -> 60;
        };
    }

    private static void flowers(Sheet sheet, double base) {
        int flowers = Math.min(4, sheet.subject.flowers());
        int buds = Math.min(3, sheet.subject.buds());
        if (flowers + buds == 0) {
            return;
        }
        List<Spine> stalks = new ArrayList<>();
        for (int i = 0; i < Math.min(3, flowers + buds); i++) {
            int side = i % 2 == 0 ? 1 : -1;
            stalks.add(new Spine(
                    new Point(Sheet.MIDDLE + side * 6, base - 2),
                    Spine.UP + side * 0.1 * (i + 1),
                    214 - 18 * i,
                    side * 0.12));
        }
        double radius = sheet.subject.look().flower() == FlowerShape.TRUMPET ? 30 : 21;
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    for (int i = 0; i < stalks.size(); i++) {
                        FlowerStalk.along(sheet, pen, stalks.get(i), i < flowers ? 1 : 0, i < flowers ? 0 : 1, radius);
                    }
                },
                stalks.stream().map(Spine::tip).toArray(Point[]::new));
    }

    /** Long stems over the rim, each with a plantlet at its end. */
    private static void runners(Sheet sheet, double base) {
        List<Spine> runners = List.of(
                new Spine(new Point(Sheet.MIDDLE + 8, base - 6), Spine.UP + 0.7, 168, 2.2),
                new Spine(new Point(Sheet.MIDDLE - 8, base - 6), Spine.UP - 0.8, 150, -2.1));
        sheet.layer(
                Part.OFFSET,
                pen -> runners.forEach(runner -> {
                    pen.limb(runner.line(), 2.6, 1.8, "#b0b07a", 0.6);
                    for (int i = -3; i <= 3; i++) {
                        Leaf.young(
                                pen,
                                sheet.subject.look(),
                                new Spine(runner.tip(), Spine.UP + i * 0.5, 40 - 3 * Math.abs(i), i * 0.35),
                                8);
                    }
                    pen.touchable(Pen.curve(runner.line(), false), 22);
                }),
                runners.stream().map(Spine::tip).toArray(Point[]::new));
    }

    /** Very small leaves close over the medium, and flowers on threads above them. */
    private static void lawn(Sheet sheet) {
        double base = 312;
        sheet.pot(base, 128, 82);
        sheet.medium(base, 128);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < 46; i++) {
            places.add(new Point(Sheet.MIDDLE + sheet.about(0, 58), base + sheet.about(-2, 5)));
        }
        turf(sheet, Part.LEAF, places.subList(0, 36), sheet.subject.look().green());
        turf(
                sheet,
                Part.NEW_LEAF,
                places.subList(36, places.size()),
                Leaf.paler(sheet.subject.look().green()));
        int flowers = Math.min(9, sheet.subject.flowers() + sheet.subject.buds());
        sheet.rootsBelow(base + 82, 47);
        if (flowers == 0) {
            return;
        }
        List<Spine> threads = new ArrayList<>();
        for (int i = 0; i < flowers; i++) {
            double place = flowers == 1 ? 0 : i / (flowers - 1.0) - 0.5;
            threads.add(new Spine(
                    new Point(Sheet.MIDDLE + place * 92, base - 2),
                    Spine.UP + place * 0.3,
                    sheet.about(120, 26),
                    place * 0.4));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> threads.forEach(thread -> {
                    pen.stroke(thread.line(), 1.5, 0.9);
                    Bloom.draw(pen, sheet.subject.look(), thread.tip(), 11);
                }),
                threads.stream().map(Spine::tip).toArray(Point[]::new));
    }

    private static void turf(Sheet sheet, Part part, List<Point> places, String green) {
        sheet.layer(
                part,
                pen -> places.forEach(
                        at -> Blade.small(pen, at, Spine.UP + sheet.about(0, 0.7), 11, 4, Pen.washed(green))),
                places.get(0),
                places.get(places.size() - 1));
    }
}
