package mildlantern.web.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Draws in ink and wash, the way of a herbarium sheet: tapering strokes, a lighter and a heavier edge, fine veins. */
public final class Pen {
    public static final String INK = "#1f2a22";
    public static final String SHEET = "#fbf7ec";
    private final StringBuilder out = new StringBuilder();
    private String leaves = "";

    public String drawn() {
        return open().toString();
    }

    /** A smooth curve through points (Catmull-Rom, as cubic Bézier), in steps from point to point: a third of the length of absolute figures. */
    public static String curve(List<Point> points, boolean closed) {
        int n = points.size();
        Point first = points.get(0);
        StringBuilder path = new StringBuilder("M").append(xy(first));
        long x = tenths(first.x());
        long y = tenths(first.y());
        for (int i = 0; i < (closed ? n : n - 1); i++) {
            Point before = points.get(closed ? (i + n - 1) % n : Math.max(0, i - 1));
            Point from = points.get(i);
            Point to = points.get((i + 1) % n);
            Point after = points.get(closed ? (i + 2) % n : Math.min(n - 1, i + 2));
            // The first handle of every further piece mirrors the last one of the piece before.
            path.append(i == 0 ? 'c' : 's');
            if (i == 0) {
                step(path, from.x() + (to.x() - before.x()) / 6, x);
                step(path, from.y() + (to.y() - before.y()) / 6, y);
            }
            step(path, to.x() - (after.x() - from.x()) / 6, x);
            step(path, to.y() - (after.y() - from.y()) / 6, y);
            step(path, to.x(), x);
            step(path, to.y(), y);
            x = tenths(to.x());
            y = tenths(to.y());
        }
        return closed ? path.append('z').toString() : path.toString();
    }

    private static void step(StringBuilder path, double to, long from) {
        long way = tenths(to) - from;
        if (way >= 0 && Character.isDigit(path.charAt(path.length() - 1))) {
            path.append(' ');
        }
        append(path, way);
    }

    /** A colour washed over the sheet, as one that covers. */
    public static String over(String colour, double wash) {
        StringBuilder mixed = new StringBuilder("#");
        for (int i = 1; i < 7; i += 2) {
            int full = Integer.parseInt(colour.substring(i, i + 2), 16);
            int sheet = Integer.parseInt(SHEET.substring(i, i + 2), 16);
            String two = Long.toHexString(Math.round(full * wash + sheet * (1 - wash)));
            mixed.append(two.length() < 2 ? "0" : "").append(two);
        }
        return mixed.toString();
    }

    /** A shape filled and outlined in one. */
    public Pen shape(String path, String colour, double width) {
        open().append("<path d=\"").append(path).append("\" fill=\"").append(colour);
        out.append("\" stroke=\"")
                .append(INK)
                .append("\" stroke-width=\"")
                .append(hundredths(width))
                .append("\"/>");
        return this;
    }

    /** A line whose width runs from one end to the other, filled with ink. */
    public Pen stroke(List<Point> line, double from, double to) {
        return fill(curve(ribbon(line, from, to), true), INK, 1);
    }

    /** A limb with an outline: stem, root, cane, trunk. */
    public Pen limb(List<Point> line, double from, double to, String colour, double wash) {
        return shape(curve(ribbon(line, from, to), true), over(colour, wash), 0.9);
    }

    /** Fewer points of a line where it has many: a limb bends slowly. */
    private static List<Point> thinned(List<Point> line) {
        if (line.size() < 9) {
            return line;
        }
        List<Point> some = new ArrayList<>();
        for (int i = 0; i < line.size() - 1; i += 3) {
            some.add(line.get(i));
        }
        some.add(line.get(line.size() - 1));
        return some;
    }

    private static List<Point> ribbon(List<Point> whole, double from, double to) {
        List<Point> line = thinned(whole);
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

    public Pen fill(String path, String colour, double opacity) {
        open().append("<path d=\"").append(path).append("\" fill=\"").append(colour);
        if (opacity < 1) {
            out.append("\" fill-opacity=\"").append(hundredths(opacity));
        }
        out.append("\"/>");
        return this;
    }

    public Pen outline(String path, double width, double opacity) {
        open().append("<path d=\"")
                .append(path)
                .append("\" fill=\"none\" stroke=\"")
                .append(INK);
        out.append("\" stroke-width=\"").append(hundredths(width));
        if (opacity < 1) {
            out.append("\" stroke-opacity=\"").append(hundredths(opacity));
        }
        out.append("\"/>");
        return this;
    }

    /** A stroke in a colour of its own. */
    public Pen mark(String path, String colour, double width, double opacity) {
        open().append("<path d=\"")
                .append(path)
                .append("\" fill=\"none\" stroke=\"")
                .append(colour);
        out.append("\" stroke-width=\"").append(hundredths(width));
        if (opacity < 1) {
            out.append("\" stroke-opacity=\"").append(hundredths(opacity));
        }
        out.append("\"/>");
        return this;
    }

    /**
     * A small leaf between two bows, filled and outlined in one. Leaves of one colour after another share what is said of them: a tree has hundreds.
     *
     * @param foot where it begins
     * @param right handle of one bow
     * @param tip where it ends
     * @param left handle of the other
     */
    public Pen leaf(Point foot, Point right, Point tip, Point left, String colour) {
        if (!colour.equals(leaves)) {
            open().append("<g fill=\"")
                    .append(colour)
                    .append("\" stroke=\"")
                    .append(INK)
                    .append("\" stroke-width=\".6\">");
            leaves = colour;
        }
        long x = tenths(foot.x());
        long y = tenths(foot.y());
        out.append("<path d=\"M").append(xy(foot)).append('q');
        step(out, right.x(), x);
        step(out, right.y(), y);
        step(out, tip.x(), x);
        step(out, tip.y(), y);
        long tipX = tenths(tip.x());
        long tipY = tenths(tip.y());
        step(out.append('q'), left.x(), tipX);
        step(out, left.y(), tipY);
        step(out, foot.x(), tipX);
        step(out, foot.y(), tipY);
        out.append("\"/>");
        return this;
    }

    /** What is drawn so far, with no leaves left open. */
    private StringBuilder open() {
        if (!leaves.isEmpty()) {
            out.append("</g>");
            leaves = "";
        }
        return out;
    }

    /** A colour as it looks when washed thinly over the sheet. */
    public static String washed(String colour) {
        return over(colour, 0.55);
    }

    public Pen dot(Point at, double radius, String colour, double opacity) {
        open().append(format(
                "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"%.1f\" fill=\"%s\" fill-opacity=\"%.2f\"/>",
                at.x(), at.y(), radius, colour, opacity));
        return this;
    }

    /** Many dots of one size. */
    public Pen dots(List<Point> places, double radius, String colour, double opacity) {
        StringBuilder path = new StringBuilder();
        places.forEach(at -> path.append('M').append(xy(at)).append("h.1"));
        return mark(path.toString(), colour, radius * 2, opacity);
    }

    public Pen oval(Point at, double rx, double ry, double turnDegrees, String colour, double opacity, double edge) {
        open().append(format(
                "<ellipse cx=\"%.1f\" cy=\"%.1f\" rx=\"%.1f\" ry=\"%.1f\" transform=\"rotate(%.1f %.1f %.1f)\" fill=\"%s\""
                        + " fill-opacity=\"%.2f\" stroke=\"%s\" stroke-width=\"%.2f\"/>",
                at.x(), at.y(), rx, ry, turnDegrees, at.x(), at.y(), colour, opacity, INK, edge));
        return this;
    }

    /** Nothing to see, but something to touch: a wide invisible shape behind a slender part. */
    public Pen touchable(String path, double width) {
        open().append(format(
                "<path class=\"touch\" d=\"%s\" fill=\"none\" stroke=\"#000\" stroke-opacity=\"0\" stroke-width=\"%.0f\"/>",
                path, width));
        return this;
    }

    public static String xy(Point point) {
        StringBuilder text = new StringBuilder(14);
        append(text, point.x());
        text.append(' ');
        append(text, point.y());
        return text.toString();
    }

    /** One decimal, written by hand: a plate has thousands of numbers, and formatting them is most of its cost. */
    private static long tenths(double value) {
        return Math.round(value * 10);
    }

    private static void append(StringBuilder text, double value) {
        append(text, tenths(value));
    }

    private static void append(StringBuilder text, long value) {
        long tenths = value;
        if (tenths < 0) {
            text.append('-');
            tenths = -tenths;
        }
        if (tenths >= 10 || tenths == 0) {
            text.append(tenths / 10);
        }
        if (tenths % 10 != 0) {
            text.append('.').append(tenths % 10);
        }
    }

    private static String hundredths(double value) {
        long hundredths = Math.round(value * 100);
        String text = hundredths % 100 == 0 ? Long.toString(hundredths / 100) : Double.toString(hundredths / 100.0);
        return text.startsWith("0.") ? text.substring(1) : text;
    }

    public static String format(String pattern, Object... values) {
        return String.format(Locale.ROOT, pattern, values);
    }
}
