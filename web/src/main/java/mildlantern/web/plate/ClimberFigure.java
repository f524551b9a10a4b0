package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A climber: one vine wound up a mossy pole, one trailing over the rim, leaves alternating, air roots at the joints. */
final class ClimberFigure {
    private ClimberFigure() {}

    static void draw(Sheet sheet) {
        switch (sheet.subject.look().habit()) {
            case TRAILING, JOINTED, STRANDS -> TrailingFigure.draw(sheet);
            default -> wound(sheet);
        }
    }

    private static void wound(Sheet sheet) {
        double base = 300;
        int leaves = Sheet.between(sheet.subject.leaves(), 4, 20, 12);
        sheet.pot(base, 112, 82);
        Pen pole = new Pen();
        pole.limb(
                List.of(new Point(Sheet.MIDDLE, base + 4), new Point(Sheet.MIDDLE, 180), new Point(Sheet.MIDDLE, 64)),
                12,
                11,
                "#8a7a52",
                0.45);
        for (int i = 0; i < 20; i++) {
            double y = 74 + i * 11;
            pole.outline(Pen.format("M%.1f %.1fq5 3 11 -1", Sheet.MIDDLE - 6, y + sheet.about(0, 2)), 0.6, 0.4);
        }
        List<Point> wound = new ArrayList<>();
        for (int i = 0; i <= 24; i++) {
            double share = i / 24.0;
            wound.add(new Point(Sheet.MIDDLE + 13 * Math.sin(share * 9.2), base - 2 - 222 * share));
        }
        Spine over = new Spine(new Point(Sheet.MIDDLE + 26, base - 2), -0.55, 150, 2.15);
        int trailing = leaves >= 7 ? leaves / 3 : 0;
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        List<List<Point>> stalks = new ArrayList<>();
        for (int i = 0; i < leaves - trailing; i++) {
            double share = (i + 1) / (double) (leaves - trailing);
            Point joint = wound.get((int) Math.round(share * 24));
            int side = i % 2 == 0 ? 1 : -1;
            Spine stalk = new Spine(joint, Spine.UP + side * (1.15 - 0.4 * share), sheet.about(34, 4), side * 0.3);
            stalks.add(stalk.line());
            Spine leaf = new Spine(
                    stalk.tip(), stalk.tipHeading() + side * 0.55, sheet.about(72 - 20 * share, 5), side * 0.7);
            (i >= leaves - trailing - 2 ? young : old).add(leaf);
        }
        for (int i = 0; i < trailing; i++) {
            double share = 0.25 + 0.75 * (i + 1) / trailing;
            int side = i % 2 == 0 ? 1 : -1;
            old.add(new Spine(
                    over.at(share), over.heading(share) + side * 0.9, sheet.about(50 - 8 * share, 4), side * -0.4));
        }
        sheet.layer(
                Part.STEM,
                pen -> {
                    pen.limb(wound, 5.5, 3, "#6d7d46", 0.6);
                    if (trailing > 0) {
                        pen.limb(over.line(), 4, 2, "#6d7d46", 0.6);
                    }
                    stalks.forEach(stalk -> pen.limb(stalk, 2.6, 2, "#6d7d46", 0.6));
                    pen.touchable(Pen.curve(wound, false), 26);
                },
                wound.get(5),
                wound.get(11));
        sheet.behind(pole);
        sheet.layer(
                Part.ROOT,
                pen -> {
                    for (int i = 4; i <= 20; i += 5) {
                        Spine root =
                                new Spine(wound.get(i), i % 2 == 0 ? 0.5 : Math.PI - 0.5, 22, i % 2 == 0 ? 0.9 : -0.9);
                        pen.limb(root.line(), 2, 0.8, "#a08a62", 0.6);
                        pen.touchable(Pen.curve(root.line(), false), 18);
                    }
                },
                wound.get(4).plus(0.8, 18),
                wound.get(14).plus(0.8, 18));
        double broad = sheet.subject.look().leaf() == LeafShape.HOLED
                ? 66
                : sheet.subject.look().leaf() == LeafShape.LEAFLETS ? 30 : 46;
        sheet.leaves(Part.LEAF, old, broad);
        sheet.leaves(Part.NEW_LEAF, young, broad * 0.7);
        int flowers = Math.min(8, sheet.subject.flowers() + sheet.subject.buds());
        if (flowers > 0) {
            Point middle = wound.get(17).plus(0.3, 34);
            sheet.layer(
                    Part.FLOWER,
                    pen -> {
                        for (int i = 0; i < Math.min(4, flowers); i++) {
                            Bloom.draw(pen, sheet.subject.look(), middle.plus(i * 1.6, 16 * Math.sqrt(i)), 15);
                        }
                        pen.dot(middle, 20, "#000", 0);
                    },
                    middle);
        }
        sheet.medium(base, 112);
    }
}
