package mildlantern.web.sign;

import java.util.List;
import java.util.Set;
import mildlantern.look.Look;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A stalk with two open flowers and two buds. */
final class FlowerSubject implements Subject {
    private static final Set<Mark.Sort> ON_THE_FLOWER = Set.of(Mark.Sort.PETAL_SPECKS);
    private static final List<Point> OPEN = List.of(new Point(40, 44), new Point(64, 26));
    private static final List<Point> BUDS = List.of(new Point(88, 20), new Point(104, 24));

    private final Look look;

    FlowerSubject(Kind kind) {
        look = LeafSubject.ofMany(kind);
    }

    @Override
    public boolean changed(Sign sign) {
        return sign.marks().stream().anyMatch(mark -> !ON_THE_FLOWER.contains(mark.sort()));
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        pen.outline("M4 84h112", 0.8, 0.5);
        boolean none = sign.shows(Mark.Sort.NO_BUDS);
        boolean plantlets = sign.shows(Mark.Sort.PLANTLETS);
        pen.limb(
                List.of(new Point(20, 84), new Point(28, 58), new Point(56, 30), new Point(104, 20)),
                3.6,
                1.8,
                "#6d7d46",
                0.7);
        if (none) {
            return;
        }
        if (plantlets) {
            for (Point at : List.of(new Point(34, 48), new Point(64, 26))) {
                for (int side : new int[] {-1, 1}) {
                    Leaf.young(pen, look, new Spine(at, Spine.UP + side * 0.5, 22, side * 0.5), 8);
                }
                pen.limb(List.of(at, at.plus(1.4, 8), at.plus(1.8, 17)), 2.4, 1.6, "#cbbf9c", 0.8);
                pen.limb(List.of(at, at.plus(2, 7), at.plus(1.5, 14)), 2.2, 1.4, "#cbbf9c", 0.8);
            }
            return;
        }
        boolean fallenFlowers = sign.shows(Mark.Sort.FLOWERS_FALLEN);
        boolean fallenBuds = sign.shows(Mark.Sort.BUDS_FALLEN);
        Look faded =
                PlantSubject.colour(sign, Mark.Sort.WASH).map(look::withBloom).orElse(look);
        OPEN.forEach(at -> {
            if (!fallenFlowers) {
                Bloom.draw(pen, faded, at, sign.shows(Mark.Sort.SMALL) ? 7 : 13);
            }
        });
        if (fallenFlowers) {
            Bloom.draw(pen, look, new Point(58, 76), 11);
            Bloom.draw(pen, look, new Point(90, 77), 10);
        }
        String dry = PlantSubject.colour(sign, Mark.Sort.BUDS_DRY).orElse("");
        for (int i = 0; i < BUDS.size(); i++) {
            Point at = fallenBuds ? new Point(66 + 24.0 * i, 79) : BUDS.get(i);
            if (dry.isEmpty()) {
                Bloom.bud(pen, look, at, 6);
            } else {
                pen.oval(at, 3, 5.5, 35, dry, 1, 0.9)
                        .outline(Pen.format("M%.1f %.1fl2 6m1 -7l0 6", at.x() - 2, at.y() - 3), 0.7, 0.8);
            }
        }
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        if (mark.sort() == Mark.Sort.PETAL_SPECKS) {
            for (Point flower : OPEN) {
                for (int i = 0; i < 11; i++) {
                    pen.dot(
                            flower.plus(i * 2.4, 3 + 7 * ((i * 0.7549) % 1)),
                            1.2,
                            mark.colour().orElse(Pen.INK),
                            0.95);
                }
            }
        }
    }
}
