package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.GrowthHabit;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A hanging pitcher plant in a hung pot: long leaves whose midribs run on as tendrils, each ending in a pitcher. */
final class HangingPitcherFigure {
    private HangingPitcherFigure() {}

    static void draw(Sheet sheet) {
        double base = 196;
        int leaves = Sheet.between(sheet.subject.leaves(), 4, 11, 8);
        int pitchers = Math.min(Sheet.between(sheet.subject.growths(), 1, leaves, 5), leaves);
        sheet.hungPot(base, 108, 66);
        List<Spine> blades = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = i / (leaves - 1.0);
            boolean toRight = i % 2 == 0;
            double rise = 0.12 + 1.05 * share;
            Point foot = new Point(Sheet.MIDDLE + (toRight ? 4 : -4), base - 4 - 62 * share);
            blades.add(new Spine(
                    foot,
                    toRight ? -rise : Math.PI + rise,
                    sheet.about(112 - 34 * share, 6),
                    (toRight ? 1 : -1) * (0.95 + 0.3 * share)));
        }
        int young = Math.max(1, leaves / 4);
        List<Point> mouths = new ArrayList<>();
        List<Spine> tendrils = new ArrayList<>();
        for (int i = 0; i < pitchers; i++) {
            boolean toRight = i % 2 == 0;
            Spine blade = blades.get(i);
            Spine down = new Spine(
                    blade.tip(),
                    blade.tipHeading(),
                    sheet.about(92 - 9 * i, 8),
                    (toRight ? 1 : -1) * (1.15 - 0.04 * i));
            tendrils.add(down);
            mouths.add(down.tip());
        }
        Spine stem = new Spine(new Point(Sheet.MIDDLE, base + 2), Spine.UP, 84, 0.16);
        sheet.layer(
                Part.STEM,
                pen -> {
                    pen.limb(stem.line(), 7, 4, "#6d7d46", 0.6);
                    pen.touchable(Pen.curve(stem.line(), false), 22);
                },
                stem.at(0.3));
        sheet.leaves(
                Part.LEAF,
                blades.subList(0, leaves - young),
                sheet.subject.look().habit() == GrowthHabit.FLAT ? 40 : 30);
        sheet.layer(
                Part.PITCHER,
                pen -> {
                    for (int i = 0; i < tendrils.size(); i++) {
                        pen.limb(tendrils.get(i).line(), 2.6, 1.6, "#7c8a4a", 0.6);
                        pitcher(sheet, pen, tendrils.get(i).tip(), i % 2 == 0 ? 1 : -1, sheet.about(62 - 3 * i, 4));
                    }
                },
                mouths.stream().map(mouth -> mouth.plus(Math.PI / 2, 26)).toArray(Point[]::new));
        sheet.leaves(Part.NEW_LEAF, blades.subList(leaves - young, leaves), 24);
        if (sheet.subject.offsets() > 0) {
            sheet.layer(
                    Part.OFFSET,
                    pen -> {
                        for (int k = -1; k <= 1; k++) {
                            Blade.lance("#92a86f")
                                    .draw(
                                            pen,
                                            new Spine(
                                                    new Point(Sheet.MIDDLE + 36, base),
                                                    Spine.UP + 0.3 + k * 0.5,
                                                    36,
                                                    k * 0.4),
                                            12);
                        }
                        pen.dot(new Point(Sheet.MIDDLE + 38, base - 16), 20, "#000", 0);
                    },
                    new Point(Sheet.MIDDLE + 40, base - 20));
        }
        sheet.crown(stem.tip(), 13, 9);
        sheet.medium(base, 108);
    }

    /** A pitcher hanging from its tendril: it swings up again, belly first, with a ribbed mouth and a lid. */
    private static void pitcher(Sheet sheet, Pen pen, Point at, int side, double length) {
        Point foot = at.plus(Math.PI / 2, length * 0.72);
        pen.stroke(
                List.of(at, at.plus(Math.PI / 2 + side * 0.5, length * 0.5), foot.plus(Math.PI / 2, length * 0.08)),
                1.6,
                0.8);
        Spine body = new Spine(foot.plus(Math.PI / 2, length * 0.1), Spine.UP + side * 0.42, length, -side * 0.5);
        double plump = switch (sheet.subject.look().habit()) {
            case FLAT -> 0.74;
            case UPRIGHT -> 0.34;
            default -> 0.46;
        };
        Blade.bulb("#8f9a4c").draw(pen, body, length * plump);
        Blade.bulb(sheet.subject.look().mark())
                .draw(pen, new Spine(body.at(0.62), body.heading(0.6), length * 0.36, 0), length * plump * 0.66);
        Point mouth = body.tip();
        pen.oval(mouth, length * 0.17, length * 0.09, Math.toDegrees(body.tipHeading()) + 90, "#4d3a2c", 0.65, 1.6);
        Blade.lid("#8f9a4c")
                .draw(
                        pen,
                        new Spine(
                                mouth.plus(side > 0 ? Math.PI : 0, length * 0.13),
                                Spine.UP + side * 0.5,
                                length * 0.36,
                                side * 0.8),
                        length * 0.3);
    }
}
