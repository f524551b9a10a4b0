package mildlantern.web.sign;

import mildlantern.look.Look;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** The same leaf three times, or the days that it took. */
final class TimeSubject implements Subject {
    private static final int WEEK = 7;

    private final Look look;

    TimeSubject(Kind kind) {
        look = LeafSubject.oneLeaf(kind);
    }

    @Override
    public boolean changed(Sign sign) {
        return true;
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        if (sign.shows(Mark.Sort.DAYS)) {
            int days = sign.marks().get(0).many();
            for (int i = 0; i < 35; i++) {
                String cell = Pen.format("M%.1f %.1fh12v11h-12z", 13.0 + 13.6 * (i % WEEK), 14.0 + 13.0 * (i / WEEK));
                pen.fill(cell, i < days ? "#e9a83a" : Pen.SHEET, 1).outline(cell, 0.8, 0.7);
            }
            pen.outline("M10 10h100v72h-100z", 1.3, 1).outline("M30 6v7m60 -7v7", 2, 1);
            return;
        }
        Mark spread = sign.marks().isEmpty() ? null : sign.marks().get(0);
        for (int i = 0; i < 3; i++) {
            Spine spine = new Spine(new Point(22 + 38.0 * i, 72), Spine.UP, 54, 0.05);
            Leaf.draw(pen, look, spine, 25);
            if (spread != null) {
                double size = spread.many() == 0 ? 5 : spread.many() == 1 ? 3.5 + 2.2 * i : 3 + 6.0 * i;
                pen.oval(
                        spine.at(0.5),
                        Math.min(10, size),
                        size,
                        0,
                        spread.colour().orElse(Pen.INK),
                        0.95,
                        0.9);
            }
        }
        pen.outline("M10 82h98m-6 -4l7 4l-7 4", 1.4, 0.9);
    }
}
