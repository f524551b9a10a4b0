package mildlantern.web.drawing;

import java.util.ArrayList;
import java.util.List;

/** The centre line of a drawn part: points with headings, bending ever more towards its tip. */
public final class Spine {
    /** The heading straight up, radians. */
    public static final double UP = -Math.PI / 2;

    private final List<Point> points = new ArrayList<>();
    private final double[] headings;
    private final double length;

    /**
     * @param start where it begins
     * @param heading first direction, radians; -π/2 is up
     * @param length its length
     * @param bend how far the heading turns in all, radians
     */
    public Spine(Point start, double heading, double length, double bend) {
        int steps = length < 60 ? 6 : 12;
        this.length = length;
        headings = new double[steps + 1];
        double angle = heading;
        Point at = start;
        points.add(at);
        headings[0] = heading;
        for (int i = 1; i <= steps; i++) {
            angle += bend * 2 * i / (steps * (steps + 1.0));
            at = at.plus(angle, length / steps);
            points.add(at);
            headings[i] = angle;
        }
    }

    public double length() {
        return length;
    }

    public Point tip() {
        return points.get(points.size() - 1);
    }

    public double tipHeading() {
        return headings[headings.length - 1];
    }

    public List<Point> line() {
        return points;
    }

    public double heading(double share) {
        return headings[index(share)];
    }

    /** The point at a share of the length; before 0 and past 1 the line goes on straight. */
    public Point at(double share) {
        if (share < 0) {
            return points.get(0).plus(headings[0], share * length);
        }
        if (share > 1) {
            return tip().plus(tipHeading(), (share - 1) * length);
        }
        double place = share * (points.size() - 1);
        int i = Math.min((int) place, points.size() - 2);
        Point a = points.get(i);
        Point b = points.get(i + 1);
        double rest = place - i;
        return new Point(a.x() + (b.x() - a.x()) * rest, a.y() + (b.y() - a.y()) * rest);
    }

    /** A point beside the line: positive to the right of the heading. */
    public Point beside(double share, double offset) {
        return at(share).plus(heading(share) + Math.PI / 2, offset);
    }

    private int index(double share) {
        return (int) Math.max(0, Math.min(headings.length - 1, Math.round(share * (headings.length - 1))));
    }
}
