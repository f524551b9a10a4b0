package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** Stiff banded leaves standing like swords out of the medium. */
final class SwordFigure {
    private SwordFigure() {}

    static void draw(Sheet sheet) {
        double base = 322;
        int leaves = Sheet.between(sheet.subject.leaves(), 2, 13, 7);
        sheet.pot(base, 124, 74);
        List<Spine> all = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = leaves == 1 ? 0.5 : i / (leaves - 1.0);
            // From the edges inwards, so that the middle ones stand in front.
            double place = (i % 2 == 0 ? 1 : -1) * (1 - share);
            all.add(new Spine(
                    new Point(Sheet.MIDDLE + place * 44, base + 3),
                    Spine.UP + place * 0.3 + sheet.about(0, 0.04),
                    sheet.about(212 - 40 * Math.abs(place), 14),
                    place * 0.1 + sheet.about(0, 0.06)));
        }
        int young = leaves > 3 ? 1 : 0;
        banded(sheet, Part.LEAF, all.subList(0, leaves - young), 30);
        if (young == 0) {
            banded(sheet, Part.NEW_LEAF, List.of(new Spine(new Point(Sheet.MIDDLE, base + 3), Spine.UP, 92, 0.05)), 22);
        } else {
            banded(sheet, Part.NEW_LEAF, all.subList(leaves - young, leaves), 26);
        }
        if (sheet.subject.offsets() > 0) {
            Spine pup = new Spine(new Point(Sheet.MIDDLE + 52, base + 3), Spine.UP + 0.16, 64, 0.1);
            banded(sheet, Part.OFFSET, List.of(pup), 17);
        }
        sheet.medium(base, 124);
        sheet.layer(
                Part.STEM,
                pen -> pen.dot(new Point(Sheet.MIDDLE, base - 12), 20, "#000", 0),
                new Point(Sheet.MIDDLE, base - 10));
        sheet.rootsBelow(base + 74, 45);
    }

    private static void banded(Sheet sheet, Part part, List<Spine> leaves, double width) {
        sheet.layer(
                part,
                pen -> leaves.forEach(leaf -> {
                    Blade.sword(sheet.subject.look().green()).draw(pen, leaf, width);
                    for (int i = 1; i < 12; i++) {
                        double share = 0.08 * i;
                        double half = width * 0.4 * (share < 0.6 ? 1 : 1.6 - share);
                        pen.outline(
                                "M" + Pen.xy(leaf.beside(share, -half)) + "Q" + Pen.xy(leaf.at(share + 0.02)) + " "
                                        + Pen.xy(leaf.beside(share + 0.008, half)),
                                1.6,
                                0.22);
                    }
                }),
                leaves.stream().map(leaf -> leaf.at(0.62)).toArray(Point[]::new));
    }
}
