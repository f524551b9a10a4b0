package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.GrowthHabit;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A rosette of thick leaves laid in rings, the inner ones upright, in a low pot. */
final class FleshyRosetteFigure {
    private FleshyRosetteFigure() {}

    static void draw(Sheet sheet) {
        if (sheet.subject.look().habit() == GrowthHabit.STONES) {
            stones(sheet);
            return;
        }
        LeafShape shape = sheet.subject.look().leaf();
        boolean upright = sheet.subject.look().habit() == GrowthHabit.UPRIGHT;
        boolean flat = sheet.subject.look().habit() == GrowthHabit.FLAT;
        double base = 306;
        int leaves = Sheet.between(sheet.subject.leaves(), 7, 26, 17);
        sheet.pot(base, 138, 76);
        sheet.medium(base, 138);
        Point heart = new Point(Sheet.MIDDLE, base - 4);
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        // Back leaves first, then ring by ring towards the onlooker: each ring is shorter and stands steeper.
        for (int i = 0; i < leaves; i++) {
            double share = i / (leaves - 1.0);
            int ring = Math.min(2, (int) (share * 3));
            double within = share * 3 - ring;
            int turn = i % 2 == 0 ? 1 : -1;
            double lean = (1.42 - 0.42 * ring) * (1 - 0.78 * within) * (upright ? 0.6 : flat ? 1.06 : 1);
            Spine leaf = new Spine(
                    new Point(heart.x() + turn * 4 * (1 - share), heart.y() - 3 * ring),
                    Spine.UP + turn * lean,
                    sheet.about(
                            (116 - 24 * ring - 8 * within) * (upright ? 1.45 : shape == LeafShape.PLUMP ? 1 : 0.9), 4),
                    turn * (shape == LeafShape.STRAP ? 0.6 : shape == LeafShape.AWL && !flat ? 0.25 : -0.35) * lean);
            (ring == 2 ? young : old).add(leaf);
        }
        if (sheet.subject.flowers() + sheet.subject.buds() > 0) {
            stalk(sheet, heart);
        }
        sheet.layer(
                Part.STEM,
                pen -> pen.limb(
                        List.of(new Point(heart.x(), base + 4), heart, new Point(heart.x(), base - 8)),
                        15,
                        12,
                        "#8a7a52",
                        0.5),
                new Point(heart.x(), base - 2));
        double broad = shape == LeafShape.PLUMP ? 40 : shape == LeafShape.STRAP ? 28 : 24;
        sheet.leaves(Part.LEAF, old, broad);
        sheet.leaves(Part.NEW_LEAF, young, broad * 0.8);
        sheet.layer(
                Part.CROWN,
                pen -> pen.dot(new Point(heart.x(), heart.y() - 62), 20, "#000", 0),
                new Point(heart.x(), heart.y() - 66));
        if (sheet.subject.offsets() > 0) {
            int pups = Math.min(3, sheet.subject.offsets());
            List<Point> anchors = new ArrayList<>();
            for (int k = 0; k < pups; k++) {
                anchors.add(new Point(heart.x() + (k == 0 ? 84 : k == 1 ? -86 : 52), base - 8));
            }
            sheet.layer(
                    Part.OFFSET,
                    pen -> anchors.forEach(at -> {
                        for (int i : new int[] {-3, 3, -2, 2, -1, 1, 0}) {
                            Leaf.young(
                                    pen,
                                    sheet.subject.look(),
                                    new Spine(
                                            new Point(at.x(), at.y() + 12),
                                            Spine.UP + i * 0.42,
                                            34 - Math.abs(i),
                                            i * -0.1),
                                    13);
                        }
                    }),
                    anchors.toArray(Point[]::new));
        }
        sheet.rootsBelow(base + 76, 50);
    }

    private static void stalk(Sheet sheet, Point heart) {
        Spine stalk = new Spine(heart, Spine.UP + 0.1, 205, 0.9);
        int flowers = Math.min(8, sheet.subject.flowers() + sheet.subject.buds());
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.limb(stalk.line(), 4, 2, "#a06a62", 0.6);
                    pen.touchable(Pen.curve(stalk.line(), false), 24);
                    for (int i = 0; i < flowers; i++) {
                        Point at = stalk.at(0.98 - 0.06 * i);
                        Blade.petal(sheet.subject.look().bloom())
                                .draw(pen, new Spine(at, Math.PI / 2 - 0.4, 22 - i, 0.2), 12);
                    }
                },
                stalk.at(0.85));
    }

    /** Pairs of leaves grown into stones, split across the top, and a flower out of the split. */
    private static void stones(Sheet sheet) {
        double base = 306;
        sheet.pot(base, 138, 76);
        sheet.medium(base, 138);
        int bodies = Sheet.between(Math.max(sheet.subject.growths(), sheet.subject.leaves() / 2), 1, 6, 4);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < bodies; i++) {
            double share = bodies == 1 ? 0.5 : i / (bodies - 1.0);
            places.add(new Point(Sheet.MIDDLE + (share - 0.5) * 104, base - 10 + (i % 2 == 0 ? -7 : 5)));
        }
        sheet.layer(
                Part.LEAF,
                pen -> places.forEach(at -> {
                    for (int side : new int[] {-1, 1}) {
                        Point half = new Point(at.x() + side * 10.5, at.y());
                        pen.oval(half, 11.5, 18, 0, Pen.SHEET, 1, 0)
                                .oval(half, 11.5, 18, 0, sheet.subject.look().green(), 0.65, 1.1);
                        for (int k = 0; k < 7; k++) {
                            pen.dot(
                                    new Point(half.x() + sheet.about(0, 7), half.y() - 8 + sheet.about(0, 5)),
                                    1.7,
                                    sheet.subject.look().mark(),
                                    0.8);
                        }
                    }
                }),
                places.toArray(Point[]::new));
        Point youngest = places.get(bodies - 1);
        sheet.layer(
                Part.NEW_LEAF,
                pen -> {
                    // The next pair grows out of the split of the old one.
                    pen.oval(youngest, 5, 9, 0, Leaf.paler(sheet.subject.look().green()), 0.9, 0.9);
                    pen.outline("M" + Pen.xy(youngest.plus(Spine.UP, 8)) + "v16", 0.8, 0.9);
                },
                youngest);
        int flowers = Math.min(bodies, sheet.subject.flowers());
        if (flowers > 0) {
            sheet.layer(
                    Part.FLOWER,
                    pen -> places.subList(0, flowers)
                            .forEach(at -> Bloom.draw(pen, sheet.subject.look(), at.plus(Spine.UP, 22), 17)),
                    places.stream().map(at -> at.plus(Spine.UP, 22)).toArray(Point[]::new));
        }
        sheet.rootsBelow(base + 76, 50);
    }
}
