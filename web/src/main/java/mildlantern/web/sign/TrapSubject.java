package mildlantern.web.sign;

import java.util.List;
import mildlantern.look.Look;
import mildlantern.plant.GrowthForm;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A pitcher with its lid; the trap of a snap trap. */
final class TrapSubject implements Subject {
    private static final String TUBE = "M52 86C50 62 44 46 40 26q20 8 40 0C76 46 70 62 66 86q-7 3 -14 0z";
    private static final String UPPER = "M44.5 46C43 40 41 33 40 26q20 8 40 0C79 33 77 40 75.5 46q-15 5 -31 0z";

    private final Look look;
    private final boolean snaps;

    TrapSubject(Kind kind) {
        look = LeafSubject.ofMany(kind);
        snaps = kind.form() == GrowthForm.SNAP_TRAP_ROSETTE;
    }

    @Override
    public boolean changed(Sign sign) {
        return sign.shows(Mark.Sort.NONE);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        if (sign.shows(Mark.Sort.NONE)) {
            pen.outline("M16 86h88", 0.8, 0.5);
            for (int side : new int[] {-1, 1}) {
                Leaf.draw(pen, look, new Spine(new Point(60, 85), Spine.UP + side * 0.5, 68, side * 0.5), 13);
            }
            Leaf.draw(pen, look, new Spine(new Point(60, 85), Spine.UP, 60, 0.1), 12);
            return;
        }
        if (snaps) {
            for (int side : new int[] {-1, 1}) {
                String lobe = Pen.format(
                        "M60 74C%.1f 74 %.1f 48 %.1f 26Q%.1f 26 60 60z",
                        60.0 + side * 26, 60.0 + side * 46, 60.0 + side * 36, 60.0 + side * 14);
                pen.shape(lobe, Pen.over(side < 0 ? look.mark() : look.green(), 0.55), 1.2);
                for (int i = 0; i < 8; i++) {
                    Point foot = new Point(60 + side * (43 - i * 1.2), 52 - i * 3.8);
                    pen.outline("M" + Pen.xy(foot) + "l" + side * 9 + " -9", 1.1, 0.9);
                }
            }
            pen.limb(List.of(new Point(60, 90), new Point(60, 82), new Point(60, 74)), 9, 5, look.green(), 0.6);
            return;
        }
        pen.shape(TUBE, Pen.over(look.green(), 0.6), 1.2)
                .outline("M47 40q4 24 9 44M60 32v54M73 40q-4 24 -9 44", 0.6, 0.4);
        pen.oval(new Point(60, 27), 20, 6, 0, look.mark(), 0.8, 1.2);
        Blade.lid(look.green()).draw(pen, new Spine(new Point(60, 22), Spine.UP - 0.2, 19, -0.4), 34);
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        String colour = mark.colour().orElse(Pen.INK);
        switch (mark.sort()) {
            case LID -> {
                Blade.lid(colour).draw(pen, new Spine(new Point(60, 22), Spine.UP - 0.2, 19, -0.4), 34);
                pen.mark("M46 10q5 3 4 9m20 -12q-6 4 -4 12", "#6a4526", 1.8, 0.9);
            }
            case FROM_TOP -> {
                pen.fill(UPPER, colour, 0.92).outline(UPPER, 1.1, 0.9);
                Blade.lid(colour).draw(pen, new Spine(new Point(60, 22), Spine.UP - 0.2, 19, -0.4), 34);
            }
            case FLECKS -> {
                for (int i = 0; i < 22; i++) {
                    pen.dot(new Point(42 + 36 * ((i * 0.7549) % 1), 28 + 18 * ((i * 0.5698) % 1)), 1.6, colour, 0.95);
                }
            }
            case BAND -> {
                String band = "M50.6 72q-1 -8 -2.4 -14q12 4 23.4 0q-1.6 7 -2.2 14q-10 4 -18.8 0z";
                pen.fill(band, colour, 0.9).outline(band, 0.8, 0.8).outline("M54 62l5 3m4 -2l4 4m-12 1l4 -2", 1.2, 0.9);
            }
            default -> {
                // It is in the plant.
            }
        }
    }
}
