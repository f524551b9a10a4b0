package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.GrowthHabit;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** Upright pitchers with their lids, veined, out of a crown in the bog. */
final class PitcherFigure {
    private PitcherFigure() {}

    static void draw(Sheet sheet) {
        double base = 312;
        if (sheet.subject.look().habit() == GrowthHabit.JUGS) {
            jugs(sheet);
            return;
        }
        int count = Sheet.between(sheet.subject.growths(), 2, 11, 6);
        List<Spine> tubes = new ArrayList<>();
        List<Double> widths = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double share = count == 1 ? 0.5 : i / (count - 1.0);
            double lean = (share - 0.5) * 0.78 + sheet.about(0, 0.05);
            boolean outer = i % 2 == 0;
            double length = sheet.about((outer ? 178 : 226) - Math.abs(share - 0.5) * 44, 12);
            tubes.add(new Spine(
                    new Point(Sheet.MIDDLE + (share - 0.5) * 74, base + 2), Spine.UP + lean, length, -lean * 0.35));
            widths.add(sheet.about(sheet.subject.look().habit() == GrowthHabit.CONES ? 44 : 29, 3));
        }
        // The flat leaves that these plants make beside their pitchers, mostly for winter.
        List<Spine> flat = List.of(
                new Spine(new Point(Sheet.MIDDLE - 42, base + 2), Spine.UP - 0.62, sheet.about(112, 8), -0.35),
                new Spine(new Point(Sheet.MIDDLE + 42, base + 2), Spine.UP + 0.66, sheet.about(104, 8), 0.4));
        sheet.leaves(Part.LEAF, flat, 16);
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
                    behind.forEach(i -> pitcher(sheet, pen, tubes.get(i), widths.get(i), i < count / 2.0));
                    front.forEach(i -> pitcher(sheet, pen, tubes.get(i), widths.get(i), i < count / 2.0));
                },
                anchors.toArray(Point[]::new));
        Spine shoot = new Spine(new Point(Sheet.MIDDLE + 4, base + 2), Spine.UP + 0.06, 84, 0.1);
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

    private static void pitcher(Sheet sheet, Pen pen, Spine spine, double width, boolean lidToLeft) {
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
        String colour = sheet.subject.look().green();
        GrowthHabit habit = sheet.subject.look().habit();
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
        if (habit == GrowthHabit.HOODED) {
            veins(pen, spine, width);
            pen.outline(Pen.curve(left, false), 1.05, 1).outline(Pen.curve(right, false), 1.6, 1);
            hood(sheet, pen, mouth, heading, side, width);
            return;
        }
        if (habit == GrowthHabit.CONES) {
            Blade.small(
                    pen,
                    hinge,
                    heading - side * 0.1,
                    width * 0.55,
                    width * 0.28,
                    sheet.subject.look().mark());
        } else {
            Blade.lid(colour)
                    .draw(pen, new Spine(hinge, heading - side * 0.25, width * 1.25, -side * 1.7), width * 1.2);
        }
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

    /** A dome that bends over the mouth, windowed, with a forked tongue hanging from it. */
    private static void hood(Sheet sheet, Pen pen, Point mouth, double heading, double side, double width) {
        Point dome = mouth.plus(heading, width * 0.25).plus(heading + side * Math.PI / 2, width * 0.22);
        for (double turn : new double[] {0.35, -0.35}) {
            Blade.of(LeafShape.LANCE, sheet.subject.look().mark())
                    .draw(
                            pen,
                            new Spine(
                                    dome.plus(Math.PI / 2, width * 0.3),
                                    Math.PI / 2 - side * (0.5 + turn),
                                    width * 1.1,
                                    side * 0.3),
                            width * 0.34);
        }
        pen.oval(dome, width * 0.74, width * 0.6, 0, Pen.SHEET, 1, 0)
                .oval(dome, width * 0.74, width * 0.6, 0, sheet.subject.look().green(), 0.55, 1.4);
        for (int i = 0; i < 9; i++) {
            pen.dot(dome.plus(i * 2.4, width * 0.15 * Math.sqrt(i)), 2, Pen.SHEET, 0.95);
        }
    }

    /** Squat jugs on the ground, ribbed in front, with a toothed mouth and a lid; flat leaves between them. */
    private static void jugs(Sheet sheet) {
        double base = 312;
        int count = Sheet.between(sheet.subject.growths(), 2, 9, 5);
        sheet.pot(base, 134, 80);
        sheet.medium(base, 134);
        List<Spine> flat = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            int side = i % 2 == 0 ? 1 : -1;
            flat.add(new Spine(
                    new Point(Sheet.MIDDLE + side * 6, base - 6),
                    Spine.UP + side * (0.35 + 0.22 * i),
                    86 - 6 * i,
                    side * 0.5));
        }
        sheet.leaves(Part.LEAF, flat.subList(0, 4), 30);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double share = count == 1 ? 0.5 : i / (count - 1.0);
            places.add(new Point(Sheet.MIDDLE + (share - 0.5) * 138, base - 2 + (i % 2 == 0 ? 6 : -4)));
        }
        sheet.layer(
                Part.PITCHER,
                pen -> places.forEach(at -> jug(sheet, pen, at, sheet.about(56, 5))),
                places.stream().map(at -> at.plus(Spine.UP, 26)).toArray(Point[]::new));
        sheet.leaves(Part.NEW_LEAF, flat.subList(4, 5), 22);
        sheet.layer(
                Part.CROWN,
                pen -> pen.dot(new Point(Sheet.MIDDLE, base - 6), 20, "#000", 0),
                new Point(Sheet.MIDDLE, base - 6));
    }

    private static void jug(Sheet sheet, Pen pen, Point foot, double height) {
        double side = foot.x() < Sheet.MIDDLE ? -1 : 1;
        Spine body = new Spine(foot, Spine.UP + side * 0.14, height, 0);
        Blade.bulb(sheet.subject.look().green()).draw(pen, body, height * 0.72);
        for (int i = -1; i <= 1; i++) {
            Spine rib = new Spine(body.beside(0.05, i * height * 0.14), body.heading(0.5), height * 0.84, -i * 0.2);
            pen.mark(Pen.curve(rib.line(), false), sheet.subject.look().mark(), 3, 0.75);
            for (int k = 1; k < 6; k++) {
                pen.outline("M" + Pen.xy(rib.at(0.16 * k)) + "L" + Pen.xy(rib.beside(0.16 * k + 0.05, 4)), 0.7, 0.8);
            }
        }
        Point mouth = body.tip();
        double wide = height * 0.29;
        Blade.of(LeafShape.ROUND, sheet.subject.look().mark())
                .draw(
                        pen,
                        new Spine(
                                mouth.plus(side > 0 ? 0 : Math.PI, wide * 0.5),
                                Spine.UP + side * 0.4,
                                height * 0.46,
                                -side * 0.5),
                        height * 0.5);
        pen.oval(mouth, wide, wide * 0.5, side * 8, "#4d3a2c", 0.75, 2.4);
        for (int i = 0; i < 9; i++) {
            double turn = Math.PI * i / 8;
            Point rim = new Point(mouth.x() + Math.cos(turn) * wide, mouth.y() + Math.sin(turn) * wide * 0.5);
            pen.stroke(
                    List.of(rim, rim.plus(Math.PI / 2, 2), new Point(rim.x() * 0.9 + mouth.x() * 0.1, rim.y() - 4)),
                    2.2,
                    0.6);
        }
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
