package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;

/** A fern: arching fronds of paired leaflets out of one crown, the youngest still rolled. */
final class FernFigure {
    private static final String GREEN = Pen.washed("#5f8748");

    private FernFigure() {}

    static void draw(Sheet sheet) {
        double base = 300;
        int fronds = Sheet.between(sheet.subject.leaves(), 5, 16, 11);
        sheet.pot(base, 118, 92);
        Point crown = new Point(Sheet.MIDDLE, base - 3);
        List<Spine> all = new ArrayList<>();
        for (int i = 0; i < fronds; i++) {
            double share = i / (fronds - 1.0);
            boolean toRight = i % 2 == 0;
            double lean = (1 - share) * 1.0 + 0.06 + sheet.about(0, 0.05);
            all.add(new Spine(
                    crown,
                    Sheet.UP + (toRight ? lean : -lean),
                    sheet.about(196 - 12 * share, 10),
                    (toRight ? 1 : -1) * (1.5 - 0.9 * share)));
        }
        sheet.layer(
                Part.LEAF,
                pen -> all.forEach(frond -> frond(pen, frond)),
                all.stream().map(frond -> frond.at(0.62)).toArray(Point[]::new));
        List<Spine> rolled = List.of(
                new Spine(crown, Sheet.UP - 0.22, 74, -0.2),
                new Spine(crown, Sheet.UP + 0.16, 92, 0.2),
                new Spine(crown, Sheet.UP + 0.5, 58, 0.3));
        sheet.layer(
                Part.NEW_LEAF,
                pen -> {
                    for (Spine stalk : rolled) {
                        pen.limb(stalk.line(), 3.2, 2.4, "#8aa04f", 0.6);
                        List<Point> curl = new ArrayList<>();
                        int way = stalk.tipHeading() > Sheet.UP ? 1 : -1;
                        for (int k = 0; k <= 18; k++) {
                            double turn = stalk.tipHeading() - way * Math.PI / 2 + way * k * 0.44;
                            double reach = 9.5 * (1 - k / 20.0);
                            Point middle = stalk.tip().plus(stalk.tipHeading() + way * Math.PI / 2, 9.5);
                            curl.add(middle.plus(turn, reach));
                        }
                        pen.outline(Pen.curve(curl, false), 3.2, 0.35).outline(Pen.curve(curl, false), 1.3, 1);
                        pen.touchable(Pen.curve(stalk.line(), false), 24);
                    }
                },
                rolled.stream().map(Spine::tip).toArray(Point[]::new));
        sheet.crown(crown, 15, 9);
        sheet.medium(base, 118);
        sheet.rootsBelow(base + 92, 43);
    }

    private static void frond(Pen pen, Spine rib) {
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
                String one = "M" + Pen.xy(foot) + "Q" + Pen.xy(out) + " " + Pen.xy(tip);
                pen.leaf(one + "Q" + Pen.xy(in) + " " + Pen.xy(foot), one, GREEN);
            }
        }
    }
}
