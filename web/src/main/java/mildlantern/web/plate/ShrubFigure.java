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

/** A small tree or shrub in a pot: a slender trunk that forks, with large leaves along its branches. */
final class ShrubFigure {
    private ShrubFigure() {}

    /** Where each branch leaves the trunk, how it turns from the upright, how long it is, how it bends. */
    private static final double[][] TREE = {
        {0.55, -0.85, 96, 0.35}, {0.7, 0.9, 92, -0.35}, {0.95, -0.32, 112, 0.25}, {1, 0.34, 104, -0.2}
    };

    /** Many stems from near the ground. */
    private static final double[][] BUSH = {
        {0.3, -0.72, 118, 0.45},
        {0.4, 0.7, 122, -0.4},
        {0.8, -0.4, 158, 0.2},
        {0.9, 0.38, 164, -0.16},
        {1, -0.12, 182, 0.08},
        {1, 0.16, 150, -0.1}
    };

    static void draw(Sheet sheet) {
        double base = 326;
        boolean bush = sheet.subject.look().habit() == GrowthHabit.LEANING;
        int leaves = Sheet.between(sheet.subject.leaves(), 6, 44, 26) * (bush ? 6 : 1);
        sheet.pot(base, 112, 72);
        boolean upright = sheet.subject.look().habit() == GrowthHabit.UPRIGHT;
        boolean hanging = sheet.subject.look().habit() == GrowthHabit.TRAILING;
        LeafShape shape = sheet.subject.look().leaf();
        boolean pads = shape == LeafShape.PAD;
        Spine trunk = new Spine(
                new Point(Sheet.MIDDLE + 3, base + 2),
                Spine.UP - 0.06,
                upright ? 168 : pads ? 92 : bush ? 26 : 118,
                0.14);
        List<Spine> branches = new ArrayList<>();
        double[][] forks = bush ? BUSH : TREE;
        for (double[] fork : forks) {
            branches.add(new Spine(
                    trunk.at(upright ? 0.4 + 0.6 * fork[0] : fork[0]),
                    Spine.UP + fork[1] * (upright ? 0.5 : 1) + sheet.about(0, 0.05),
                    sheet.about(upright ? fork[2] * 0.6 : fork[2], 7),
                    hanging ? Math.signum(fork[1]) * 1.7 : fork[3]));
        }
        sheet.layer(
                Part.STEM,
                pen -> {
                    pen.limb(trunk.line(), pads ? 26 : 14, pads ? 17 : 8, "#8a6f52", 0.65);
                    for (int i = 1; i < 9; i++) {
                        pen.outline(
                                "M" + Pen.xy(trunk.beside(0.1 * i, sheet.about(-1, 3))) + "L"
                                        + Pen.xy(trunk.beside(0.1 * i + 0.06, sheet.about(1, 3))),
                                0.6,
                                0.5);
                    }
                    pen.touchable(Pen.curve(trunk.line(), false), 30);
                },
                trunk.at(0.3),
                trunk.at(0.6));
        sheet.layer(
                Part.TWIG,
                pen -> branches.forEach(branch -> {
                    pen.limb(branch.line(), pads ? 12 : bush ? 4 : 6.5, pads ? 6 : bush ? 1 : 2, "#8a6f52", 0.65);
                    pen.touchable(Pen.curve(branch.line(), false), 18);
                }),
                branches.stream().map(branch -> branch.at(0.45)).toArray(Point[]::new));
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            Spine branch = branches.get(i % branches.size());
            int nth = i / branches.size();
            int each = Math.max(1, (leaves - 1) / branches.size());
            double share = 0.22 + 0.78 * nth / each;
            int side = nth % 2 == 0 ? 1 : -1;
            boolean end = nth >= each;
            double heading = branch.heading(Math.min(1, share)) + (end ? 0 : side * (1.0 - 0.3 * share));
            Spine leaf = new Spine(
                    branch.at(Math.min(1, share)),
                    heading + sheet.about(0, 0.12),
                    sheet.about(length(shape) * (1 - 0.18 * share), 4),
                    side * 0.45);
            (end || share > 0.9 ? young : old).add(leaf);
        }
        if (young.isEmpty()) {
            young.add(new Spine(branches.get(2).tip(), Spine.UP, 40, 0.2));
        }
        sheet.leaves(Part.LEAF, old, width(shape));
        sheet.leaves(Part.NEW_LEAF, young, width(shape) * 0.8);
        int flowers = Math.min(5, sheet.subject.flowers());
        int buds = Math.min(5, sheet.subject.buds());
        if (flowers + buds > 0) {
            List<Point> places = new ArrayList<>();
            for (int i = 0; i < flowers + buds; i++) {
                places.add(branches.get(i % branches.size()).at(1 - 0.22 * (i / branches.size())));
            }
            sheet.layer(
                    Part.FLOWER,
                    pen -> {
                        for (int i = 0; i < places.size(); i++) {
                            if (i >= flowers) {
                                Bloom.bud(pen, sheet.subject.look(), places.get(i), 7.5);
                            } else {
                                Bloom.draw(pen, sheet.subject.look(), places.get(i), 18);
                            }
                        }
                    },
                    places.toArray(Point[]::new));
        }
        sheet.medium(base, 112);
        sheet.rootsBelow(base + 72, 41);
    }

    private static double length(LeafShape leaf) {
        return switch (leaf) {
            case FIDDLE -> 88;
            case OBLONG, FINGERS -> 80;
            case LANCE, LOBED -> 66;
            case PAD -> 34;
            case AWL -> 19;
            default -> 54;
        };
    }

    private static double width(LeafShape leaf) {
        return switch (leaf) {
            case FIDDLE -> 54;
            case OBLONG -> 38;
            case LANCE -> 20;
            case LOBED -> 44;
            case AWL -> 4.4;
            default -> 25;
        };
    }
}
