package mildlantern.web.sign;

import java.util.List;
import mildlantern.look.Look;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** The newest growth between two grown leaves. */
final class ShootSubject implements Subject {
    private static final Point TIP = new Point(60, 56);

    private final Look look;

    ShootSubject(Kind kind) {
        look = LeafSubject.ofMany(kind);
    }

    @Override
    public boolean changed(Sign sign) {
        return !sign.marks().isEmpty() && !sign.shows(Mark.Sort.APHIDS);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        pen.limb(List.of(new Point(60, 90), new Point(60.4, 70), TIP), 4.4, 3, "#7a6a4a", 0.7);
        for (int side : new int[] {-1, 1}) {
            Leaf.draw(pen, look, new Spine(new Point(60, 74), Spine.UP + side * 1.15, 54, side * 0.35), 22);
        }
        if (sign.shows(Mark.Sort.NONE)) {
            pen.dot(TIP, 2.6, "#7a6a4a", 1).outline(LeafMarks.circle(TIP, 2.6), 0.9, 1);
            return;
        }
        if (sign.shows(Mark.Sort.DEAD_TIP)) {
            String colour = PlantSubject.colour(sign, Mark.Sort.DEAD_TIP).orElse(Pen.INK);
            Leaf.draw(pen, look.withGreen(colour), new Spine(TIP, Spine.UP + 0.5, 30, 1.9), 8);
            Leaf.draw(pen, look.withGreen(colour), new Spine(TIP, Spine.UP - 0.5, 22, -1.8), 7);
            return;
        }
        boolean twisted = sign.shows(Mark.Sort.TWISTED);
        double length = sign.shows(Mark.Sort.SMALL) ? 17 : 45;
        double broad = sign.shows(Mark.Sort.SMALL) ? 8 : twisted ? 11 : 17;
        Leaf.young(pen, look, new Spine(TIP, Spine.UP - (twisted ? 0.7 : 0.12), length, twisted ? 2.4 : 0.1), broad);
        Leaf.young(
                pen,
                look,
                new Spine(TIP, Spine.UP + (twisted ? 0.2 : 0.3), length * 0.7, twisted ? -2.6 : 0.2),
                broad * 0.8);
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        if (mark.sort() == Mark.Sort.APHIDS) {
            String colour = mark.colour().orElse(Pen.INK);
            for (int i = 0; i < 16; i++) {
                Point at = new Point(57 + 7 * Math.sin(i * 2.1), 62 - 2.9 * i);
                pen.outline(Pen.format("M%.1f %.1fl5 -3m-5 3l5 3", at.x(), at.y()), 0.5, 0.8);
                pen.oval(at, 3.2, 2.4, 30, colour, 1, 0.7);
            }
        }
    }
}
