package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.GrowthHabit;
import mildlantern.look.LeafShape;
import mildlantern.plant.PotKind;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A small tree with a tapering trunk, limbs and clouds of leaves, in a tray or a pot. */
final class TreeFigure {
    private TreeFigure() {}

    static void draw(Sheet sheet) {
        boolean tray = sheet.subject.vessel() == PotKind.TRAY;
        double base = tray ? 338 : 312;
        if (tray) {
            sheet.tray(base, 204, 36);
        } else {
            sheet.pot(base, 118, 84);
        }
        GrowthHabit habit = sheet.subject.look().habit();
        boolean tiered = habit == GrowthHabit.TIERED;
        boolean leaning = habit == GrowthHabit.LEANING;
        Spine lower = tiered
                ? new Spine(new Point(Sheet.MIDDLE, base + 3), Spine.UP + 0.04, 120, -0.06)
                : leaning
                        ? new Spine(new Point(Sheet.MIDDLE - 46, base + 3), Spine.UP + 0.62, 112, -0.2)
                        : new Spine(new Point(Sheet.MIDDLE - 18, base + 3), Spine.UP + 0.34, 104, -0.5);
        Spine upper =
                new Spine(lower.tip(), lower.tipHeading(), tiered ? 124 : 104, tiered ? 0.05 : leaning ? 0.5 : 0.6);
        List<Point> trunk = new ArrayList<>(lower.line());
        trunk.addAll(upper.line().subList(1, upper.line().size()));
        List<Spine> limbs = new ArrayList<>();
        double[][] branches = {
            {0.42, -1.28, 104, 0.42},
            {0.58, 1.22, 98, -0.4},
            {0.74, -1.12, 78, 0.36},
            {0.86, 1.02, 66, -0.3},
            {0.95, -0.7, 48, 0.2}
        };
        for (double[] branch : branches) {
            int at = (int) Math.round(branch[0] * (trunk.size() - 1));
            limbs.add(new Spine(
                    trunk.get(at), Spine.UP + branch[1] + sheet.about(0, 0.06), sheet.about(branch[2], 6), branch[3]));
        }
        Point top = trunk.get(trunk.size() - 1);
        sheet.layer(
                Part.STEM,
                pen -> {
                    limbs.forEach(limb -> pen.limb(limb.line(), 9, 2.4, "#6d5744", 0.75));
                    for (double[] foot :
                            new double[][] {{-1.5, 36, -0.5}, {1.42, 34, 0.5}, {-0.8, 22, -0.4}, {0.75, 22, 0.4}}) {
                        pen.limb(
                                new Spine(
                                                new Point(Sheet.MIDDLE - 16, base - 5),
                                                Spine.UP + foot[0] * 1.12,
                                                foot[1],
                                                foot[2] * 1.6)
                                        .line(),
                                11,
                                3,
                                "#6d5744",
                                0.75);
                    }
                    pen.limb(trunk, habit == GrowthHabit.BULB ? 46 : 27, 5, "#6d5744", 0.75);
                    for (int i = 0; i < 13; i++) {
                        int at = 2 + i * 3;
                        Point p = trunk.get(Math.min(at, trunk.size() - 2));
                        double reach = 8.5 * (1 - at / (double) trunk.size());
                        pen.outline(
                                "M" + Pen.xy(p.plus(sheet.about(0.3, 0.4), reach)) + "L"
                                        + Pen.xy(p.plus(sheet.about(Spine.UP + 0.6, 0.3), 7)),
                                0.6,
                                0.45);
                    }
                },
                trunk.get(8),
                trunk.get(14));
        List<Pad> pads = new ArrayList<>();
        for (Spine limb : limbs) {
            pads.add(new Pad(limb.tip(), limb.length() * 0.52, 20));
            pads.add(new Pad(limb.at(0.62), limb.length() * 0.36, 15));
        }
        pads.add(new Pad(new Point(top.x(), top.y() - 4), 50, 26));
        double density = sheet.subject.leaves() == 0 ? 1 : Math.max(0.12, Math.min(1, sheet.subject.leaves() / 160.0));
        sheet.layer(
                Part.TWIG,
                pen -> {
                    for (Pad pad : pads) {
                        for (int i = -2; i <= 2; i++) {
                            Spine twig = new Spine(
                                    new Point(pad.at.x() + i * pad.rx * 0.2, pad.at.y() + pad.ry * 0.3),
                                    Spine.UP + i * 0.42,
                                    pad.ry * 1.25,
                                    i * 0.2);
                            pen.stroke(twig.line(), 1.8, 0.6);
                        }
                        pen.touchable(
                                "M" + Pen.xy(new Point(pad.at.x() - pad.rx * 0.7, pad.at.y() + pad.ry * 0.5)) + "h"
                                        + Pen.format("%.1f", pad.rx * 1.4),
                                16);
                    }
                },
                limbs.get(0).at(0.7),
                limbs.get(1).at(0.7));
        foliage(sheet, Part.LEAF, pads.subList(0, pads.size() - 1), density);
        foliage(sheet, Part.NEW_LEAF, pads.subList(pads.size() - 1, pads.size()), density);
        flowers(sheet, pads);
        sheet.medium(base + (tray ? 3 : 0), tray ? 190 : 118);
        sheet.rootsBelow(base + (tray ? 42 : 84), tray ? 84 : 43);
    }

    /** A cloud of leaves at the end of a branch. */
    private record Pad(Point at, double rx, double ry) {}

    private static double crowd(LeafShape leaf) {
        return switch (leaf) {
            case NEEDLES -> 0.4;
            case SCALES -> 0.5;
            case PALMATE -> 0.38;
            case ROUND, PAD -> 0.7;
            default -> 1;
        };
    }

    private static void leaf(Sheet sheet, Pen pen, Point at, double away, boolean young) {
        String green = young
                ? Leaf.paler(sheet.subject.look().green())
                : sheet.subject.look().green();
        switch (sheet.subject.look().leaf()) {
            case NEEDLES -> Leaf.tuft(pen, at, Spine.UP + (away - Spine.UP) * 0.5, sheet.about(20, 3), green, 7, 1.3);
            case SCALES -> Leaf.tuft(pen, at, away, sheet.about(12, 2), green, 5, 3.4);
            case PALMATE -> {
                for (double turn : new double[] {-1.15, 1.15, -0.58, 0.58, 0}) {
                    double length = 15 * (1 - 0.28 * Math.abs(turn));
                    Blade.small(pen, at, away + turn, length, length * 0.24, Pen.washed(green));
                }
            }
            case ROUND -> Blade.small(pen, at, away, sheet.about(17, 2), 15, Pen.washed(green));
            case PAD -> Blade.small(pen, at, away, sheet.about(12, 1), 13, Pen.washed(green));
            case LANCE -> Blade.small(pen, at, away, sheet.about(19, 3), 5.5, Pen.washed(green));
            case TINY -> Blade.small(pen, at, away, sheet.about(10, 2), 7, Pen.washed(green));
            default -> Blade.small(pen, at, away, sheet.about(16, 3), sheet.about(9, 1.4), Pen.washed(green));
        }
    }

    private static void flowers(Sheet sheet, List<Pad> pads) {
        int flowers = Math.min(9, sheet.subject.flowers());
        if (flowers == 0) {
            return;
        }
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < flowers; i++) {
            Pad pad = pads.get((i * 2 + 1) % pads.size());
            places.add(new Point(pad.at.x() + sheet.about(0, pad.rx * 0.6), pad.at.y() - pad.ry * 0.4));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> places.forEach(at -> Bloom.draw(pen, sheet.subject.look(), at, 8)),
                places.toArray(Point[]::new));
    }

    private static void foliage(Sheet sheet, Part part, List<Pad> pads, double density) {
        sheet.layer(
                part,
                pen -> {
                    for (Pad pad : pads) {
                        int leaves = (int) Math.round(pad.rx
                                * 0.95
                                * density
                                * crowd(sheet.subject.look().leaf()));
                        for (int i = 0; i < leaves; i++) {
                            double round = sheet.random.nextDouble() * Math.PI * 2;
                            double out = Math.sqrt(sheet.random.nextDouble());
                            Point at = new Point(
                                    pad.at.x() + Math.cos(round) * out * pad.rx,
                                    pad.at.y() - 4 + Math.sin(round) * out * pad.ry * (Math.sin(round) > 0 ? 0.5 : 1));
                            double away = Spine.UP + (at.x() - pad.at.x()) / pad.rx * 1.25 + sheet.about(0, 0.5);
                            leaf(sheet, pen, at, away, part == Part.NEW_LEAF);
                        }
                    }
                },
                pads.stream()
                        .map(pad -> new Point(pad.at.x(), pad.at.y() - pad.ry * 0.4))
                        .toArray(Point[]::new));
    }
}
