package mildlantern.web.sign;

import mildlantern.look.Look;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** Two swollen canes or bulbs, the older to the left. */
final class CaneSubject implements Subject {
    private final Look look;

    CaneSubject(Kind kind) {
        look = LeafSubject.ofMany(kind);
    }

    @Override
    public boolean changed(Sign sign) {
        return sign.shows(Mark.Sort.BARE);
    }

    private static Spine cane(int i) {
        return new Spine(new Point(42 + 34 * i, 82), Spine.UP + (i == 0 ? -0.1 : 0.08), 48, 0.05);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        pen.outline("M12 82h98", 0.8, 0.5);
        String colour = PlantSubject.colour(sign, Mark.Sort.WASH).orElse(look.green());
        for (int i = 0; i < 2; i++) {
            boolean old = i == 0 && sign.shows(Mark.Sort.BARE);
            if (!old) {
                for (int side : new int[] {-1, 1}) {
                    Leaf.draw(pen, look, new Spine(cane(i).tip(), Spine.UP + side * 0.4, 40, side * 0.7), 12);
                }
            }
            Blade.bulb(old ? colour : look.green()).draw(pen, cane(i), 25);
        }
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        if (mark.sort() == Mark.Sort.WRINKLES) {
            for (int i = 0; i < 2; i++) {
                Spine cane = cane(i);
                for (double side = -8; side < 9; side += 4) {
                    pen.outline(
                            "M" + Pen.xy(cane.beside(0.08, side * 0.7)) + "Q" + Pen.xy(cane.beside(0.3, side + 2.4))
                                    + " " + Pen.xy(cane.beside(0.52, side)) + "T"
                                    + Pen.xy(cane.beside(0.9, side * 0.5)),
                            1.2,
                            0.85);
                }
            }
        }
    }
}
