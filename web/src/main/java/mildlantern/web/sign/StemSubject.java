package mildlantern.web.sign;

import java.util.ArrayList;
import java.util.List;
import mildlantern.look.Look;
import mildlantern.plant.GrowthForm;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A piece of stem above the medium, with two leaves. */
final class StemSubject implements Subject {
    private static final double FOOT = 80;

    private final Look look;
    private final double thick;
    private final String bark;

    StemSubject(Kind kind) {
        look = LeafSubject.ofMany(kind);
        boolean woody = kind.form() == GrowthForm.BONSAI || kind.form() == GrowthForm.SMALL_TREE;
        boolean fleshy = kind.form() == GrowthForm.COLUMNAR_CACTUS;
        thick = woody || fleshy ? 20 : 13;
        bark = woody ? "#8a6a4c" : look.green();
    }

    @Override
    public boolean changed(Sign sign) {
        return sign.shows(Mark.Sort.CRESTED) || sign.shows(Mark.Sort.INSIDE);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        if (sign.shows(Mark.Sort.INSIDE)) {
            inside(pen, PlantSubject.colour(sign, Mark.Sort.INSIDE).orElse(Pen.INK));
            return;
        }
        pen.fill("M0 80h120v10h-120z", "#7a5a3c", 0.55).outline("M4 80h112", 0.9, 0.7);
        for (int side : new int[] {-1, 1}) {
            Leaf.draw(pen, look, new Spine(new Point(60 + side * 3, 38), Spine.UP + side * 0.95, 50, side * 0.5), 19);
        }
        if (sign.shows(Mark.Sort.CRESTED)) {
            String fan = "M54 80C54 50 36 26 24 16q36 -18 72 0C84 26 66 50 66 80z";
            pen.shape(fan, Pen.over(bark, 0.6), 1.1);
            for (double x = 30; x < 94; x += 7) {
                pen.outline(Pen.format("M%.1f 13q%.1f 26 %.1f 54", x, (60 - x) * 0.3, (60 - x) * 0.85), 0.6, 0.5);
            }
            return;
        }
        pen.limb(
                List.of(new Point(60, FOOT + 4), new Point(60.5, 44), new Point(60, 6)),
                thick,
                thick * 0.8,
                bark,
                0.62);
        pen.outline("M55 64v-18m9 26v-20m-5 -12v-20", 0.6, 0.4);
    }

    private void inside(Pen pen, String colour) {
        Point at = new Point(60, 46);
        pen.dot(at, 36, Pen.over(bark, 0.8), 1).outline(LeafMarks.circle(at, 36), 1.6, 1);
        pen.dot(at, 30, "#efe6c8", 1).mark(LeafMarks.circle(at, 21), colour, 8, 0.95);
        pen.outline(LeafMarks.circle(at, 12), 0.6, 0.4).dot(at, 2.4, "#cbb98c", 1);
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        String colour = mark.colour().orElse(Pen.INK);
        double half = thick / 2;
        switch (mark.sort()) {
            case WEB -> web(pen, colour);
            case TUFTS -> {
                for (double[] at : new double[][] {{53, 37}, {67, 36}, {60, 42}, {47, 30}, {74, 29}}) {
                    tuft(pen, new Point(at[0], at[1]), colour);
                }
            }
            case WOOL -> {
                for (double y = 14; y < 78; y += 10) {
                    tuft(pen, new Point(60 + 5 * Math.sin(y), y), colour);
                }
            }
            case ANTS -> {
                for (double[] at : new double[][] {{60, 70}, {58, 54}, {62, 40}, {57, 22}, {84, 86}, {36, 86}}) {
                    Small.ant(pen, new Point(at[0], at[1]), colour);
                }
            }
            case SOFT_BASE -> {
                String base =
                        Pen.format("M%.1f 84q-3 -14 1 -26q%.1f 8 %.1f 0q4 12 1 26z", 60 - half - 2, half, thick + 2);
                pen.fill(base, colour, 0.92).outline(base, 1, 0.9);
                pen.outline(Pen.format("M%.1f 72q4 3 8 0m-6 6q5 3 9 0", 55.0), 0.8, 0.7);
            }
            case WET_BLACK -> {
                String black = Pen.format(
                        "M%.1f 66q-2 -16 1 -34q%.1f -7 %.1f 2q3 16 0 34q%.1f 6 %.1f -2z",
                        60 - half - 0.5, half, thick, -half, -thick);
                pen.fill(black, colour, 0.95);
                Small.drop(pen, new Point(60 + half + 5, 66), 1.5);
                pen.mark("M56 40v16", "#8f9a9c", 1.6, 0.8);
            }
            case CORK -> {
                String cork = Pen.format("M%.1f 84v-36l4 -6l5 5l4 -7l%.1f 6v38z", 60 - half - 0.5, thick - 12);
                pen.fill(cork, colour, 0.97).outline(cork, 0.9, 0.8);
                pen.outline("M55 54h6m-7 8h9m-8 8h7m-8 7h10", 0.9, 0.7);
            }
            case GROWTH -> {
                for (double[] at : new double[][] {{56, 60, 6}, {63, 44, 5}, {58, 26, 4}, {64, 68, 4}}) {
                    pen.oval(new Point(at[0], at[1]), at[2], at[2] * 0.7, 20, colour, 0.95, 0.8);
                    pen.dot(new Point(at[0] - 1, at[1]), 1.2, "#6f7f58", 0.9);
                }
                pen.outline("M84 80v-9m-8 0q8 -12 16 0z", 1.2, 1).fill("M76 71q8 -12 16 0z", "#c9a878", 0.9);
            }
            case STRANDS -> {
                pen.mark(
                        "M60 80q-12 -4 -26 3m26 -8q-9 0 -14 10m14 -10q10 0 16 9m-16 -4q14 -5 28 3M54 72q6 -5 12 1",
                        colour,
                        2.4,
                        1);
                pen.outline("M60 80q-12 -4 -26 3m26 -3q14 -5 28 3", 0.5, 0.5);
                for (double x : new double[] {40, 47, 73, 80, 86}) {
                    pen.dot(new Point(x, 82), 2.2, "#8a5a2a", 1);
                }
            }
            default -> {
                // It is in the stem itself.
            }
        }
    }

    private static void tuft(Pen pen, Point at, String colour) {
        List<Point> puffs = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            puffs.add(at.plus(i * 1.05, 3.2));
        }
        pen.dots(puffs, 3.2, Pen.INK, 0.55).dots(puffs, 2.6, colour, 1).dot(at, 3.4, colour, 1);
    }

    private static void web(Pen pen, String colour) {
        StringBuilder threads = new StringBuilder();
        for (int i = 0; i < 7; i++) {
            threads.append(Pen.format(
                    "M%.1f %.1fQ60 %.1f %.1f %.1f",
                    60 - 5 - 4.5 * i, 36 - 2.6 * i, 34 - i * 1.2, 60 + 5 + 4.5 * i, 36 - 2.6 * i));
        }
        for (double x : new double[] {-26, -13, 0, 13, 26}) {
            threads.append(Pen.format("M60 42L%.1f 14", 60 + x));
        }
        pen.mark(threads.toString(), colour, 1, 0.95);
        for (double[] at : new double[][] {{48, 26}, {66, 24}, {74, 30}, {57, 33}}) {
            pen.dot(new Point(at[0], at[1]), 1.5, "#a8442f", 1);
        }
    }
}
