package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.FlowerShape;
import mildlantern.look.GrowthHabit;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A rosette of straps round a cup, in a pot or on a mount, with offsets and a bract. */
final class RosetteFigure {
    private RosetteFigure() {}

    static void draw(Sheet sheet) {
        double base = 306;
        Point heart = new Point(Sheet.MIDDLE, base - 6);
        int leaves = Sheet.between(sheet.subject.leaves(), 5, 16, 11);
        if (sheet.mounted()) {
            Mount.draw(sheet, base);
        } else {
            sheet.pot(base, 112, 88);
            sheet.medium(base, 112);
        }
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = i / (leaves - 1.0);
            boolean toRight = i % 2 == 0;
            double rise = 0.2
                    + 1.32 * share * (sheet.subject.look().habit() == GrowthHabit.FLAT ? 0.62 : 1)
                    + sheet.about(0, 0.04);
            double length = sheet.about(172 - 50 * share * share, 6);
            double bend = (1 - share) * 0.9 + 0.12;
            Spine leaf = new Spine(
                    new Point(heart.x() + (toRight ? 8 : -8) * (1 - share), heart.y()),
                    toRight ? -rise : Math.PI + rise,
                    length,
                    toRight ? bend : -bend);
            (share > 0.72 ? young : old).add(leaf);
        }
        old.add(new Spine(new Point(heart.x(), heart.y() + 4), Spine.UP, 92, 0.02));
        sheet.leaves(Part.LEAF, old, sheet.subject.look().habit() == GrowthHabit.FLAT ? 38 : 33);
        if (sheet.subject.flowers() > 0) {
            bract(sheet, heart);
        }
        sheet.leaves(Part.NEW_LEAF, young, 28);
        cup(sheet, new Point(heart.x(), heart.y() - 24));
        if (sheet.subject.offsets() > 0) {
            sheet.layer(
                    Part.OFFSET,
                    pen -> {
                        for (int k = 0; k < Math.min(3, sheet.subject.offsets()); k++) {
                            double x = heart.x() + (k == 0 ? 62 : k == 1 ? -64 : 92);
                            double size = sheet.about(k == 2 ? 0.7 : 1, 0.08);
                            for (double[] leaf : new double[][] {
                                {-0.35, 56, 0.75},
                                {Math.PI + 0.4, 52, -0.75},
                                {-0.85, 62, 0.5},
                                {Math.PI + 0.95, 58, -0.5},
                                {Spine.UP, 60, 0.06}
                            }) {
                                Leaf.young(
                                        pen,
                                        sheet.subject.look(),
                                        new Spine(new Point(x, base + 4), leaf[0], leaf[1] * size, leaf[2]),
                                        14 * size);
                            }
                        }
                    },
                    new Point(heart.x() + 82, base - 30));
        }
    }

    /** The cup between the inner leaves: water in its depth, a rim of ink. */
    private static void cup(Sheet sheet, Point at) {
        sheet.layer(
                Part.CROWN,
                pen -> {
                    String water = Pen.format("M%.1f %.1fq10 -8 20 0q-10 7 -20 0z", at.x() - 10, at.y());
                    pen.fill(water, "#1b6177", 0.45).outline(water, 0.8, 0.9).dot(at, 22, "#000", 0);
                },
                at);
    }

    private static void bract(Sheet sheet, Point heart) {
        if (sheet.subject.look().flower() == FlowerShape.BALL) {
            // It flowers down in its cup.
            Point cup = new Point(heart.x(), heart.y() - 30);
            sheet.layer(Part.FLOWER, pen -> Bloom.draw(pen, sheet.subject.look(), cup, 16), cup);
            return;
        }
        if (sheet.subject.look().flower() == FlowerShape.BRACTS) {
            Spine stem = new Spine(heart, Spine.UP + 0.04, 176, 0.06);
            sheet.layer(
                    Part.FLOWER,
                    pen -> {
                        pen.limb(stem.line(), 7, 5, "#7d8a55", 0.6);
                        Bloom.draw(pen, sheet.subject.look(), stem.tip(), 34);
                    },
                    stem.tip());
            return;
        }
        Spine stalk = new Spine(heart, Spine.UP + 0.06, 205, 0.1);
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.limb(stalk.line(), 6, 3.6, "#9a5a62", 0.5);
                    for (int i = 0; i < 9; i++) {
                        double at = 0.62 + 0.042 * i;
                        boolean right = i % 2 == 0;
                        Blade.petal(sheet.subject.look().bloom())
                                .draw(
                                        pen,
                                        new Spine(
                                                stalk.at(at),
                                                stalk.tipHeading() + (right ? 0.75 : -0.75),
                                                40 - 2 * i,
                                                right ? -0.7 : 0.7),
                                        15);
                    }
                },
                stalk.at(0.85));
    }
}
