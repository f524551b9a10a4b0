package mildlantern.web.sign;

import mildlantern.look.Look;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** The leaf before and the newest, side by side. */
final class PairSubject implements Subject {
    private static final double LENGTH = 62;

    private final Look look;

    PairSubject(Kind kind) {
        look = LeafSubject.ofMany(kind);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        Leaf.draw(pen, look, new Spine(new Point(30, 84), Spine.UP - 0.12, LENGTH, -0.1), 30);
        double size = sign.shows(Mark.Sort.SMALL) ? 0.62 : sign.shows(Mark.Sort.LARGE) ? 1.25 : 1;
        Look newest = sign.marks().stream()
                .filter(mark -> mark.sort() == Mark.Sort.WASH)
                .flatMap(mark -> mark.colour().stream())
                .findFirst()
                .map(look::plain)
                .orElse(look);
        Spine spine = new Spine(new Point(84, 84), Spine.UP + 0.12, LENGTH * size, 0.1);
        if (newest == look) {
            Leaf.young(pen, look, spine, 30 * size);
        } else {
            Leaf.draw(pen, newest, spine, 30 * size);
        }
        pen.outline("M14 86h92", 0.8, 0.5);
    }
}
