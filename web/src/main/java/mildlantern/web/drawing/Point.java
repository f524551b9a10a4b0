package mildlantern.web.drawing;

/** A point of a plate, in its own units: x to the right, y down. */
public record Point(double x, double y) {
    public Point plus(double angle, double distance) {
        return new Point(x + Math.cos(angle) * distance, y + Math.sin(angle) * distance);
    }

    public Point middle(Point other) {
        return new Point((x + other.x) / 2, (y + other.y) / 2);
    }
}
