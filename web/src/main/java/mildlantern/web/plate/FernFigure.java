package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A fern: arching fronds of paired leaflets out of one crown, the youngest still rolled. */
final class FernFigure {
    private FernFigure() {}

    static void draw(Sheet sheet) {
        double base = 300;
        boolean antlers = sheet.subject.look().leaf() == LeafShape.ANTLERS;
        int fronds = Sheet.between(sheet.subject.leaves(), antlers ? 3 : 5, antlers ? 7 : 16, antlers ? 5 : 11);
        if (sheet.mounted()) {
            Mount.draw(sheet, base);
        } else {
            sheet.pot(base, 118, 92);
        }
        Point crown = new Point(Sheet.MIDDLE, base - 3);
        List<Spine> all = new ArrayList<>();
        for (int i = 0; i < fronds; i++) {
            double share = i / (fronds - 1.0);
            boolean toRight = i % 2 == 0;
            double lean = (1 - share) * 1.0 + 0.06 + sheet.about(0, 0.05);
            all.add(new Spine(
                    crown,
                    Spine.UP + (toRight ? lean : -lean),
                    sheet.about(length(sheet.subject.look().leaf()) - 12 * share, 10),
                    (toRight ? 1 : -1)
                            * (1.5 - 0.9 * share)
                            * (sheet.subject.look().leaf() == LeafShape.STRAP ? 0.6 : 1)));
        }
        sheet.layer(
                Part.LEAF,
                pen -> all.forEach(frond -> frond(sheet, pen, frond)),
                all.stream().map(frond -> frond.at(0.62)).toArray(Point[]::new));
        List<Spine> rolled = List.of(
                new Spine(crown, Spine.UP - 0.22, 74, -0.2),
                new Spine(crown, Spine.UP + 0.16, 92, 0.2),
                new Spine(crown, Spine.UP + 0.5, 58, 0.3));
        sheet.layer(
                Part.NEW_LEAF,
                pen -> rolled.forEach(stalk -> young(sheet, pen, stalk)),
                rolled.stream().map(Spine::tip).toArray(Point[]::new));
        if (antlers) {
            // The round leaf that clasps the wood.
            sheet.layer(
                    Part.CROWN,
                    pen -> {
                        pen.oval(
                                new Point(crown.x(), crown.y() - 8),
                                40,
                                34,
                                0,
                                sheet.subject.look().mark(),
                                0.7,
                                1.1);
                        for (int i = -2; i <= 2; i++) {
                            pen.outline(
                                    Pen.format("M%.1f %.1fq%d -14 %d -34", crown.x(), crown.y() + 18, i * 6, i * 15),
                                    0.7,
                                    0.5);
                        }
                    },
                    crown);
        } else {
            sheet.crown(crown, 15, 9);
        }
        if (!sheet.mounted()) {
            sheet.medium(base, 118);
        }
        sheet.rootsBelow(base + (sheet.mounted() ? 44 : 92), 43);
    }

    private static double length(LeafShape leaf) {
        return switch (leaf) {
            case ANTLERS -> 96;
            case WEDGES -> 176;
            case STRAP -> 182;
            default -> 196;
        };
    }

    private static void frond(Sheet sheet, Pen pen, Spine rib) {
        LeafShape leaf = sheet.subject.look().leaf();
        if (leaf != LeafShape.LEAFLETS) {
            Leaf.draw(pen, sheet.subject.look(), rib, leaf == LeafShape.STRAP ? 42 : 34);
            if (leaf == LeafShape.STRAP) {
                pen.mark(Pen.curve(rib.line(), false), sheet.subject.look().mark(), 2.4, 0.9);
            }
            return;
        }
        String green = Pen.washed(sheet.subject.look().green());
        pen.stroke(rib.line(), 1.9, 0.95);
        int pairs = 17;
        for (int i = 0; i < pairs; i++) {
            double share = 0.16 + 0.82 * i / (pairs - 1.0);
            double length = 25 * Math.sin(Math.PI * (0.18 + 0.8 * share)) * (share < 0.9 ? 1 : 0.8) + 3;
            for (int side : new int[] {-1, 1}) {
                Point foot = rib.at(share);
                double heading = rib.heading(share) + side * (1.32 - 0.25 * share);
                Point tip = foot.plus(heading, length);
                Point out = foot.plus(heading - side * 0.35, length * 0.55);
                Point in = foot.plus(heading + side * 0.28, length * 0.55);
                pen.leaf(foot, out, tip, in, green);
            }
        }
    }

    /** A young frond: rolled, or small where a kind does not roll its fronds. */
    private static void young(Sheet sheet, Pen pen, Spine stalk) {
        LeafShape leaf = sheet.subject.look().leaf();
        if (leaf == LeafShape.ANTLERS || leaf == LeafShape.STRAP) {
            Leaf.young(pen, sheet.subject.look(), new Spine(stalk.at(0), stalk.heading(0), 56, 0.1), 20);
            return;
        }
        pen.limb(stalk.line(), 3.2, 2.4, "#8aa04f", 0.6);
        List<Point> curl = new ArrayList<>();
        int way = stalk.tipHeading() > Spine.UP ? 1 : -1;
        for (int k = 0; k <= 18; k++) {
            double turn = stalk.tipHeading() - way * Math.PI / 2 + way * k * 0.44;
            double reach = 9.5 * (1 - k / 20.0);
            Point middle = stalk.tip().plus(stalk.tipHeading() + way * Math.PI / 2, 9.5);
            curl.add(middle.plus(turn, reach));
        }
        pen.outline(Pen.curve(curl, false), 3.2, 0.35).outline(Pen.curve(curl, false), 1.3, 1);
        pen.touchable(Pen.curve(stalk.line(), false), 24);
    }
}
