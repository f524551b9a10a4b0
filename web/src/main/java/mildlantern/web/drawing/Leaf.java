package mildlantern.web.drawing;

import java.util.ArrayList;
import java.util.List;
import mildlantern.look.LeafShape;
import mildlantern.look.Look;

/** A leaf of any shape, as the look of its kind says. */
public final class Leaf {
    private Leaf() {}

    /** Draws a leaf along a spine, so wide where it is widest. */
    public static void draw(Pen pen, Look look, Spine spine, double width) {
        draw(pen, look, spine, width, look.green());
    }

    /** The same of a young one, which is paler. */
    public static void young(Pen pen, Look look, Spine spine, double width) {
        draw(pen, look, spine, width, paler(look.green()));
    }

    private static void draw(Pen pen, Look look, Spine spine, double width, String green) {
        switch (look.leaf()) {
            case PALMATE -> fan(pen, spine, 0.1, new double[] {-1.25, 1.25, -0.82, 0.82, -0.4, 0.4, 0}, green);
            case FINGERS -> fingers(pen, spine, green);
            case LEAFLETS -> pairs(pen, spine, green, Math.max(3, Math.min(9, (int) (spine.length() / 20))), 0.42);
            case PLUMES -> plumes(pen, spine, green);
            case WEDGES -> wedges(pen, spine, green);
            case ANTLERS -> antler(pen, spine, width, green, 3);
            case NEEDLES -> tuft(pen, spine.at(0.2), spine.heading(0.5), spine.length() * 0.8, green, 9, 1.5);
            case SCALES -> tuft(pen, spine.at(0.1), spine.heading(0.5), spine.length() * 0.55, green, 11, 2.6);
            case TINY -> Blade.small(pen, spine.at(0), spine.heading(0.3), spine.length() * 0.5, width * 0.3, green);
            default -> {
                Blade blade = Blade.of(look.leaf(), green);
                blade.draw(pen, spine, width);
                if (look.leaf() == LeafShape.HOLED) {
                    holes(pen, blade, spine, width);
                }
                Markings.draw(pen, look, blade, spine, width / 2);
            }
        }
    }

    /** A colour halfway to fresh green. */
    public static String paler(String colour) {
        StringBuilder mixed = new StringBuilder("#");
        String fresh = "#a9c46a";
        for (int i = 1; i < 7; i += 2) {
            int one = Integer.parseInt(colour.substring(i, i + 2), 16);
            int other = Integer.parseInt(fresh.substring(i, i + 2), 16);
            mixed.append(Pen.format("%02x", Math.round(one * 0.6 + other * 0.4)));
        }
        return mixed.toString();
    }

    private static void fan(Pen pen, Spine spine, double stalk, double[] turns, String green) {
        Point foot = spine.at(stalk);
        pen.stroke(List.of(spine.at(0), spine.at(stalk * 0.5), foot), 1.6, 1.2);
        for (double turn : turns) {
            double length = spine.length() * (0.98 - 0.28 * Math.abs(turn));
            Blade.small(pen, foot, spine.heading(0.3) + turn, length, length * 0.22, Pen.washed(green));
        }
    }

    private static void fingers(Pen pen, Spine spine, String green) {
        Point hub = spine.at(0.5);
        pen.limb(List.of(spine.at(0), spine.at(0.25), hub), 2.2, 1.6, green, 0.6);
        for (int i = -3; i <= 4; i++) {
            double turn = i * 0.78;
            double length = spine.length() * (0.62 - 0.05 * Math.abs(i));
            Blade.small(pen, hub, spine.heading(0.6) + turn, length, length * 0.26, Pen.washed(green));
        }
    }

    private static void pairs(Pen pen, Spine rib, String green, int pairs, double broad) {
        pen.limb(rib.line(), 4.2, 2, green, 0.7);
        String washed = Pen.washed(green);
        for (int i = 0; i < pairs; i++) {
            double share = 0.2 + 0.78 * i / (pairs - 1.0);
            double length = rib.length() * 0.26 * Math.sin(Math.PI * (0.25 + 0.6 * share)) + 4;
            for (int side : new int[] {-1, 1}) {
                Blade.small(pen, rib.at(share), rib.heading(share) + side * 0.95, length, length * broad, washed);
            }
        }
        Blade.small(pen, rib.tip(), rib.tipHeading(), rib.length() * 0.15, rib.length() * 0.05, washed);
    }

    private static void plumes(Pen pen, Spine rib, String green) {
        pen.limb(rib.line(), 3.4, 1.2, green, 0.7);
        String washed = Pen.washed(green);
        for (int i = 0; i < 13; i++) {
            double share = 0.3 + 0.7 * i / 12.0;
            double length = rib.length() * (0.36 - 0.16 * share);
            for (int side : new int[] {-1, 1}) {
                Blade.small(pen, rib.at(share), rib.heading(share) + side * (0.95 - 0.4 * share), length, 4.2, washed);
            }
        }
    }

    private static void wedges(Pen pen, Spine rib, String green) {
        pen.stroke(rib.line(), 1.7, 0.5);
        String washed = Pen.washed(green);
        for (int i = 0; i < 12; i++) {
            double share = 0.22 + 0.76 * i / 11.0;
            int side = i % 2 == 0 ? 1 : -1;
            double reach = 20 * (1.15 - 0.6 * share);
            Spine twig = new Spine(rib.at(share), rib.heading(share) + side * 0.85, reach, side * 0.5);
            pen.outline("M" + Pen.xy(twig.at(0)) + "L" + Pen.xy(twig.tip()), 0.6, 0.9);
            for (int k = 0; k < 3; k++) {
                Point foot = twig.at(0.4 + 0.3 * k);
                double heading = twig.heading(0.5) + (k - 1) * 0.9;
                Point one = foot.plus(heading - 0.55, 9);
                Point other = foot.plus(heading + 0.55, 9);
                pen.leaf(one, foot.plus(heading, 14), other, foot, washed);
            }
        }
    }

    private static void antler(Pen pen, Spine spine, double width, String green, int forks) {
        pen.limb(spine.line(), width * 0.5, width * 0.62, green, 0.5);
        if (forks == 0) {
            return;
        }
        for (double turn : new double[] {-0.5, 0.42}) {
            antler(
                    pen,
                    new Spine(spine.at(0.9), spine.tipHeading() + turn, spine.length() * 0.6, turn * 0.5),
                    width * 0.6,
                    green,
                    forks - 1);
        }
    }

    public static void tuft(Pen pen, Point foot, double heading, double length, String green, int count, double thick) {
        StringBuilder strokes = new StringBuilder();
        for (int i = 0; i < count; i++) {
            double turn = (i / (count - 1.0) - 0.5) * 2.4;
            strokes.append('M')
                    .append(Pen.xy(foot))
                    .append('L')
                    .append(Pen.xy(foot.plus(heading + turn, length * (1 - 0.18 * Math.abs(turn)))));
        }
        pen.mark(strokes.toString(), green, thick, 1);
    }

    private static void holes(Pen pen, Blade blade, Spine spine, double width) {
        List<Point> places = new ArrayList<>();
        StringBuilder slits = new StringBuilder();
        for (int i = 0; i < 4; i++) {
            for (int side : new int[] {-1, 1}) {
                double share = 0.14 + 0.17 * i;
                places.add(spine.beside(share, side * width * (0.17 + 0.03 * (i % 2))));
                // Slits that run out to the edge.
                slits.append('M')
                        .append(Pen.xy(spine.beside(share + 0.04, side * width * 0.26)))
                        .append('L')
                        .append(Pen.xy(spine.beside(share + 0.11, side * width * 0.47 * blade.widthAt(share + 0.11))));
            }
        }
        pen.mark(slits.toString(), Pen.INK, width * 0.09, 0.8).mark(slits.toString(), Pen.SHEET, width * 0.065, 1);
        pen.dots(places, width * 0.05, Pen.INK, 0.8).dots(places, width * 0.038, Pen.SHEET, 1);
    }
}
