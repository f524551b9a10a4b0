package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;

/** One or two ringed canes with long leaves that arch from every node, the lower ones shed. */
final class LeafyStemFigure {
    private LeafyStemFigure() {}

    static void draw(Sheet sheet) {
        double base = 322;
        int leaves = Sheet.between(sheet.subject.leaves(), 5, 22, 13);
        sheet.pot(base, 112, 76);
        Spine tall = new Spine(new Point(Sheet.MIDDLE - 8, base + 2), Sheet.UP - 0.04, 196, 0.12);
        Spine low = new Spine(new Point(Sheet.MIDDLE + 18, base + 2), Sheet.UP + 0.26, 96, -0.12);
        boolean twoCanes = leaves >= 9;
        int onLow = twoCanes ? leaves / 3 : 0;
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        leaves(sheet, low, onLow, 0.35, old, young);
        leaves(sheet, tall, leaves - onLow, 0.42, old, young);
        sheet.layer(
                Part.STEM,
                pen -> {
                    cane(pen, tall);
                    if (twoCanes) {
                        cane(pen, low);
                    }
                },
                tall.at(0.18),
                tall.at(0.3));
        sheet.leaves(Part.LEAF, old, Blade.lance("#567a4d"), 27);
        sheet.leaves(Part.NEW_LEAF, young, Blade.lance("#7c9a55"), 20);
        sheet.medium(base, 112);
        sheet.rootsBelow(base + 76, 41);
    }

    private static void leaves(Sheet sheet, Spine cane, int count, double from, List<Spine> old, List<Spine> young) {
        for (int i = 0; i < count; i++) {
            double share = count == 1 ? 1 : i / (count - 1.0);
            boolean toRight = i % 2 == 0;
            double lean = 1.25 - 0.95 * share + sheet.about(0, 0.07);
            Spine leaf = new Spine(
                    cane.at(from + (1 - from) * share),
                    Sheet.UP + (toRight ? lean : -lean),
                    sheet.about(116 - 22 * share, 7),
                    (toRight ? 1 : -1) * (1.05 - 0.5 * share));
            (i >= count - 2 ? young : old).add(leaf);
        }
    }

    private static void cane(Pen pen, Spine cane) {
        pen.limb(cane.line(), 13, 8, "#8a7a52", 0.6);
        for (int i = 1; i < 14; i++) {
            double share = i / 15.0;
            double half = 6 - 2.4 * share;
            pen.outline(
                    "M" + Pen.xy(cane.beside(share, -half)) + "Q" + Pen.xy(cane.at(share - 0.015)) + " "
                            + Pen.xy(cane.beside(share, half)),
                    0.7,
                    0.55);
        }
        pen.touchable(Pen.curve(cane.line(), false), 28);
    }
}
