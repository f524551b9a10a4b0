package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Draws in ink and wash, the way of a herbarium sheet: tapering strokes, a lighter and a heavier edge, fine veins. */
final class Pen {
    static final String INK = "#1f2a22";
    static final String SHEET = "#fbf7ec";
    private final StringBuilder out = new StringBuilder();

    String drawn() {
        return out.toString();
    }

    /** A smooth curve through points (Catmull-Rom, as cubic Bézier). */
    static String curve(List<Point> points, boolean closed) {
        int n = points.size();
        StringBuilder path = new StringBuilder("M").append(xy(points.get(0)));
        for (int i = 0; i < (closed ? n : n - 1); i++) {
            Point before = points.get(closed ? (i + n - 1) % n : Math.max(0, i - 1));
            Point from = points.get(i);
            Point to = points.get((i + 1) % n);
            Point after = points.get(closed ? (i + 2) % n : Math.min(n - 1, i + 2));
            path.append('C')
                    .append(xy(new Point(from.x() + (to.x() - before.x()) / 6, from.y() + (to.y() - before.y()) / 6)))
                    .append(' ')
                    .append(xy(new Point(to.x() - (after.x() - from.x()) / 6, to.y() - (after.y() - from.y()) / 6)))
                    .append(' ')
                    .append(xy(to));
        }
        return closed ? path.append('Z').toString() : path.toString();
    }

    /** A line whose width runs from one end to the other, filled with ink. */
    Pen stroke(List<Point> line, double from, double to) {
        return fill(curve(ribbon(line, from, to), true), INK, 1);
    }

    /** A limb with an outline: stem, root, cane, trunk. */
    Pen limb(List<Point> line, double from, double to, String colour, double wash) {
        String shape = curve(ribbon(line, from, to), true);
        fill(shape, SHEET, 1);
        fill(shape, colour, wash);
        return outline(shape, 0.9, 1);
    }

    private static List<Point> ribbon(List<Point> line, double from, double to) {
        List<Point> left = new ArrayList<>();
        List<Point> right = new ArrayList<>();
        int n = line.size();
        for (int i = 0; i < n; i++) {
            Point before = line.get(Math.max(0, i - 1));
            Point after = line.get(Math.min(n - 1, i + 1));
            double heading = Math.atan2(after.y() - before.y(), after.x() - before.x());
            double half = (from + (to - from) * i / (n - 1)) / 2;
            left.add(line.get(i).plus(heading + Math.PI / 2, half));
            right.add(0, line.get(i).plus(heading - Math.PI / 2, half));
        }
        left.addAll(right);
        return left;
    }

    Pen fill(String path, String colour, double opacity) {
        out.append("<path d=\"")
                .append(path)
                .append("\" fill=\"")
                .append(colour)
                .append("\" fill-opacity=\"")
                .append(hundredths(opacity))
                .append("\"/>");
        return this;
    }

    Pen outline(String path, double width, double opacity) {
        out.append("<path d=\"")
                .append(path)
                .append("\" fill=\"none\" stroke=\"")
                .append(INK);
        out.append("\" stroke-width=\"").append(hundredths(width));
        if (opacity < 1) {
            out.append("\" stroke-opacity=\"").append(hundredths(opacity));
        }
        out.append("\" stroke-linecap=\"round\" stroke-linejoin=\"round\"/>");
        return this;
    }

    /** A small leaf: filled and outlined in one, with one edge and its midrib heavier. */
    Pen leaf(String shape, String heavy, String colour) {
        out.append("<path d=\"").append(shape).append("\" fill=\"").append(colour);
        out.append("\" stroke=\"").append(INK).append("\" stroke-width=\"0.5\"/>");
        return outline(heavy, 0.8, 0.9);
    }

    /** A colour as it looks when washed thinly over the sheet. */
    static String washed(String colour) {
        StringBuilder mixed = new StringBuilder("#");
        for (int i = 1; i < 7; i += 2) {
            int full = Integer.parseInt(colour.substring(i, i + 2), 16);
            int sheet = Integer.parseInt(SHEET.substring(i, i + 2), 16);
            mixed.append(format("%02x", Math.round(full * 0.55 + sheet * 0.45)));
        }
        return mixed.toString();
    }

    Pen dot(Point at, double radius, String colour, double opacity) {
        out.append(format(
                "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"%.1f\" fill=\"%s\" fill-opacity=\"%.2f\"/>",
                at.x(), at.y(), radius, colour, opacity));
        return this;
    }

    Pen oval(Point at, double rx, double ry, double turnDegrees, String colour, double opacity, double edge) {
        out.append(format(
                "<ellipse cx=\"%.1f\" cy=\"%.1f\" rx=\"%.1f\" ry=\"%.1f\" transform=\"rotate(%.1f %.1f %.1f)\" fill=\"%s\""
                        + " fill-opacity=\"%.2f\" stroke=\"%s\" stroke-width=\"%.2f\"/>",
                at.x(), at.y(), rx, ry, turnDegrees, at.x(), at.y(), colour, opacity, INK, edge));
        return this;
    }

    /** Nothing to see, but something to touch: a wide invisible shape behind a slender part. */
    Pen touchable(String path, double width) {
        out.append(format(
                "<path class=\"touch\" d=\"%s\" fill=\"none\" stroke=\"#000\" stroke-opacity=\"0\" stroke-width=\"%.0f\"/>",
                path, width));
        return this;
    }

    static String xy(Point point) {
        StringBuilder text = new StringBuilder(14);
        append(text, point.x());
        text.append(' ');
        append(text, point.y());
        return text.toString();
    }

    /** One decimal, written by hand: a plate has thousands of numbers, and formatting them is most of its cost. */
    private static void append(StringBuilder text, double value) {
        long tenths = Math.round(value * 10);
        if (tenths < 0) {
            text.append('-');
            tenths = -tenths;
        }
        text.append(tenths / 10);
        if (tenths % 10 != 0) {
            text.append('.').append(tenths % 10);
        }
    }

    private static String hundredths(double value) {
        long hundredths = Math.round(value * 100);
        return hundredths % 100 == 0 ? Long.toString(hundredths / 100) : Double.toString(hundredths / 100.0);
    }

    static String format(String pattern, Object... values) {
        return String.format(Locale.ROOT, pattern, values);
    }
}
