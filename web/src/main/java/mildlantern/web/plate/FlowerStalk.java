package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** Flowers and buds along a stalk. */
final class FlowerStalk {
    private FlowerStalk() {}

    /** A stalk with flowers, and buds towards its tip, each with a short stem of its own. */
    static List<Point> along(Sheet sheet, Pen pen, Spine stalk, int flowers, int buds, double radius) {
        int all = flowers + buds;
        pen.touchable(Pen.curve(stalk.line(), false), 24);
        pen.limb(stalk.line(), 3.4, 1.8, "#6d7d46", 0.6);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < all; i++) {
            double share = all == 1 ? 1 : 0.5 + 0.5 * i / (all - 1.0);
            int side = i % 2 == 0 ? 1 : -1;
            Point stem = stalk.at(share);
            boolean open = i < flowers;
            Point at =
                    all == 1 ? stem : stem.plus(stalk.heading(share) + side * 1.3, open ? radius * 0.8 : radius * 0.5);
            pen.stroke(List.of(stem, stem.middle(at), at), 1.4, 1);
            if (open) {
                Bloom.draw(pen, sheet.subject.look(), at, radius * (1 - 0.03 * i));
            } else {
                Bloom.bud(pen, sheet.subject.look(), at, radius * 0.34);
            }
            places.add(at);
        }
        return places;
    }
}
