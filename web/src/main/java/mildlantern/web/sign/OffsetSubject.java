package mildlantern.web.sign;

import mildlantern.look.Look;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** The mother plant and what grows at its foot. */
final class OffsetSubject implements Subject {
    private final Look look;

    OffsetSubject(Kind kind) {
        look = LeafSubject.ofMany(kind);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        pen.outline("M8 82h104", 0.8, 0.5);
        rosette(pen, new Point(50, 80), 52, 15, false);
        if (!sign.shows(Mark.Sort.NONE)) {
            rosette(pen, new Point(94, 81), 23, 8, sign.shows(Mark.Sort.DEFORMED));
        }
    }

    private void rosette(Pen pen, Point foot, double length, double width, boolean deformed) {
        for (int i = 0; i < 7; i++) {
            int side = i % 2 == 0 ? 1 : -1;
            double out = 1.25 * (1 - 0.15 * i);
            Leaf.draw(
                    pen,
                    look,
                    new Spine(
                            foot,
                            Spine.UP + side * out,
                            length * (deformed ? 0.6 + 0.06 * i : 1),
                            side * (deformed ? -2.6 : 0.5)),
                    width * (deformed ? 0.6 : 1));
        }
    }
}
