package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;

/** A small tree or shrub in a pot: a slender trunk that forks, with large leaves along its branches. */
final class ShrubFigure {
    private ShrubFigure() {}

    static void draw(Sheet sheet) {
        double base = 326;
        int leaves = Sheet.between(sheet.subject.leaves(), 6, 44, 26);
        sheet.pot(base, 112, 72);
        Spine trunk = new Spine(new Point(Sheet.MIDDLE + 3, base + 2), Sheet.UP - 0.06, 118, 0.14);
        List<Spine> branches = new ArrayList<>();
        double[][] forks = {
            {0.55, -0.85, 96, 0.35}, {0.7, 0.9, 92, -0.35}, {0.95, -0.32, 112, 0.25}, {1, 0.34, 104, -0.2}
        };
        for (double[] fork : forks) {
            branches.add(new Spine(
                    trunk.at(fork[0]), Sheet.UP + fork[1] + sheet.about(0, 0.05), sheet.about(fork[2], 7), fork[3]));
        }
        sheet.layer(
                Part.STEM,
                pen -> {
                    pen.limb(trunk.line(), 14, 8, "#8a6f52", 0.65);
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
                    pen.limb(branch.line(), 6.5, 2, "#8a6f52", 0.65);
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
                    sheet.about(54 - 10 * share, 4),
                    side * 0.45);
            (end || share > 0.9 ? young : old).add(leaf);
        }
        if (young.isEmpty()) {
            young.add(new Spine(branches.get(2).tip(), Sheet.UP, 40, 0.2));
        }
        sheet.leaves(Part.LEAF, old, Blade.ovate("#567a4d"), 25);
        sheet.leaves(Part.NEW_LEAF, young, Blade.ovate("#7c9a55"), 20);
        int flowers = Math.min(5, sheet.subject.flowers());
        int buds = Math.min(5, sheet.subject.buds());
        if (flowers + buds > 0) {
            List<Point> places = new ArrayList<>();
            for (int i = 0; i < flowers + buds; i++) {
                places.add(branches.get(i % branches.size())
                        .at(1 - 0.22 * (i / branches.size()))
                        .plus(Sheet.UP, 9));
            }
            sheet.layer(
                    Part.FLOWER,
                    pen -> {
                        for (int i = 0; i < places.size(); i++) {
                            if (i >= flowers) {
                                pen.oval(places.get(i), 5, 7.5, 10, "#c98a6a", 0.8, 0.9);
                                continue;
                            }
                            for (int k = 0; k < 5; k++) {
                                Blade.petal("#d07a64")
                                        .draw(pen, new Spine(places.get(i), Sheet.UP + k * 1.257, 18, 0.15), 15);
                            }
                            pen.dot(places.get(i), 2.6, "#f3b63f", 0.95);
                        }
                    },
                    places.toArray(Point[]::new));
        }
        sheet.medium(base, 112);
        sheet.rootsBelow(base + 72, 41);
    }
}
