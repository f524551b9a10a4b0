package mildlantern.web.sign;

import java.util.List;
import mildlantern.look.Look;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A rosette's crown from above. */
final class CrownSubject implements Subject {
    private static final Point HEART = new Point(60, 47);

    private final Look look;

    CrownSubject(Kind kind) {
        look = LeafSubject.ofMany(kind);
    }

    @Override
    public boolean changed(Sign sign) {
        return sign.shows(Mark.Sort.CLOSED) || sign.shows(Mark.Sort.LOOSE);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        boolean loose = sign.shows(Mark.Sort.LOOSE);
        for (int i = 0; i < 9; i++) {
            if (loose && i == 8) {
                continue;
            }
            double heading = i * 2.4;
            double reach = 44 - 2.4 * i;
            Leaf.draw(pen, look, new Spine(HEART.plus(heading, 6), heading, reach, 0.25), 17 - i * 0.7);
        }
        if (sign.shows(Mark.Sort.CLOSED)) {
            for (int i = 0; i < 5; i++) {
                Leaf.young(pen, look, new Spine(HEART.plus(i * 1.25, 8), i * 1.25 + 2.7, 15, 0.4), 9);
            }
            pen.dot(HEART, 2, Pen.INK, 0.9);
        } else {
            pen.oval(HEART, 8, 7, 0, Leaf.paler(look.green()), 1, 1);
        }
        if (loose) {
            Leaf.young(pen, look, new Spine(new Point(78, 36), -0.75, 40, 0.2), 15);
        }
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        String colour = mark.colour().orElse(Pen.INK);
        switch (mark.sort()) {
            case WATER -> {
                pen.oval(HEART, 12 * mark.size(), 10 * mark.size(), 0, colour, 0.92, 1);
                pen.mark("M54 45q4 -4 10 -2", "#ffffff", 1.6, 0.9);
            }
            case STUCK -> {
                pen.oval(HEART, 15, 12, 0, Leaf.paler(look.green()), 1, 1.1);
                pen.outline("M47 44l5 6l5 -7l5 8l5 -7l6 6M48 52l5 4l5 -5l6 5l6 -5", 1.4, 1);
            }
            case SPENT -> {
                pen.limb(List.of(HEART, new Point(64, 28), new Point(72, 6)), 5, 3, colour, 0.85);
                pen.outline("M66 22l7 -2m-5 -6l-7 -3m9 -2l6 0", 1.4, 0.9);
            }
            case LOOSE ->
                pen.oval(new Point(78, 36), 6.5, 4.5, -40, colour, 0.95, 0.8)
                        .dot(HEART, 5.5, colour, 0.9)
                        .outline("M66 42l7 -5m-3 0l3 0l0 3", 1.4, 0.9);
            default -> {
                // It is in the leaves.
            }
        }
    }
}
