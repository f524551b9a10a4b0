package mildlantern.web.sign;

import java.util.List;
import mildlantern.look.Look;
import mildlantern.sign.Mark;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;

/** Marks on a leaf. */
final class LeafMarks {
    private static final String RIM = "#6a4526";

    private final Pen pen;
    private final LeafPlaces leaf;
    private final Look look;

    LeafMarks(Pen pen, LeafPlaces leaf, Look look) {
        this.pen = pen;
        this.leaf = leaf;
        this.look = look;
    }

    static String circle(Point at, double radius) {
        return Pen.format(
                "M%.1f %.1fa%.1f %.1f 0 1 0 %.1f 0a%.1f %.1f 0 1 0 %.1f 0z",
                at.x() - radius, at.y(), radius, radius, 2 * radius, radius, radius, -2 * radius);
    }

    void draw(Mark mark) {
        String colour = mark.colour().orElse(Pen.INK);
        switch (mark.sort()) {
            case TIP -> {
                double from = 1 - 0.22 * mark.size();
                pen.fill(leaf.piece(from, 0.995), colour, mark.size() > 2 ? 0.55 : 0.92);
                if (mark.size() <= 1) {
                    pen.mark(leaf.across(from, 0.02), Bloom.darker(colour), 1.2, 0.8);
                }
            }
            case EDGE -> {
                for (int side : new int[] {-1, 1}) {
                    pen.mark(leaf.along(0.03, 0.97, side * 0.9), colour, 5 * mark.size(), mark.size() > 1 ? 0.4 : 0.9);
                }
            }
            case PATCH -> {
                String blot = leaf.blot(0.56, 0.2, 0.15 * mark.size(), 0.58);
                pen.fill(blot, colour, 0.96).mark(blot, RIM, 1.8, 0.9);
            }
            case SOAKED -> soaked(mark, colour);
            case NET -> net(colour);
            case SPOTS -> leaf.scattered(mark.many()).forEach(at -> pen.dot(at, 3.2 * mark.size(), colour, 0.95));
            case HALO -> leaf.scattered(mark.many()).forEach(at -> pen.dot(at, 7, colour, 0.95));
            case RIMMED ->
                leaf.scattered(mark.many())
                        .forEach(at -> pen.dot(at, 4, colour, 0.95)
                                .mark(circle(at, 4), RIM, 1.5, 0.95)
                                .dot(at.plus(-2.2, 1.6), 1, Pen.SHEET, 0.7));
            case DOTS -> pen.dots(leaf.scattered(mark.many()), mark.size(), colour, 0.95);
            case STREAKS -> streaks(colour);
            case RINGS ->
                leaf.scattered(4).forEach(at -> pen.mark(circle(at, 7.5) + circle(at, 3.8), colour, 1.9, 0.95));
            case ROWS -> {
                for (double share = 0.16; share < 0.9; share += 0.09) {
                    for (double side : new double[] {-0.5, 0.5}) {
                        pen.dot(leaf.at(share, side), 2.3, colour, 0.95);
                    }
                }
            }
            case ANGULAR -> angular(colour);
            case POWDER -> powder(mark, colour);
            case DROPS ->
                leaf.scattered(mark.many() == 0 ? 8 : mark.many())
                        .forEach(at -> pen.dot(at, 3, colour, 0.9)
                                .outline(circle(at, 3), 0.7, 0.8)
                                .dot(at.plus(-2.2, 1.2), 0.8, "#ffffff", 0.95));
            case FILM -> {
                pen.fill(leaf.blot(0.5, 0, 0.34, 0.82), colour, 0.72);
                pen.mark(leaf.along(0.42, 0.74, 0.1), look.green(), 7, 0.9);
            }
            case BUMPS -> bumps(mark, colour);
            default -> animalsAndBites(mark, colour);
        }
    }

    private void animalsAndBites(Mark mark, String colour) {
        switch (mark.sort()) {
            case SHIELD -> shield(colour);
            case NOTCHES -> notches();
            case HOLES -> {
                for (double[] hole : new double[][] {{0.3, 0.35}, {0.52, -0.4}, {0.7, 0.25}}) {
                    String blot = leaf.blot(hole[0], hole[1], 0.065, 0.3);
                    pen.fill(blot, Pen.SHEET, 1).outline(blot, 1.1, 1);
                }
            }
            case TUNNELS -> {
                List<Point> way = List.of(
                        leaf.at(0.2, -0.3),
                        leaf.at(0.28, 0.5),
                        leaf.at(0.38, -0.4),
                        leaf.at(0.48, 0.55),
                        leaf.at(0.6, -0.35),
                        leaf.at(0.72, 0.4),
                        leaf.at(0.8, -0.2));
                pen.mark(Pen.curve(way, false), RIM, 4.6, 0.5).mark(Pen.curve(way, false), colour, 3.4, 1);
                pen.dot(way.get(way.size() - 1), 2.6, RIM, 0.9);
            }
            case TRAIL -> {
                String way = Pen.curve(
                        List.of(
                                leaf.at(0.04, -1.3),
                                leaf.at(0.25, -0.3),
                                leaf.at(0.5, 0.4),
                                leaf.at(0.75, -0.2),
                                leaf.at(0.97, 0.9)),
                        false);
                pen.mark(way, colour, 7, 0.85).mark(way, "#ffffff", 1.6, 0.95);
            }
            case FUZZ -> hairs(colour);
            case PELLETS -> {
                for (Point at : leaf.scattered(9)) {
                    pen.oval(at.plus(0.8, 3), 1.9, 1.2, 40, colour, 1, 0.3);
                }
            }
            case WRINKLES -> {
                for (double side = -0.7; side < 0.75; side += 0.28) {
                    pen.outline(leaf.along(0.1, 0.92, side), 1.2, 0.75);
                }
            }
            case PLEATS -> {
                for (double share = 0.22; share < 0.86; share += 0.1) {
                    pen.mark(leaf.across(share, 0.03), Bloom.darker(look.green()), 3.4, 0.55);
                    pen.outline(leaf.across(share + 0.03, 0.03), 1, 0.9);
                }
            }
            case TEAR -> tear();
            case SMELL -> Small.smell(pen, leaf.at(0.56, -0.3));
            case MITES -> Small.lens(pen, at -> Small.mite(pen, at, colour));
            case SLENDER -> Small.lens(pen, at -> Small.slender(pen, at, colour));
            case FLIES -> {
                for (double[] fly : new double[][] {{24, 20}, {52, 10}, {80, 16}, {100, 26}}) {
                    Small.fly(pen, new Point(fly[0], fly[1]), colour, 1.5);
                }
            }
            case RECOVERS -> {
                pen.mark("M10 30c18 -6 44 4 52 44", Pen.INK, 1, 0.35);
                pen.outline("M70 76q14 -6 14 -24m-4 6l4 -7l4 6", 1.6, 0.9);
            }
            default -> {
                // It is in the leaf itself.
            }
        }
    }

    private void soaked(Mark mark, String colour) {
        if (mark.many() == 0) {
            pen.fill(
                    leaf.blot(0.55, 0.05, Math.min(0.4, 0.16 * mark.size()), Math.min(0.95, 0.62 * mark.size())),
                    colour,
                    0.82);
            return;
        }
        for (double[] at : new double[][] {{0.25, 0.3}, {0.4, -0.4}, {0.55, 0.35}, {0.7, -0.25}, {0.82, 0.2}}) {
            String blot = leaf.blot(at[0], at[1], 0.055, 0.24);
            pen.fill(blot, colour, 0.85).dot(leaf.at(at[0] - 0.01, at[1] - 0.08), 0.9, "#ffffff", 0.7);
        }
    }

    private void net(String colour) {
        pen.mark(leaf.along(0.03, 0.95, 0), colour, 2.4, 1);
        StringBuilder veins = new StringBuilder();
        for (double share = 0.12; share < 0.8; share += 0.12) {
            for (int side : new int[] {-1, 1}) {
                veins.append('M')
                        .append(Pen.xy(leaf.at(share, 0)))
                        .append('L')
                        .append(Pen.xy(leaf.at(Math.min(0.96, share + 0.14), side * 0.9)));
            }
        }
        pen.mark(veins.toString(), colour, 1.7, 1);
    }

    private void streaks(String colour) {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < 12; i++) {
            double share = 0.14 + 0.06 * i;
            double side = 0.7 * Math.sin(i * 2.4);
            lines.append('M')
                    .append(Pen.xy(leaf.at(share, side)))
                    .append('L')
                    .append(Pen.xy(leaf.at(share + 0.09, side + 0.12)));
        }
        pen.mark(lines.toString(), colour, 3.2, 0.95);
    }

    private void angular(String colour) {
        for (double[] cell : new double[][] {{0.2, 1}, {0.36, -1}, {0.5, 1}, {0.64, -1}}) {
            double far = cell[1];
            String quad = "M" + Pen.xy(leaf.at(cell[0], 0.08 * far)) + "L" + Pen.xy(leaf.at(cell[0] + 0.13, 0.08 * far))
                    + "L" + Pen.xy(leaf.at(cell[0] + 0.22, 0.8 * far)) + "L" + Pen.xy(leaf.at(cell[0] + 0.1, 0.8 * far))
                    + "z";
            pen.fill(quad, colour, 0.92).mark(quad, RIM, 0.9, 0.9);
        }
        net(Bloom.darker(look.green()));
    }

    private void powder(Mark mark, String colour) {
        for (int i = 0; i < mark.many(); i++) {
            double share = 0.22 + 0.17 * i;
            double side = i % 2 == 0 ? 0.35 : -0.4;
            pen.fill(leaf.blot(share, side, 0.085, 0.4), colour, 0.82);
            for (int k = 0; k < 6; k++) {
                pen.dot(leaf.at(share + 0.1 * Math.cos(k * 1.1), side + 0.42 * Math.sin(k * 1.1)), 1.1, colour, 0.9);
            }
        }
    }

    private void bumps(Mark mark, String colour) {
        for (Point at : leaf.scattered(mark.many())) {
            pen.oval(at, 4.2 * mark.size(), 3.2 * mark.size(), 20, colour, 1, 0.9);
            pen.dot(at.plus(-2.3, 1.4 * mark.size()), 1, "#ffffff", 0.75);
        }
    }

    private void shield(String colour) {
        Point at = leaf.at(0.42, 0.1);
        pen.oval(at, 7, 5, 0, "#d9b48a", 1, 0.8);
        pen.oval(at.plus(-0.9, 9), 9, 6, -35, colour, 1, 1.1);
        pen.dot(at.plus(-1.1, 11), 1.6, "#7a5a38", 0.9);
        pen.outline(Pen.format("M%.1f %.1fL%.1f %.1f", at.x() + 4, at.y() - 2, at.x() + 38, at.y() - 34), 1.3, 0.9);
        pen.oval(leaf.at(0.72, -0.3), 5.5, 4, 0, colour, 1, 0.9).oval(leaf.at(0.2, 0.3), 5, 3.6, 0, colour, 1, 0.9);
    }

    private void notches() {
        for (double[] bite : new double[][] {{0.24, -1}, {0.4, 1}, {0.52, -1}, {0.66, 1}, {0.76, -1}}) {
            double far = bite[1];
            String bow = "M" + Pen.xy(leaf.at(bite[0] - 0.055, far * 0.99)) + "Q" + Pen.xy(leaf.at(bite[0], far * 0.12))
                    + " " + Pen.xy(leaf.at(bite[0] + 0.055, far * 0.99));
            pen.fill(
                    bow + "L" + Pen.xy(leaf.at(bite[0] + 0.06, far * 1.12)) + "L"
                            + Pen.xy(leaf.at(bite[0] - 0.06, far * 1.12)) + "z",
                    Pen.SHEET,
                    1);
            pen.outline(bow, 1.2, 1);
        }
    }

    private void hairs(String colour) {
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < 46; i++) {
            Point foot = leaf.at(0.44 + 0.24 * ((i * 0.7549) % 1), 0.7 * (2 * ((i * 0.5698) % 1) - 1));
            lines.append('M').append(Pen.xy(foot)).append('L').append(Pen.xy(foot.plus(-1.57 + 0.7 * Math.sin(i), 7)));
        }
        pen.mark(lines.toString(), colour, 1.1, 0.95);
    }

    private void tear() {
        for (double[] tear : new double[][] {{0.38, -1}, {0.62, 1}}) {
            String wedge = "M" + Pen.xy(leaf.at(tear[0] - 0.012, tear[1] * 1.05)) + "L"
                    + Pen.xy(leaf.at(tear[0] + 0.05, tear[1] * 0.08)) + "L"
                    + Pen.xy(leaf.at(tear[0] + 0.05, tear[1] * 1.05)) + "z";
            pen.fill(wedge, Pen.SHEET, 1).outline(wedge, 1, 1);
        }
        pen.outline(leaf.across(0.8, 0.015), 1.2, 0.8);
    }
}
