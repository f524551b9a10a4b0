package mildlantern.web.sign;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import mildlantern.look.Look;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** Places on a leaf: so far along it, and so far from its middle towards its edge, -1 to 1. */
final class LeafPlaces {
    /** Steps that fill a square evenly: the powers of the plastic number. */
    private static final double STEP = 0.7549;

    private static final double OTHER_STEP = 0.5698;

    private final Blade blade;
    private final Spine spine;
    private final double half;

    LeafPlaces(Look look, Spine spine, double width) {
        blade = Blade.of(look.leaf(), look.green());
        this.spine = spine;
        half = width / 2;
    }

    Spine spine() {
        return spine;
    }

    Point at(double share, double side) {
        return spine.beside(share, side * half * Math.max(0.1, blade.widthAt(share)));
    }

    /** So many places that lie evenly over the leaf without being in rows. */
    List<Point> scattered(int many) {
        return IntStream.range(0, many)
                .mapToObj(i -> at(0.14 + 0.76 * part(0.35 + i * STEP), 0.74 * (2 * part(0.2 + i * OTHER_STEP) - 1)))
                .toList();
    }

    private static double part(double value) {
        return value - Math.floor(value);
    }

    String along(double from, double to, double side) {
        return Pen.curve(
                IntStream.rangeClosed(0, 8)
                        .mapToObj(i -> at(from + (to - from) * i / 8, side))
                        .toList(),
                false);
    }

    String across(double share, double lean) {
        return "M" + Pen.xy(at(share - lean, -0.92)) + "Q" + Pen.xy(at(share + lean, 0)) + " "
                + Pen.xy(at(share - lean, 0.92));
    }

    /** The part of the leaf between two shares of its length. */
    String piece(double from, double to) {
        List<Point> around = new ArrayList<>();
        for (int i = 0; i <= 6; i++) {
            around.add(at(from + (to - from) * i / 6, 0.97));
        }
        for (int i = 6; i >= 0; i--) {
            around.add(at(from + (to - from) * i / 6, -0.97));
        }
        return Pen.curve(around, true);
    }

    /** A blot about a place, irregular, inside the leaf. */
    String blot(double share, double side, double long1, double broad) {
        return Pen.curve(
                IntStream.range(0, 9)
                        .mapToObj(i -> {
                            double angle = 2 * Math.PI * i / 9;
                            double reach = 1 + 0.22 * Math.sin(3.3 * i + share * 20);
                            double far = side + broad * reach * Math.sin(angle);
                            return at(share + long1 * reach * Math.cos(angle), Math.max(-0.93, Math.min(0.93, far)));
                        })
                        .toList(),
                true);
    }
}
