package mildlantern.web.sign;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;

/** A pot cut open, so that its medium is seen from the surface to the bottom. */
final class PotSubject implements Subject {
    private static final String INSIDE = "M28 26h64l-7 52h-50z";
    private static final String SURFACE = "M28 26h64l-1.6 12h-60.8z";
    private static final String BOTTOM = "M30.6 56h58.8l-3 22h-52.8z";
    private static final String MEDIUM = "#8a6a48";

    @Override
    public boolean changed(Sign sign) {
        return sign.shows(Mark.Sort.SHRUNK) || sign.shows(Mark.Sort.DRIES_FAST) || sign.shows(Mark.Sort.DENSE);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        pen.outline("M8 84h104", 0.8, 0.5);
        pen.limb(List.of(new Point(60, 28), new Point(60, 16), new Point(60, 2)), 5, 4, "#6d7d46", 0.75);
        boolean shrunk = sign.shows(Mark.Sort.SHRUNK);
        Optional<String> all =
                sign.marks().stream().flatMap(mark -> mark.colour().stream()).findFirst();
        String colour = sign.shows(Mark.Sort.DRIES_FAST) || sign.shows(Mark.Sort.DENSE) ? all.orElse(MEDIUM) : MEDIUM;
        String medium = shrunk ? "M38 30h44l-4 45h-36z" : INSIDE;
        pen.fill("M24 20h72l-9 62h-54z", "#d9cfbd", 1)
                .fill(INSIDE, Pen.SHEET, 1)
                .fill(medium, colour, sign.shows(Mark.Sort.DENSE) ? 0.95 : 0.62);
        if (shrunk) {
            pen.outline(medium, 1.2, 1);
        } else if (!sign.shows(Mark.Sort.DENSE)) {
            List<Point> grains = new ArrayList<>();
            for (int i = 0; i < 34; i++) {
                grains.add(new Point(34 + 52 * ((i * 0.7549) % 1), 30 + 45 * ((i * 0.5698) % 1)));
            }
            pen.dots(grains, 1.2, Pen.INK, 0.35);
        }
        pen.outline("M24 20h6l7 60h46l7 -60h6", 1.3, 1).outline("M24 20l9 62h54l9 -62", 1.3, 1);
    }

    private static void wet(Pen pen, int many, double top, double bottom) {
        for (int i = 0; i < many * 5; i++) {
            Small.drop(
                    pen,
                    new Point(36 + 48 * ((i * 0.7549) % 1), top + (bottom - top) * ((i * 0.5698) % 1)),
                    many > 1 ? 1.5 : 1.1);
        }
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        String colour = mark.colour().orElse(Pen.INK);
        switch (mark.sort()) {
            case TOP -> {
                pen.fill(SURFACE, colour, 0.95).outline("M29.6 38h60.8", 0.8, 0.6);
                wet(pen, mark.many(), 30, 37);
                pen.outline("M86 4q4 10 0 20m0 0l-4 -4m4 4l3 -5", 1.5, 0.9);
            }
            case DEEP -> {
                pen.fill(BOTTOM, colour, 0.95).outline("M30.6 56h58.8", 0.8, 0.6);
                wet(pen, mark.many(), 61, 75);
                pen.outline("M76 4v66", 2.6, 1).mark("M76 52v18", "#d9b48a", 1.4, 1);
            }
            case WEIGHT -> {
                int arrows = mark.many();
                for (int i = 0; i < arrows; i++) {
                    pen.outline(Pen.format("M%.1f 44v18m-5 -6l5 6l5 -6", 60 + 14.0 * (i - (arrows - 1) / 2.0)), 2.2, 1);
                }
                pen.outline("M16 10q-8 14 8 20m80 -20q8 14 -8 20", 2.2, 0.9);
            }
            case BELOW -> {
                pen.fill("M20 76h80l-4 10h-72z", colour, 0.85).outline("M16 72l6 14h76l6 -14", 1.5, 1);
                pen.mark("M28 79q6 -3 12 0t12 0t12 0t12 0t12 0", "#ffffff", 1.2, 0.9);
            }
            case RUNS_THROUGH -> {
                pen.mark("M40 8v72m9 -72v74m22 -74v74m9 -74v72", colour, 2.6, 0.95);
                for (double x : new double[] {42, 52, 68, 78}) {
                    Small.drop(pen, new Point(x, 86), 1.4);
                }
            }
            case DRIES_FAST -> {
                pen.dot(new Point(102, 14), 7, "#f3b63f", 1).outline("M102 3v-2M102 25v3M91 14h-3M113 14h3", 1.4, 0.9);
                pen.outline("M38 40l10 8l-6 10m22 -16l-6 12l9 8m12 -14l-8 14", 1.2, 0.9);
            }
            case DENSE ->
                pen.outline("M44 10l3 34m-8 -4l8 6l5 -9", 2, 1).mark("M36 60h46m-44 8h42", "#1f1812", 1.6, 0.6);
            case SMELL -> {
                for (double x : new double[] {30, 90}) {
                    pen.outline(Pen.format("M%.1f 84q-6 -5 0 -11t0 -11t0 -11", x + (x < 60 ? -14 : 14)), 1.4, 0.85);
                }
                pen.fill("M44 78h6v5h-6zM57 78h6v5h-6zM70 78h6v5h-6z", "#5a4a2a", 0.95);
            }
            default -> onTheSurface(pen, mark, colour);
        }
    }

    private static void onTheSurface(Pen pen, Mark mark, String colour) {
        switch (mark.sort()) {
            case CRUST -> {
                StringBuilder crystals = new StringBuilder();
                for (int i = 0; i < 13; i++) {
                    crystals.append(Pen.format("M%.1f 27l2.4 -5l2.4 5z", 27 + 5.0 * i));
                }
                pen.fill(crystals.toString(), colour, 1).outline(crystals.toString(), 0.8, 0.9);
                pen.mark("M23 20h9m56 0h9", colour, 4, 1).outline("M22 18h11m54 0h11", 0.8, 0.9);
            }
            case FUZZ -> {
                StringBuilder hairs = new StringBuilder();
                for (int i = 0; i < 40; i++) {
                    double x = 30 + 60 * ((i * 0.7549) % 1);
                    hairs.append(Pen.format("M%.1f 27q%.1f -4 %.1f -8", x, 3 * Math.sin(i), 2 * Math.cos(i * 3.0)));
                }
                pen.mark(hairs.toString(), Pen.INK, 2, 0.35).mark(hairs.toString(), colour, 1.3, 1);
            }
            case FLIES -> {
                for (double[] at : new double[][] {{36, 14}, {46, 4}, {74, 8}, {86, 16}, {66, 18}, {98, 6}}) {
                    Small.fly(pen, new Point(at[0], at[1]), colour, 1.1);
                }
            }
            case SPRINGTAILS -> {
                for (double x : new double[] {34, 46, 72, 84}) {
                    pen.outline(Pen.format("M%.1f 26q5 -20 10 -2", x - 6), 0.9, 0.7);
                    pen.oval(new Point(x + 4, 23), 3.4, 1.6, -20, colour, 1, 0.9);
                }
            }
            case SNAILS -> {
                for (double x : new double[] {36, 78}) {
                    pen.mark(Pen.format("M%.1f 26h15l3 -4", x), colour, 3, 1)
                            .outline(Pen.format("M%.1f 26h15l3 -4", x), 0.7, 0.9);
                    pen.dot(new Point(x + 6, 21), 5.2, colour, 1)
                            .outline(
                                    LeafMarks.circle(new Point(x + 6, 21), 5.2)
                                            + LeafMarks.circle(new Point(x + 6, 21), 2.3),
                                    1,
                                    1);
                }
            }
            default -> {
                // It is in the pot itself.
            }
        }
    }
}
