package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.plant.GrowthForm;

/**
 * Draws plates: each plant with its own numbers of leaves, pitchers, offsets, flowers and buds, always the same for the same
 * plant. A growth form without a figure of its own takes the nearest one.
 */
public final class PlateDrawer {
    private static final double UP = -Math.PI / 2;

    private PlateDrawer() {}

    public static Plate draw(PlateSubject subject) {
        Sheet sheet = new Sheet(subject);
        switch (figure(subject.form())) {
            case SINGLE_CROWN_ORCHID -> orchid(sheet);
            case TANK_ROSETTE -> rosette(sheet);
            case UPRIGHT_PITCHER -> pitchers(sheet);
            case SMALL_TREE -> tree(sheet);
            default -> clump(sheet);
        }
        return sheet.plate();
    }

    /** The figure that stands for a growth form. */
    private static GrowthForm figure(GrowthForm form) {
        return switch (form) {
            case SINGLE_CROWN_ORCHID, CANED_ORCHID -> GrowthForm.SINGLE_CROWN_ORCHID;
            case TANK_ROSETTE, AIR_PLANT, FLESHY_ROSETTE, FLAT_STICKY_ROSETTE, SNAP_TRAP_ROSETTE ->
                GrowthForm.TANK_ROSETTE;
            case UPRIGHT_PITCHER, HANGING_PITCHER -> GrowthForm.UPRIGHT_PITCHER;
            case BONSAI, SMALL_TREE -> GrowthForm.SMALL_TREE;
            case LEAFY_CLUMP, LEAFY_STEM, FERN, CLIMBER, COLUMNAR_CACTUS -> GrowthForm.LEAFY_CLUMP;
        };
    }

    private static int between(int value, int least, int most, int unknown) {
        return value == 0 ? unknown : Math.max(least, Math.min(most, value));
    }

    // ------------------------------------------------------------------ single-crown orchid

    private static void orchid(Sheet sheet) {
        double base = 300;
        Point crown = new Point(Sheet.MIDDLE, base - 12);
        int leaves = between(sheet.subject.leaves(), 2, 9, 6);
        sheet.pot(base, 124, 96);
        List<Point> rootTips = new ArrayList<>();
        sheet.layer(
                Part.ROOT,
                pen -> {
                    double[][] roots = {
                        {2.75, 96, -1.5}, {2.2, 74, 0.8}, {0.42, 104, 1.5}, {0.95, 70, -0.5}, {3.0, 66, -1.0}
                    };
                    for (double[] root : roots) {
                        Spine spine = new Spine(
                                new Point(crown.x() + Math.cos(root[0]) * 14, base - 2),
                                root[0],
                                sheet.about(root[1], 6),
                                root[2]);
                        pen.limb(spine.line(), 5.4, 3, "#9fb08a", 0.4);
                        pen.dot(spine.tip(), 2.2, "#6f9a4e", 0.8);
                        pen.touchable(Pen.curve(spine.line(), false), 20);
                        rootTips.add(spine.at(0.75));
                    }
                },
                new Point(crown.x() + 78, base + 30),
                new Point(crown.x() - 74, base + 26));
        sheet.medium(base, 124);
        if (sheet.subject.flowers() + sheet.subject.buds() > 0) {
            spike(sheet, crown);
        }
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            int rank = i / 2;
            double rise = 0.16 + 0.34 * rank + sheet.about(0, 0.05);
            double length = sheet.about(162 - 20 * rank - (i == leaves - 1 ? 24 : 0), 7);
            boolean toRight = i % 2 == 0;
            Spine leaf = new Spine(
                    new Point(crown.x() + (toRight ? 3 : -3), crown.y() + 3),
                    toRight ? -rise - 0.12 : Math.PI + rise + 0.12,
                    length,
                    (toRight ? 1 : -1) * (1.0 + 0.08 * rank));
            (i >= leaves - 2 && leaves > 3 ? young : old).add(leaf);
        }
        leaves(sheet, Part.LEAF, old, Blade.orchidLeaf(), 48);
        leaves(sheet, Part.NEW_LEAF, young, Blade.orchidLeaf(), 40);
        crown(sheet, crown, 17, 9);
    }

    private static void leaves(Sheet sheet, Part part, List<Spine> leaves, Blade blade, double width) {
        if (leaves.isEmpty()) {
            return;
        }
        sheet.layer(
                part,
                pen -> leaves.forEach(leaf -> blade.draw(pen, leaf, sheet.about(width, 2))),
                leaves.stream().map(leaf -> leaf.at(0.66)).toArray(Point[]::new));
    }

    private static void crown(Sheet sheet, Point at, double rx, double ry) {
        sheet.layer(
                Part.CROWN,
                pen -> {
                    pen.oval(at, rx * 0.5, ry * 0.5, 0, "#8fa867", 0.85, 0.9);
                    pen.outline(
                            Pen.format("M%.1f %.1fq%.1f -5 %.1f 0", at.x() - rx * 0.4, at.y(), rx * 0.4, rx * 0.8),
                            0.7,
                            0.8);
                    pen.dot(at, Math.max(rx, 20), "#000", 0);
                },
                at);
    }

    private static void spike(Sheet sheet, Point crown) {
        Spine spine = new Spine(new Point(crown.x() + 5, crown.y() - 2), UP - 0.16, 285, 1.75);
        int flowers = Math.min(9, sheet.subject.flowers());
        int buds = Math.min(5, sheet.subject.buds());
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < flowers + buds; i++) {
            places.add(spine.at(0.52 + 0.46 * (i + 0.6) / (flowers + buds)));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.touchable(Pen.curve(spine.line(), false), 24);
                    pen.limb(spine.line(), 4, 1.6, "#6d7d46", 0.6);
                    for (double node : new double[] {0.16, 0.32}) {
                        Point at = spine.at(node);
                        pen.outline(
                                "M" + Pen.xy(at.plus(spine.heading(node) + 1.9, 4)) + "L"
                                        + Pen.xy(at.plus(spine.heading(node) - 1.4, 4)),
                                0.9,
                                0.9);
                    }
                    for (int i = 0; i < places.size(); i++) {
                        Point hung = new Point(
                                places.get(i).x() + (i % 2 == 0 ? 10 : -9),
                                places.get(i).y() + (i % 2 == 0 ? 13 : -8));
                        pen.stroke(List.of(places.get(i), places.get(i).middle(hung), hung), 1.5, 1);
                        if (i < flowers) {
                            flower(pen, hung, 18 - 0.6 * i);
                        } else {
                            pen.oval(
                                    hung,
                                    4.8 - 0.3 * (i - flowers),
                                    6.8 - 0.4 * (i - flowers),
                                    12,
                                    "#c9a2b2",
                                    0.75,
                                    0.9);
                        }
                    }
                },
                places.stream()
                        .map(place -> new Point(place.x() + 4, place.y() + 8))
                        .toArray(Point[]::new));
    }

    private static void flower(Pen pen, Point at, double radius) {
        Blade sepal = Blade.petal("#c98aa4");
        for (double angle : new double[] {UP, UP + 2.15, UP - 2.15}) {
            sepal.draw(pen, new Spine(at, angle, radius * 1.05, 0), radius * 0.72);
        }
        for (double angle : new double[] {UP + 1.32, UP - 1.32}) {
            sepal.draw(pen, new Spine(at, angle, radius * 1.2, 0), radius * 1.25);
        }
        Blade.petal("#8f2f57").draw(pen, new Spine(at, -UP, radius * 0.7, 0), radius * 0.45);
        pen.dot(at, 2.1, "#f3b63f", 0.95);
    }

    // ------------------------------------------------------------------ tank rosette

    private static void rosette(Sheet sheet) {
        double base = 306;
        Point heart = new Point(Sheet.MIDDLE, base - 6);
        int leaves = between(sheet.subject.leaves(), 5, 16, 11);
        boolean mounted = sheet.subject.vessel() == PlateSubject.Vessel.MOUNT;
        if (mounted) {
            mount(sheet, base);
        } else {
            sheet.pot(base, 112, 88);
            sheet.medium(base, 112);
        }
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = i / (leaves - 1.0);
            boolean toRight = i % 2 == 0;
            double rise = 0.2 + 1.32 * share + sheet.about(0, 0.04);
            double length = sheet.about(172 - 50 * share * share, 6);
            double bend = (1 - share) * 0.9 + 0.12;
            Spine leaf = new Spine(
                    new Point(heart.x() + (toRight ? 8 : -8) * (1 - share), heart.y()),
                    toRight ? -rise : Math.PI + rise,
                    length,
                    toRight ? bend : -bend);
            (share > 0.72 ? young : old).add(leaf);
        }
        old.add(new Spine(new Point(heart.x(), heart.y() + 4), UP, 92, 0.02));
        leaves(sheet, Part.LEAF, old, Blade.strap("#7f9268"), 33);
        if (sheet.subject.flowers() > 0) {
            bract(sheet, heart);
        }
        leaves(sheet, Part.NEW_LEAF, young, Blade.strap("#8da073"), 28);
        cup(sheet, new Point(heart.x(), heart.y() - 24));
        if (sheet.subject.offsets() > 0) {
            sheet.layer(
                    Part.OFFSET,
                    pen -> {
                        for (int k = 0; k < Math.min(3, sheet.subject.offsets()); k++) {
                            double x = heart.x() + (k == 0 ? 62 : k == 1 ? -64 : 92);
                            double size = sheet.about(k == 2 ? 0.7 : 1, 0.08);
                            for (double[] leaf : new double[][] {
                                {-0.35, 56, 0.75},
                                {Math.PI + 0.4, 52, -0.75},
                                {-0.85, 62, 0.5},
                                {Math.PI + 0.95, 58, -0.5},
                                {UP, 60, 0.06}
                            }) {
                                Blade.strap("#92a86f")
                                        .draw(
                                                pen,
                                                new Spine(new Point(x, base + 4), leaf[0], leaf[1] * size, leaf[2]),
                                                14 * size);
                            }
                        }
                    },
                    new Point(heart.x() + 82, base - 30));
        }
    }

    /** The cup between the inner leaves: water in its depth, a rim of ink. */
    private static void cup(Sheet sheet, Point at) {
        sheet.layer(
                Part.CROWN,
                pen -> {
                    String water = Pen.format("M%.1f %.1fq10 -8 20 0q-10 7 -20 0z", at.x() - 10, at.y());
                    pen.fill(water, "#1b6177", 0.45).outline(water, 0.8, 0.9).dot(at, 22, "#000", 0);
                },
                at);
    }

    private static void bract(Sheet sheet, Point heart) {
        Spine stalk = new Spine(heart, UP + 0.06, 205, 0.1);
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    pen.limb(stalk.line(), 6, 3.6, "#9a5a62", 0.5);
                    for (int i = 0; i < 9; i++) {
                        double at = 0.62 + 0.042 * i;
                        boolean right = i % 2 == 0;
                        Blade.petal("#b4475f")
                                .draw(
                                        pen,
                                        new Spine(
                                                stalk.at(at),
                                                stalk.tipHeading() + (right ? 0.75 : -0.75),
                                                40 - 2 * i,
                                                right ? -0.7 : 0.7),
                                        15);
                    }
                },
                stalk.at(0.85));
    }

    private static void mount(Sheet sheet, double base) {
        sheet.layer(
                Part.MEDIUM,
                pen -> {
                    Spine cork = new Spine(new Point(Sheet.MIDDLE - 118, base + 26), -0.14, 240, 0.2);
                    pen.limb(cork.line(), 46, 36, "#8a6a4c", 0.6);
                    for (int i = 0; i < 16; i++) {
                        double at = 0.05 + 0.056 * i;
                        pen.outline(
                                "M" + Pen.xy(cork.beside(at, sheet.about(-8, 8))) + "L"
                                        + Pen.xy(cork.beside(at + 0.05, sheet.about(8, 8))),
                                0.7,
                                0.5);
                    }
                },
                new Point(Sheet.MIDDLE + 92, base + 24));
    }

    // ------------------------------------------------------------------ upright pitcher

    private static void pitchers(Sheet sheet) {
        double base = 312;
        int count = between(sheet.subject.growths(), 2, 11, 6);
        List<Spine> tubes = new ArrayList<>();
        List<Double> widths = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double share = count == 1 ? 0.5 : i / (count - 1.0);
            double lean = (share - 0.5) * 0.78 + sheet.about(0, 0.05);
            boolean outer = i % 2 == 0;
            double length = sheet.about((outer ? 178 : 226) - Math.abs(share - 0.5) * 44, 12);
            tubes.add(
                    new Spine(new Point(Sheet.MIDDLE + (share - 0.5) * 74, base + 2), UP + lean, length, -lean * 0.35));
            widths.add(sheet.about(29, 3));
        }
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
        Spine shoot = new Spine(new Point(Sheet.MIDDLE + 4, base + 2), UP + 0.06, 84, 0.1);
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

    // ------------------------------------------------------------------ leafy clump

    private static void clump(Sheet sheet) {
        double base = 306;
        int leaves = between(sheet.subject.leaves(), 3, 13, 8);
        sheet.pot(base, 114, 88);
        List<Spine> stalks = new ArrayList<>();
        List<Spine> blades = new ArrayList<>();
        for (int i = 0; i < leaves; i++) {
            double share = leaves == 1 ? 1 : i / (leaves - 1.0);
            boolean toRight = i % 2 == 0;
            double lean = (1 - share) * 1.12 + sheet.about(0.06, 0.05);
            double heading = UP + (toRight ? lean : -lean);
            double bend = (toRight ? 1 : -1) * (0.25 + 0.55 * (1 - share));
            Spine stalk = new Spine(
                    new Point(Sheet.MIDDLE + (toRight ? 5 : -5) * (1 - share), base - 1),
                    heading,
                    sheet.about(76 + 74 * share, 8),
                    bend * 0.5);
            stalks.add(stalk);
            blades.add(new Spine(
                    stalk.tip(), stalk.tipHeading() + bend * 0.7, sheet.about(96 - 8 * share, 6), bend * 1.0));
        }
        int young = Math.max(1, leaves / 4);
        clumpLayer(sheet, Part.LEAF, stalks, blades, 0, leaves - young);
        if (sheet.subject.flowers() + sheet.subject.buds() > 0) {
            Spine stalk = new Spine(new Point(Sheet.MIDDLE + 2, base - 2), UP + 0.12, 205, 0.12);
            sheet.layer(
                    Part.FLOWER,
                    pen -> {
                        pen.limb(stalk.line(), 3.2, 2, "#6d7d46", 0.6);
                        Blade.petal("#d9d2b4").draw(pen, new Spine(stalk.tip(), UP + 0.35, 56, 0.3), 30);
                        pen.limb(new Spine(stalk.tip(), UP + 0.2, 30, 0).line(), 6, 4, "#c9a23f", 0.6);
                    },
                    stalk.tip());
        }
        clumpLayer(sheet, Part.NEW_LEAF, stalks, blades, leaves - young, leaves);
        sheet.layer(
                Part.STEM,
                pen -> {
                    pen.dot(new Point(Sheet.MIDDLE, base - 8), 22, "#000", 0);
                    for (int i = -2; i <= 2; i++) {
                        pen.outline(
                                Pen.format("M%.1f %.1fq%d -9 %d -18", Sheet.MIDDLE + i * 3, base, i * 2, i * 5),
                                1.1,
                                0.8);
                    }
                },
                new Point(Sheet.MIDDLE, base - 10));
        sheet.medium(base, 114);
        rootsBelow(sheet, base + 88, 41);
    }

    private static void clumpLayer(Sheet sheet, Part part, List<Spine> stalks, List<Spine> blades, int from, int to) {
        sheet.layer(
                part,
                pen -> {
                    for (int i = from; i < to; i++) {
                        pen.limb(stalks.get(i).line(), 3.4, 2.2, "#567a4d", 0.7);
                        Blade.heart("#567a4d").draw(pen, blades.get(i), 60 - 12.0 * i / blades.size());
                    }
                },
                blades.subList(from, to).stream().map(blade -> blade.at(0.5)).toArray(Point[]::new));
    }

    /** A few roots that leave the pot along the ground: where the grower would look before unpotting. */
    private static void rootsBelow(Sheet sheet, double ground, double foot) {
        sheet.layer(
                Part.ROOT,
                pen -> {
                    for (double[] root : new double[][] {
                        {-1, Math.PI - 0.35, 44, -0.1}, {-1, Math.PI - 0.05, 30, 0.5}, {1, 0.3, 36, -0.3}
                    }) {
                        Spine spine = new Spine(
                                new Point(Sheet.MIDDLE + root[0] * foot, ground - 7), root[1], root[2], root[3]);
                        pen.limb(spine.line(), 3, 1.2, "#cbbf9c", 0.5);
                        pen.touchable(Pen.curve(spine.line(), false), 24);
                    }
                },
                new Point(Sheet.MIDDLE - foot - 24, ground + 1),
                new Point(Sheet.MIDDLE + foot + 20, ground));
    }

    // ------------------------------------------------------------------ small tree

    private static void tree(Sheet sheet) {
        boolean tray = sheet.subject.vessel() == PlateSubject.Vessel.TRAY;
        double base = tray ? 338 : 312;
        if (tray) {
            sheet.tray(base, 204, 36);
        } else {
            sheet.pot(base, 118, 84);
        }
        Spine lower = new Spine(new Point(Sheet.MIDDLE - 18, base + 3), UP + 0.34, 104, -0.5);
        Spine upper = new Spine(lower.tip(), lower.tipHeading(), 118, 0.6);
        List<Point> trunk = new ArrayList<>(lower.line());
        trunk.addAll(upper.line().subList(1, upper.line().size()));
        List<Spine> limbs = new ArrayList<>();
        double[][] branches = {
            {0.42, -1.28, 104, 0.42},
            {0.58, 1.22, 98, -0.4},
            {0.74, -1.12, 78, 0.36},
            {0.86, 1.02, 66, -0.3},
            {0.95, -0.7, 48, 0.2}
        };
        for (double[] branch : branches) {
            int at = (int) Math.round(branch[0] * (trunk.size() - 1));
            limbs.add(new Spine(
                    trunk.get(at), UP + branch[1] + sheet.about(0, 0.06), sheet.about(branch[2], 6), branch[3]));
        }
        Point top = trunk.get(trunk.size() - 1);
        sheet.layer(
                Part.STEM,
                pen -> {
                    limbs.forEach(limb -> pen.limb(limb.line(), 9, 2.4, "#6d5744", 0.75));
                    for (double[] foot :
                            new double[][] {{-1.5, 36, -0.5}, {1.42, 34, 0.5}, {-0.8, 22, -0.4}, {0.75, 22, 0.4}}) {
                        pen.limb(
                                new Spine(
                                                new Point(Sheet.MIDDLE - 16, base - 5),
                                                UP + foot[0] * 1.12,
                                                foot[1],
                                                foot[2] * 1.6)
                                        .line(),
                                11,
                                3,
                                "#6d5744",
                                0.75);
                    }
                    pen.limb(trunk, 27, 5, "#6d5744", 0.75);
                    for (int i = 0; i < 13; i++) {
                        int at = 2 + i * 3;
                        Point p = trunk.get(Math.min(at, trunk.size() - 2));
                        double reach = 8.5 * (1 - at / (double) trunk.size());
                        pen.outline(
                                "M" + Pen.xy(p.plus(sheet.about(0.3, 0.4), reach)) + "L"
                                        + Pen.xy(p.plus(sheet.about(UP + 0.6, 0.3), 7)),
                                0.6,
                                0.45);
                    }
                },
                trunk.get(8),
                trunk.get(14));
        List<Pad> pads = new ArrayList<>();
        for (Spine limb : limbs) {
            pads.add(new Pad(limb.tip(), limb.length() * 0.52, 20));
            pads.add(new Pad(limb.at(0.62), limb.length() * 0.36, 15));
        }
        pads.add(new Pad(new Point(top.x(), top.y() - 4), 50, 26));
        double density = sheet.subject.leaves() == 0 ? 1 : Math.max(0.12, Math.min(1, sheet.subject.leaves() / 160.0));
        sheet.layer(
                Part.TWIG,
                pen -> {
                    for (Pad pad : pads) {
                        for (int i = -2; i <= 2; i++) {
                            Spine twig = new Spine(
                                    new Point(pad.at.x() + i * pad.rx * 0.2, pad.at.y() + pad.ry * 0.3),
                                    UP + i * 0.42,
                                    pad.ry * 1.25,
                                    i * 0.2);
                            pen.stroke(twig.line(), 1.8, 0.6);
                        }
                        pen.touchable(
                                "M" + Pen.xy(new Point(pad.at.x() - pad.rx * 0.7, pad.at.y() + pad.ry * 0.5)) + "h"
                                        + Pen.format("%.1f", pad.rx * 1.4),
                                16);
                    }
                },
                limbs.get(0).at(0.7),
                limbs.get(1).at(0.7));
        foliage(sheet, Part.LEAF, pads.subList(0, pads.size() - 1), density);
        foliage(sheet, Part.NEW_LEAF, pads.subList(pads.size() - 1, pads.size()), density);
        sheet.medium(base + (tray ? 3 : 0), tray ? 190 : 118);
        rootsBelow(sheet, base + (tray ? 42 : 84), tray ? 84 : 43);
    }

    /** A cloud of leaves at the end of a branch. */
    private record Pad(Point at, double rx, double ry) {}

    private static void foliage(Sheet sheet, Part part, List<Pad> pads, double density) {
        sheet.layer(
                part,
                pen -> {
                    for (Pad pad : pads) {
                        int leaves = (int) Math.round(pad.rx * 0.95 * density);
                        for (int i = 0; i < leaves; i++) {
                            double round = sheet.random.nextDouble() * Math.PI * 2;
                            double out = Math.sqrt(sheet.random.nextDouble());
                            Point at = new Point(
                                    pad.at.x() + Math.cos(round) * out * pad.rx,
                                    pad.at.y() - 4 + Math.sin(round) * out * pad.ry * (Math.sin(round) > 0 ? 0.5 : 1));
                            double away = UP + (at.x() - pad.at.x()) / pad.rx * 1.25 + sheet.about(0, 0.5);
                            Blade.small(pen, at, away, sheet.about(16, 3), sheet.about(9, 1.4));
                        }
                    }
                },
                pads.stream()
                        .map(pad -> new Point(pad.at.x(), pad.at.y() - pad.ry * 0.4))
                        .toArray(Point[]::new));
    }
}
