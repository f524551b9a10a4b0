package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.FlowerShape;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** One or two ringed canes with long leaves that arch from every node, the lower ones shed. */
final class LeafyStemFigure {
    private LeafyStemFigure() {}

    static void draw(Sheet sheet) {
        switch (sheet.subject.look().habit()) {
            case STALKS -> stalks(sheet);
            case TRAILING -> TrailingFigure.draw(sheet);
            default -> canes(sheet);
        }
    }

    /** Stalks straight out of the medium, with leaflets along them. */
    private static void stalks(Sheet sheet) {
        double base = 318;
        boolean palm = sheet.subject.look().leaf() == LeafShape.PLUMES;
        int leaves = Sheet.between(sheet.subject.leaves(), 3, 12, palm ? 8 : 7);
        sheet.pot(base, 112, 78);
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = leaves == 1 ? 1 : i / (leaves - 1.0);
            int side = i % 2 == 0 ? 1 : -1;
            double lean = (1 - share) * (palm ? 0.75 : 0.62) + 0.04;
            Spine stalk = new Spine(
                    new Point(Sheet.MIDDLE + side * 14 * (1 - share), base + 2),
                    Spine.UP + side * lean,
                    sheet.about(226 - 26 * (1 - share), 8),
                    side * (palm ? 1.1 * (1 - share) + 0.35 : 0.3));
            (i == leaves - 1 ? young : old).add(stalk);
        }
        sheet.leaves(Part.LEAF, old, 30);
        sheet.leaves(Part.NEW_LEAF, young, 26);
        sheet.layer(
                Part.STEM,
                pen -> {
                    for (int i = -2; i <= 2; i++) {
                        pen.limb(
                                new Spine(new Point(Sheet.MIDDLE + i * 9, base + 2), Spine.UP + i * 0.16, 26, 0).line(),
                                palm ? 7 : 9,
                                5,
                                "#7d8a55",
                                0.7);
                    }
                    pen.dot(new Point(Sheet.MIDDLE, base - 10), 22, "#000", 0);
                },
                new Point(Sheet.MIDDLE, base - 12));
        sheet.medium(base, 112);
        sheet.rootsBelow(base + 78, 41);
    }

    private static void canes(Sheet sheet) {
        double base = 322;
        int leaves = Sheet.between(sheet.subject.leaves(), 5, 22, 13);
        sheet.pot(base, 112, 76);
        Spine tall = new Spine(new Point(Sheet.MIDDLE - 8, base + 2), Spine.UP - 0.04, 196, 0.12);
        Spine low = new Spine(new Point(Sheet.MIDDLE + 18, base + 2), Spine.UP + 0.26, 96, -0.12);
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
        double broad = switch (sheet.subject.look().leaf()) {
            case GRASS -> 13;
            case OVATE -> 44;
            case PAD -> 40;
            default -> 27;
        };
        sheet.leaves(Part.LEAF, old, broad);
        sheet.leaves(Part.NEW_LEAF, young, broad * 0.75);
        int flowers = sheet.subject.flowers() + sheet.subject.buds();
        if (flowers > 0 && sheet.subject.look().flower() == FlowerShape.BALL) {
            List<Point> places = List.of(
                    tall.tip().plus(Spine.UP, 20),
                    tall.tip().plus(Spine.UP - 0.9, 34),
                    tall.tip().plus(Spine.UP + 0.9, 34));
            sheet.layer(
                    Part.FLOWER,
                    pen -> places.subList(0, Math.min(3, flowers))
                            .forEach(at -> Bloom.draw(pen, sheet.subject.look(), at, 22)),
                    places.toArray(Point[]::new));
        }
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
                    Spine.UP + (toRight ? lean : -lean),
                    sheet.about((sheet.subject.look().leaf() == LeafShape.PAD ? 56 : 116) - 22 * share, 7),
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
