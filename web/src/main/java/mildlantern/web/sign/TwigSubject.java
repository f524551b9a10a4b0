package mildlantern.web.sign;

import java.util.List;
import mildlantern.look.Look;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A twig: bare with buds, or with its needles. */
final class TwigSubject implements Subject {
    private static final String BARK = "#7a6248";

    private final Look look;
    private final boolean needles;

    TwigSubject(Kind kind, boolean needles) {
        look = LeafSubject.ofMany(kind);
        this.needles = needles;
    }

    @Override
    public boolean changed(Sign sign) {
        return sign.shows(Mark.Sort.BENT) || sign.shows(Mark.Sort.SNAPPED) || sign.shows(Mark.Sort.OLDEST);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        if (sign.shows(Mark.Sort.SNAPPED)) {
            pen.limb(List.of(new Point(4, 58), new Point(30, 54), new Point(55, 50)), 9, 7.5, BARK, 0.8);
            pen.limb(List.of(new Point(66, 40), new Point(86, 52), new Point(112, 72)), 7.5, 5, BARK, 0.8);
            pen.mark("M55 47l7 -4m-7 7l8 -1m-8 4l6 4M66 37l-6 1m6 3l-7 3", "#d9bd8c", 1.6, 1);
            return;
        }
        Spine spine = sign.shows(Mark.Sort.BENT)
                ? new Spine(new Point(8, 78), Spine.UP + 0.35, 128, 2.3)
                : new Spine(new Point(4, 62), -0.12, 112, -0.1);
        pen.limb(spine.line(), 9, 4, BARK, 0.8);
        for (int i = 1; i < 7; i++) {
            int side = i % 2 == 0 ? 1 : -1;
            Point foot = spine.beside(0.14 * i, side * 3);
            if (needles) {
                boolean inner = i < 4;
                String green =
                        inner ? PlantSubject.colour(sign, Mark.Sort.OLDEST).orElse(look.green()) : look.green();
                Leaf.tuft(pen, foot, spine.heading(0.14 * i) + side * 1.1, 26, green, 9, 1.7);
            } else {
                Leaf.draw(
                        pen, look.withGreen("#8a5a42"), new Spine(foot, spine.heading(0.14 * i) + side * 0.7, 9, 0), 5);
            }
        }
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        if (mark.sort() == Mark.Sort.SCRATCHED) {
            String window = "M40 61q12 -7 30 -3q-2 4 -4 4q-14 2 -26 -1z";
            pen.fill(window, mark.colour().orElse(Pen.INK), 1).outline(window, 1, 1);
            pen.outline("M70 58q6 -3 8 -9m-8 9q7 -1 12 -4", 1.2, 0.9);
        }
    }
}
