package mildlantern.web.drawing;

import java.util.ArrayList;
import java.util.List;
import mildlantern.look.LeafMargin;
import mildlantern.look.Look;

/** Pattern and edge of a leaf, drawn over its wash in as few strokes as can be: a plate has many leaves. */
public final class Markings {
    private Markings() {}

    public static void draw(Pen pen, Look look, Blade blade, Spine spine, double half) {
        switch (look.pattern()) {
            case PLAIN -> {
                // Nothing is to be seen.
            }
            case EDGED -> {
                for (int side : new int[] {-1, 1}) {
                    pen.mark(along(blade, spine, half * 0.9 * side), look.mark(), 2, 0.9);
                }
            }
            case MIDDLE_BAND -> pen.fill(band(blade, spine, half * 0.42), look.mark(), 0.9);
            case VEINED -> {
                pen.mark(Pen.curve(spine.line(), false), look.mark(), 2.2, 0.95);
                pen.mark(veins(blade, spine, half, 5, 0.16), look.mark(), 1.5, 0.95);
            }
            case BRUSHED -> pen.mark(veins(blade, spine, half * 0.86, 5, 0.1), look.mark(), half * 0.17, 0.85);
            case BARRED -> pen.mark(bars(blade, spine, half * 0.92), look.mark(), 2.4, 0.55);
            case SPOTTED -> spots(pen, look, blade, spine, half, 2);
            case PEARLED -> spots(pen, look, blade, spine, half, 1.5);
            case BLUSHED -> pen.fill(foot(blade, spine, half * 0.94), look.mark(), 0.55);
        }
        if (look.margin() == LeafMargin.TOOTHED) {
            pen.outline(teeth(blade, spine, half, 2.6, half < 16 ? 6 : 12), 0.7, 0.9);
        } else if (look.margin() == LeafMargin.SPINY) {
            pen.outline(teeth(blade, spine, half, 4, 7), 0.9, 1);
        } else if (look.margin() == LeafMargin.WAVY) {
            pen.outline(waves(blade, spine, half), 0.9, 0.8);
        }
    }

    private static String along(Blade blade, Spine spine, double half) {
        List<Point> line = new ArrayList<>();
        for (double share = 0.04; share < 0.97; share += 0.09) {
            line.add(spine.beside(share, half * blade.widthAt(share)));
        }
        return Pen.curve(line, false);
    }

    private static String band(Blade blade, Spine spine, double half) {
        List<Point> around = new ArrayList<>();
        for (double share = 0.05; share < 0.97; share += 0.09) {
            around.add(spine.beside(share, half * blade.widthAt(share)));
        }
        for (double share = 0.95; share > 0.04; share -= 0.09) {
            around.add(spine.beside(share, -half * blade.widthAt(share)));
        }
        return Pen.curve(around, true);
    }

    private static String foot(Blade blade, Spine spine, double half) {
        List<Point> around = new ArrayList<>();
        for (double share = 0.02; share < 0.45; share += 0.1) {
            around.add(spine.beside(share, half * blade.widthAt(share)));
        }
        around.add(spine.at(0.52));
        for (double share = 0.42; share > 0; share -= 0.1) {
            around.add(spine.beside(share, -half * blade.widthAt(share)));
        }
        return Pen.curve(around, true);
    }

    private static String veins(Blade blade, Spine spine, double half, int pairs, double forward) {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < pairs; i++) {
            double from = 0.1 + 0.7 * i / pairs;
            double to = Math.min(0.95, from + forward);
            for (int side : new int[] {-1, 1}) {
                lines.append('M')
                        .append(Pen.xy(spine.at(from)))
                        .append('L')
                        .append(Pen.xy(spine.beside(to, side * half * blade.widthAt(to) * 0.9)));
            }
        }
        return lines.toString();
    }

    private static String bars(Blade blade, Spine spine, double half) {
        StringBuilder lines = new StringBuilder();
        for (int i = 1; i < 10; i++) {
            double share = 0.09 * i;
            double out = half * blade.widthAt(share);
            lines.append('M')
                    .append(Pen.xy(spine.beside(share, -out)))
                    .append('Q')
                    .append(Pen.xy(spine.at(share + 0.03)))
                    .append(' ')
                    .append(Pen.xy(spine.beside(share, out)));
        }
        return lines.toString();
    }

    private static void spots(Pen pen, Look look, Blade blade, Spine spine, double half, double radius) {
        StringBuilder dots = new StringBuilder();
        for (int i = 0; i < 9; i++) {
            double share = 0.12 + 0.08 * i;
            for (double side : i % 2 == 0 ? new double[] {-0.6, 0.15} : new double[] {-0.2, 0.6}) {
                Point at = spine.beside(share, side * half * blade.widthAt(share));
                dots.append('M').append(Pen.xy(at)).append("h.1");
            }
        }
        pen.mark(dots.toString(), look.mark(), radius * 2, 0.95);
    }

    private static String teeth(Blade blade, Spine spine, double half, double reach, int count) {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < count; i++) {
            double share = 0.08 + 0.86 * i / count;
            for (int side : new int[] {-1, 1}) {
                double out = half * blade.widthAt(share);
                lines.append('M')
                        .append(Pen.xy(spine.beside(share, side * out)))
                        .append('L')
                        .append(Pen.xy(spine.beside(share + reach / spine.length(), side * (out + reach * 0.8))));
            }
        }
        return lines.toString();
    }

    private static String waves(Blade blade, Spine spine, double half) {
        StringBuilder lines = new StringBuilder();
        for (int side : new int[] {-1, 1}) {
            List<Point> line = new ArrayList<>();
            for (int i = 0; i <= 18; i++) {
                double share = 0.03 + 0.93 * i / 18;
                line.add(spine.beside(share, side * (half * blade.widthAt(share) + (i % 2 == 0 ? 1.8 : -1.4))));
            }
            lines.append(Pen.curve(line, false));
        }
        return lines.toString();
    }
}
