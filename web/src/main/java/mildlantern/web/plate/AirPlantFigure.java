package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.GrowthHabit;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** An air plant: silvery leaves that taper and curl away from one point, tied to cork, with its pups. */
final class AirPlantFigure {
    private AirPlantFigure() {}

    static void draw(Sheet sheet) {
        double base = 300;
        int leaves = Sheet.between(sheet.subject.leaves(), 8, 26, 18);
        if (sheet.mounted()) {
            Mount.draw(sheet, base);
        } else {
            sheet.pot(base + 14, 104, 70);
            sheet.medium(base + 14, 104);
        }
        Point heart = new Point(Sheet.MIDDLE, base + (sheet.mounted() ? 6 : 10));
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = i / (leaves - 1.0);
            boolean toRight = i % 2 == 0;
            double lean = (1 - share) * 1.75 + 0.04;
            double bend = (1 - share) * 0.9
                    + 0.25
                    + sheet.about(0, sheet.subject.look().habit() == GrowthHabit.FLAT ? 0.9 : 0.2);
            Spine leaf = new Spine(
                    heart,
                    Spine.UP + (toRight ? lean : -lean) + sheet.about(0, 0.05),
                    sheet.about(158 - 34 * share, 10),
                    toRight ? bend : -bend);
            (share > 0.75 ? young : old).add(leaf);
        }
        if (sheet.subject.offsets() > 0) {
            pups(sheet, heart);
        }
        sheet.leaves(Part.LEAF, old, sheet.subject.look().habit() == GrowthHabit.FLAT ? 11 : 17);
        if (sheet.subject.flowers() + sheet.subject.buds() > 0) {
            quill(sheet, heart);
        }
        sheet.leaves(Part.NEW_LEAF, young, sheet.subject.look().habit() == GrowthHabit.FLAT ? 9 : 14);
        sheet.crown(new Point(heart.x(), heart.y() - 6), 14, 10);
        sheet.layer(
                Part.ROOT,
                pen -> {
                    for (double turn : new double[] {0.5, 1.1, 1.7, 2.4}) {
                        Spine root = new Spine(heart, turn, sheet.about(30, 5), turn > 1.5 ? 0.7 : -0.7);
                        pen.limb(root.line(), 2.2, 0.9, "#6b5a48", 0.6);
                        pen.touchable(Pen.curve(root.line(), false), 16);
                    }
                },
                heart.plus(1.3, 24));
    }

    private static void pups(Sheet sheet, Point heart) {
        int pups = Math.min(3, sheet.subject.offsets());
        List<Point> anchors = new ArrayList<>();
        for (int k = 0; k < pups; k++) {
            anchors.add(new Point(heart.x() + (k == 0 ? 74 : k == 1 ? -78 : 108), heart.y() - 34));
        }
        sheet.layer(
                Part.OFFSET,
                pen -> {
                    for (int k = 0; k < pups; k++) {
                        Point foot = new Point(heart.x() + (k == 0 ? 62 : k == 1 ? -66 : 94), heart.y() + 8);
                        for (int i = -3; i <= 3; i++) {
                            Blade.taper(Leaf.paler(sheet.subject.look().green()))
                                    .draw(pen, new Spine(foot, Spine.UP + i * 0.36, 58 - Math.abs(i) * 4, i * 0.3), 8);
                        }
                        pen.dot(foot.plus(Spine.UP, 24), 22, "#000", 0);
                    }
                },
                anchors.toArray(Point[]::new));
    }

    private static void quill(Sheet sheet, Point heart) {
        Spine stalk = new Spine(heart, Spine.UP + 0.05, 190, 0.12);
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.limb(stalk.line(), 5, 3, "#8f7a86", 0.5);
                    for (int i = 0; i < 7; i++) {
                        boolean right = i % 2 == 0;
                        Blade.petal(sheet.subject.look().bloom())
                                .draw(
                                        pen,
                                        new Spine(
                                                stalk.at(0.66 + 0.045 * i),
                                                stalk.tipHeading() + (right ? 0.5 : -0.5),
                                                36 - 2 * i,
                                                right ? -0.4 : 0.4),
                                        12);
                    }
                    for (int i = 0; i < Math.min(3, sheet.subject.flowers()); i++) {
                        Blade.petal("#5c4a94")
                                .draw(pen, new Spine(stalk.at(0.78 + 0.08 * i), Spine.UP + (i - 1) * 0.8, 26, 0.2), 8);
                    }
                    pen.touchable(Pen.curve(stalk.line(), false), 26);
                },
                stalk.at(0.85));
    }
}
