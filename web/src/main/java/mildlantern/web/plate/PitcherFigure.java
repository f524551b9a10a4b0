package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;

/** Upright pitchers with their lids, veined, out of a crown in the bog. */
final class PitcherFigure {
    private PitcherFigure() {}

    static void draw(Sheet sheet) {
        double base = 312;
        int count = Sheet.between(sheet.subject.growths(), 2, 11, 6);
        List<Spine> tubes = new ArrayList<>();
        List<Double> widths = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double share = count == 1 ? 0.5 : i / (count - 1.0);
            double lean = (share - 0.5) * 0.78 + sheet.about(0, 0.05);
            boolean outer = i % 2 == 0;
            double length = sheet.about((outer ? 178 : 226) - Math.abs(share - 0.5) * 44, 12);
            tubes.add(new Spine(
                    new Point(Sheet.MIDDLE + (share - 0.5) * 74, base + 2), Sheet.UP + lean, length, -lean * 0.35));
            widths.add(sheet.about(29, 3));
        }
        // The flat leaves that these plants make beside their pitchers, mostly for winter.
        List<Spine> flat = List.of(
                new Spine(new Point(Sheet.MIDDLE - 42, base + 2), Sheet.UP - 0.62, sheet.about(112, 8), -0.35),
                new Spine(new Point(Sheet.MIDDLE + 42, base + 2), Sheet.UP + 0.66, sheet.about(104, 8), 0.4));
        sheet.leaves(Part.LEAF, flat, Blade.taper("#8aa04f"), 16);
        List<Integer> behind = new ArrayList<>();
        List<Integer> front = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            (i % 2 == 1 ? behind : front).add(i);
        }
        List<Point> anchors = new ArrayList<>();
        front.forEach(i -> anchors.add(tubes.get(i).at(0.8)));
        behind.forEach(i -> anchors.add(tubes.get(i).at(0.85)));
        sheet.layer(
                Part.PITCHER,
                pen -> {
                    behind.forEach(i -> pitcher(pen, tubes.get(i), widths.get(i), i < count / 2.0));
                    front.forEach(i -> pitcher(pen, tubes.get(i), widths.get(i), i < count / 2.0));
                },
                anchors.toArray(Point[]::new));
        Spine shoot = new Spine(new Point(Sheet.MIDDLE + 4, base + 2), Sheet.UP + 0.06, 84, 0.1);
        sheet.layer(
                Part.NEW_LEAF,
                pen -> {
                    Blade.lance("#9bb05a").draw(pen, shoot, 15);
                    pen.touchable(Pen.curve(shoot.line(), false), 26);
                },
                shoot.at(0.8));
        sheet.pot(base, 124, 84);
        sheet.medium(base, 124);
        sheet.layer(
                Part.CROWN,
                pen -> pen.dot(new Point(Sheet.MIDDLE, base - 6), 20, "#000", 0),
                new Point(Sheet.MIDDLE, base - 6));
    }

    private static void pitcher(Pen pen, Spine spine, double width, boolean lidToLeft) {
        List<Point> left = new ArrayList<>();
        List<Point> right = new ArrayList<>();
        for (int i = 0; i <= 20; i++) {
            double share = i / 20.0;
            double half = width / 2 * (0.17 + 0.78 * Math.pow(share, 1.35) + (share > 0.93 ? 0.9 * (share - 0.93) : 0));
            left.add(spine.beside(share, -half));
            right.add(spine.beside(share, half));
        }
        List<Point> around = new ArrayList<>(left);
        for (int i = right.size() - 1; i >= 0; i--) {
            around.add(right.get(i));
        }
        String tube = Pen.curve(around, true);
        String colour = "#8aa04f";
        pen.fill(tube, Pen.SHEET, 1).fill(tube, colour, 0.36);
        List<Point> shade = new ArrayList<>(spine.line());
        for (int i = right.size() - 1; i >= 0; i--) {
            shade.add(right.get(i));
        }
        pen.fill(Pen.curve(shade, true), colour, 0.22);
        Point mouth = spine.tip();
        double heading = spine.tipHeading();
        double lip = width * 0.53;
        double side = lidToLeft ? -1 : 1;
        // The lid rises from the back of the mouth and arches over it.
        Point hinge = mouth.plus(heading + side * Math.PI / 2, lip * 0.75);
        Blade.lid(colour).draw(pen, new Spine(hinge, heading - side * 0.25, width * 1.25, -side * 1.7), width * 1.2);
        veins(pen, spine, width);
        pen.outline(Pen.curve(left, false), 1.05, 1).outline(Pen.curve(right, false), 1.6, 1);
        pen.oval(mouth, lip, lip * 0.34, Math.toDegrees(heading) + 90, "#4d3a2c", 0.6, 1.3);
        List<Point> wing = new ArrayList<>();
        for (int i = 3; i <= 18; i++) {
            double share = i / 20.0;
            wing.add(spine.beside(share, -side * width / 2 * (0.1 + 0.72 * Math.pow(share, 1.35)) * 0.4));
        }
        pen.outline(Pen.curve(wing, false), 1.3, 0.75);
    }

    private static void veins(Pen pen, Spine spine, double width) {
        for (double side : new double[] {-0.62, -0.28, 0.1, 0.46, 0.74}) {
            List<Point> line = new ArrayList<>();
            for (int i = 8; i <= 20; i++) {
                double share = i / 20.0;
                line.add(spine.beside(share, side * width / 2 * (0.17 + 0.78 * Math.pow(share, 1.35))));
            }
            pen.outline(Pen.curve(line, false), 0.55, 0.4);
        }
    }
}
