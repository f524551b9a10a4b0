package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;

/** A rosette of thick leaves laid in rings, the inner ones upright, in a low pot. */
final class FleshyRosetteFigure {
    private FleshyRosetteFigure() {}

    static void draw(Sheet sheet) {
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
            double lean = (1.42 - 0.42 * ring) * (1 - 0.78 * within);
            Spine leaf = new Spine(
                    new Point(heart.x() + turn * 4 * (1 - share), heart.y() - 3 * ring),
                    Sheet.UP + turn * lean,
                    sheet.about(116 - 24 * ring - 8 * within, 4),
                    turn * -0.35 * lean);
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
        sheet.leaves(Part.LEAF, old, Blade.plump("#7f9b84"), 40);
        sheet.leaves(Part.NEW_LEAF, young, Blade.plump("#93ad92"), 32);
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
                            Blade.plump("#93ad92")
                                    .draw(
                                            pen,
                                            new Spine(
                                                    new Point(at.x(), at.y() + 12),
                                                    Sheet.UP + i * 0.42,
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
        Spine stalk = new Spine(heart, Sheet.UP + 0.1, 205, 0.9);
        int flowers = Math.min(8, sheet.subject.flowers() + sheet.subject.buds());
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.limb(stalk.line(), 4, 2, "#a06a62", 0.6);
                    pen.touchable(Pen.curve(stalk.line(), false), 24);
                    for (int i = 0; i < flowers; i++) {
                        Point at = stalk.at(0.98 - 0.06 * i);
                        Blade.petal("#cf6f4a").draw(pen, new Spine(at, Math.PI / 2 - 0.4, 22 - i, 0.2), 12);
                    }
                },
                stalk.at(0.85));
    }
}
