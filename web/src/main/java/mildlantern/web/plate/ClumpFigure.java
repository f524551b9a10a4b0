package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;

/** A clump of heart-shaped leaves on stalks. */
final class ClumpFigure {
    private ClumpFigure() {}

    static void draw(Sheet sheet) {
        double base = 306;
        int leaves = Sheet.between(sheet.subject.leaves(), 3, 13, 8);
        sheet.pot(base, 114, 88);
        List<Spine> stalks = new ArrayList<>();
        List<Spine> blades = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = leaves == 1 ? 1 : i / (leaves - 1.0);
            boolean toRight = i % 2 == 0;
            double lean = (1 - share) * 1.12 + sheet.about(0.06, 0.05);
            double heading = Sheet.UP + (toRight ? lean : -lean);
            double bend = (toRight ? 1 : -1) * (0.25 + 0.55 * (1 - share));
            Spine stalk = new Spine(
                    new Point(Sheet.MIDDLE + (toRight ? 5 : -5) * (1 - share), base - 1),
                    heading,
                    sheet.about(76 + 74 * share, 8),
                    bend * 0.5);
            stalks.add(stalk);
            blades.add(new Spine(
                    stalk.tip(), stalk.tipHeading() + bend * 0.7, sheet.about(96 - 8 * share, 6), bend * 1.0));
        }
        int young = Math.max(1, leaves / 4);
        clumpLayer(sheet, Part.LEAF, stalks, blades, 0, leaves - young);
        if (sheet.subject.flowers() + sheet.subject.buds() > 0) {
            Spine stalk = new Spine(new Point(Sheet.MIDDLE + 2, base - 2), Sheet.UP + 0.12, 205, 0.12);
            sheet.layer(
                    Part.FLOWER,
                    pen -> {
                        pen.limb(stalk.line(), 3.2, 2, "#6d7d46", 0.6);
                        Blade.petal("#d9d2b4").draw(pen, new Spine(stalk.tip(), Sheet.UP + 0.35, 56, 0.3), 30);
                        pen.limb(new Spine(stalk.tip(), Sheet.UP + 0.2, 30, 0).line(), 6, 4, "#c9a23f", 0.6);
                    },
                    stalk.tip());
        }
        clumpLayer(sheet, Part.NEW_LEAF, stalks, blades, leaves - young, leaves);
        sheet.layer(
                Part.STEM,
                pen -> {
                    pen.dot(new Point(Sheet.MIDDLE, base - 8), 22, "#000", 0);
                    for (int i = -2; i <= 2; i++) {
                        pen.outline(
                                Pen.format("M%.1f %.1fq%d -9 %d -18", Sheet.MIDDLE + i * 3, base, i * 2, i * 5),
                                1.1,
                                0.8);
                    }
                },
                new Point(Sheet.MIDDLE, base - 10));
        sheet.medium(base, 114);
        sheet.rootsBelow(base + 88, 41);
    }

    private static void clumpLayer(Sheet sheet, Part part, List<Spine> stalks, List<Spine> blades, int from, int to) {
        sheet.layer(
                part,
                pen -> {
                    for (int i = from; i < to; i++) {
                        pen.limb(stalks.get(i).line(), 3.4, 2.2, "#567a4d", 0.7);
                        Blade.heart("#567a4d").draw(pen, blades.get(i), 60 - 12.0 * i / blades.size());
                    }
                },
                blades.subList(from, to).stream().map(blade -> blade.at(0.5)).toArray(Point[]::new));
    }
}
