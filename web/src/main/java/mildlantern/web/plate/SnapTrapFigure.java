package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A snap trap rosette: winged stalks round a heart, each with a two-lobed trap and its teeth. */
final class SnapTrapFigure {
    private SnapTrapFigure() {}

    static void draw(Sheet sheet) {
        double base = 308;
        int leaves = Sheet.between(Math.max(sheet.subject.leaves(), sheet.subject.growths()), 4, 13, 8);
        int traps = Math.min(leaves, Sheet.between(sheet.subject.growths(), 1, leaves, leaves));
        Point heart = new Point(Sheet.MIDDLE, base - 3);
        sheet.pot(base, 134, 82);
        sheet.medium(base, 134);
        List<Spine> stalks = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = i / (leaves - 1.0);
            boolean toRight = i % 2 == 0;
            double lean = (1 - share) * 1.3 + 0.08;
            stalks.add(new Spine(
                    heart,
                    Spine.UP + (toRight ? lean : -lean),
                    sheet.about(84 + 22 * share, 6),
                    (toRight ? 1 : -1) * (0.5 * (1 - share) + 0.1)));
        }
        int young = Math.max(1, leaves / 4);
        sheet.leaves(Part.LEAF, stalks.subList(0, leaves - young), 22);
        List<Point> anchors = new ArrayList<>();
        for (int i = 0; i < Math.min(traps, leaves - young); i++) {
            anchors.add(stalks.get(i).tip().plus(stalks.get(i).tipHeading(), 14));
        }
        if (sheet.subject.flowers() + sheet.subject.buds() > 0) {
            flower(sheet, heart);
        }
        if (!anchors.isEmpty()) {
            sheet.layer(
                    Part.PITCHER,
                    pen -> {
                        for (int i = 0; i < anchors.size(); i++) {
                            trap(pen, stalks.get(i), 23, 0.62);
                        }
                    },
                    anchors.toArray(Point[]::new));
        }
        List<Spine> newest = stalks.subList(leaves - young, leaves);
        sheet.layer(
                Part.NEW_LEAF,
                pen -> newest.forEach(stalk -> {
                    Blade.paddle("#9bb05a").draw(pen, stalk, 18);
                    trap(pen, stalk, 17, 0.3);
                }),
                newest.stream().map(Spine::tip).toArray(Point[]::new));
        sheet.crown(heart, 12, 8);
        sheet.rootsBelow(base + 82, 49);
    }

    /** Two lobes that open from a hinge, toothed along their rims, flushed inside. */
    private static void trap(Pen pen, Spine stalk, double size, double open) {
        Point hinge = stalk.tip();
        double heading = stalk.tipHeading();
        for (int side : new int[] {-1, 1}) {
            Spine rim = new Spine(hinge, heading + side * (open + 0.35), size * 1.5, -side * (open + 0.5));
            List<Point> lobe = new ArrayList<>(rim.line());
            Point far = hinge.plus(heading, size * 1.25);
            lobe.add(far);
            String shape = Pen.curve(lobe, true);
            pen.fill(shape, Pen.SHEET, 1)
                    .fill(shape, side < 0 ? "#a8434a" : "#c0605a", 0.5)
                    .outline(shape, side < 0 ? 1 : 1.4, 1);
            for (int i = 1; i <= 6; i++) {
                double share = i / 6.5;
                Point root = rim.at(share);
                pen.stroke(
                        List.of(
                                root,
                                root.plus(rim.heading(share) + side * 0.9, size * 0.2),
                                root.plus(rim.heading(share) + side * 0.65, size * 0.38)),
                        0.9,
                        0.95);
            }
        }
        pen.outline("M" + Pen.xy(hinge) + "L" + Pen.xy(hinge.plus(heading, size * 1.2)), 0.9, 0.8);
        pen.dot(hinge.plus(heading, size * 0.7), size, "#000", 0);
    }

    private static void flower(Sheet sheet, Point heart) {
        Spine stalk = new Spine(heart, Spine.UP - 0.06, 205, 0.1);
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.limb(stalk.line(), 3.4, 2.2, "#6d7d46", 0.6);
                    pen.touchable(Pen.curve(stalk.line(), false), 24);
                    for (int i = 0; i < Math.min(4, sheet.subject.flowers() + sheet.subject.buds()); i++) {
                        Point at = stalk.tip().plus(Spine.UP + (i - 1.2) * 0.9, i == 0 ? 4 : 20);
                        pen.stroke(List.of(stalk.tip(), stalk.tip().middle(at), at), 1.2, 0.9);
                        for (int k = 0; k < 5; k++) {
                            Blade.petal("#d8d6c4").draw(pen, new Spine(at, Spine.UP + k * 1.257, 12, 0), 10);
                        }
                        pen.dot(at, 2, "#8fa867", 1);
                    }
                },
                stalk.at(0.95));
    }
}
