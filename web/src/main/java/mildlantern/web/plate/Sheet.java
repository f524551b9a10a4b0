package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.function.Consumer;
import mildlantern.diagnosis.Part;
import mildlantern.plant.PotKind;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** A sheet in the making: what all figures share, the pot, the medium, the ground, and the list of layers. */
final class Sheet {
    static final double MIDDLE = Plate.WIDTH / 2.0;

    final PlateSubject subject;
    final Random random;
    private final List<Plate.Layer> layers = new ArrayList<>();
    private String ground = "";

    Sheet(PlateSubject subject) {
        this.subject = subject;
        this.random = new Random(subject.id().value().getMostSignificantBits()
                ^ subject.id().value().getLeastSignificantBits());
    }

    Plate plate() {
        return new Plate(ground, List.copyOf(layers));
    }

    /** Adds a part; the anchors are where pins may point. */
    void layer(Part part, Consumer<Pen> drawing, Point... anchors) {
        Pen pen = new Pen();
        drawing.accept(pen);
        layers.add(new Plate.Layer(
                part,
                "<g stroke-linecap=\"round\" stroke-linejoin=\"round\">" + pen.drawn() + "</g>",
                Arrays.stream(anchors)
                        .map(point -> new Plate.Anchor(point.x(), point.y()))
                        .toList()));
    }

    /** Adds something that stands behind all parts and cannot be touched. */
    void behind(Pen pen) {
        ground += pen.drawn();
    }

    void ground(double y, double width) {
        Pen pen = new Pen();
        pen.outline(
                Pen.format(
                        "M%.1f %.1fq%.1f -3 %.1f 0t%.1f -1",
                        MIDDLE - width / 2, y, width * 0.2, width * 0.45, width * 0.55),
                0.9,
                0.6);
        ground += pen.drawn();
    }

    /** A value some way either side of another. */
    double about(double value, double spread) {
        return value + (random.nextDouble() * 2 - 1) * spread;
    }

    /** A pot standing on the ground line. */
    void pot(double top, double width, double height) {
        ground(top + height + 1, width * 2.1);
        vessel(top, width, height);
    }

    /** A pot hung by three cords from above. */
    void hungPot(double top, double width, double height) {
        Pen pen = new Pen();
        Point hook = new Point(MIDDLE, 16);
        for (double side : new double[] {-0.96, 0.1, 0.96}) {
            pen.outline(
                    "M" + Pen.xy(hook) + "L" + Pen.xy(new Point(MIDDLE + side * width / 2, top + 4)),
                    side == 0.1 ? 0.7 : 1,
                    0.6);
        }
        pen.outline(Pen.format("M%.1f 6q7 0 6 6q-1 5 -6 4", hook.x()), 1.4, 0.9);
        ground += pen.drawn();
        vessel(top, width, height);
    }

    private void vessel(double top, double width, double height) {
        boolean clay = subject.vessel() == PotKind.CLAY;
        layer(
                Part.POT,
                pen -> {
                    String colour = clay ? "#b98462" : "#7c8288";
                    double half = width / 2;
                    double foot = width * 0.37;
                    double lip = clay ? 13 : 7;
                    String body = Pen.format(
                            "M%.1f %.1fL%.1f %.1fQ%.1f %.1f %.1f %.1fL%.1f %.1fZ",
                            MIDDLE - half + 4,
                            top + lip - 2,
                            MIDDLE - foot,
                            top + height,
                            MIDDLE,
                            top + height + 5,
                            MIDDLE + foot,
                            top + height,
                            MIDDLE + half - 4,
                            top + lip - 2);
                    String rim = Pen.format(
                            "M%.1f %.1fQ%.1f %.1f %.1f %.1fL%.1f %.1fQ%.1f %.1f %.1f %.1fZ",
                            MIDDLE - half,
                            top,
                            MIDDLE,
                            top + 7,
                            MIDDLE + half,
                            top,
                            MIDDLE + half - 1,
                            top + lip,
                            MIDDLE,
                            top + lip + 7,
                            MIDDLE - half + 1,
                            top + lip);
                    pen.fill(body, Pen.SHEET, 1).fill(body, colour, 0.4).outline(body, 1.2, 1);
                    for (int i = 0; i < 7; i++) {
                        pen.outline(
                                Pen.format(
                                        "M%.1f %.1fL%.1f %.1f",
                                        MIDDLE + half * 0.52 + i * 4.4,
                                        top + lip + 8,
                                        MIDDLE + half * 0.4 + i * 3.7,
                                        top + height - 3),
                                0.6,
                                0.28);
                    }
                    pen.fill(rim, Pen.SHEET, 1).fill(rim, colour, 0.56).outline(rim, 1.2, 1);
                },
                new Point(MIDDLE + width * 0.3, top + height * 0.72),
                new Point(MIDDLE - width * 0.3, top + height * 0.8));
    }

    /** A low bonsai tray with feet. */
    void tray(double top, double width, double height) {
        ground(top + height + 6, width * 1.5);
        layer(
                Part.POT,
                pen -> {
                    double half = width / 2;
                    String body = Pen.format(
                            "M%.1f %.1fL%.1f %.1fQ%.1f %.1f %.1f %.1fL%.1f %.1fQ%.1f %.1f %.1f %.1fZ",
                            MIDDLE - half,
                            top,
                            MIDDLE - half + 12,
                            top + height,
                            MIDDLE,
                            top + height + 6,
                            MIDDLE + half - 12,
                            top + height,
                            MIDDLE + half,
                            top,
                            MIDDLE,
                            top + 9,
                            MIDDLE - half,
                            top);
                    for (int side : new int[] {-1, 1}) {
                        String foot = Pen.format(
                                "M%.1f %.1fh22l-3 7h-16z", MIDDLE + side * half * 0.62 - 11, top + height + 1);
                        pen.fill(foot, "#4f6470", 0.6).outline(foot, 1, 1);
                    }
                    pen.fill(body, Pen.SHEET, 1).fill(body, "#4f6470", 0.48).outline(body, 1.3, 1);
                    pen.outline(
                            Pen.format(
                                    "M%.1f %.1fQ%.1f %.1f %.1f %.1f",
                                    MIDDLE - half + 4, top + 7, MIDDLE, top + 16, MIDDLE + half - 4, top + 7),
                            0.6,
                            0.5);
                },
                new Point(MIDDLE + width * 0.36, top + height * 0.6),
                new Point(MIDDLE - width * 0.36, top + height * 0.6));
    }

    boolean mounted() {
        return subject.vessel() == PotKind.MOUNT;
    }

    /** The medium as it shows at the top of the pot: chips of bark, moss, grit or soil. */
    void medium(double top, double width) {
        layer(
                Part.MEDIUM,
                pen -> {
                    String colour = colourOfMedium();
                    String bed = Pen.format(
                            "M%.1f %.1fq%.1f -9 %.1f 0q%.1f 9 %.1f 0z",
                            MIDDLE - width * 0.46, top + 2, width * 0.46, width * 0.92, -width * 0.46, -width * 0.92);
                    pen.fill(bed, Pen.SHEET, 1).fill(bed, colour, 0.62);
                    boolean coarse = "bark".equals(subject.medium()) || "leca".equals(subject.medium());
                    List<Point> grains = new ArrayList<>();
                    for (int i = 0; i < (coarse ? 26 : 52); i++) {
                        grains.add(new Point(MIDDLE + about(0, width * 0.42), top + 2 + about(0, 3)));
                    }
                    if (coarse) {
                        for (Point grain : grains) {
                            Blade.small(pen, grain, about(0, 0.8), 8.5, 4, Pen.over(colour, 0.8));
                        }
                    } else {
                        pen.dots(grains, 1.1, Pen.INK, 0.5);
                    }
                    // The upper third of the pot belongs to the medium, so that a thumb finds it.
                    pen.fill(
                            Pen.format("M%.1f %.1fh%.1fv36h%.1fz", MIDDLE - width / 2, top - 8, width, -width),
                            "#000",
                            0);
                },
                new Point(MIDDLE + width * 0.34, top + 2),
                new Point(MIDDLE - width * 0.34, top + 2));
    }

    /** A count kept within what can be drawn; 0 means not counted. */
    static int between(int value, int least, int most, int unknown) {
        return value == 0 ? unknown : Math.max(least, Math.min(most, value));
    }

    /** A part made of leaves as its kind has them. */
    void leaves(Part part, List<Spine> leaves, double width) {
        if (leaves.isEmpty()) {
            return;
        }
        layer(
                part,
                pen -> leaves.forEach(leaf -> {
                    if (part == Part.NEW_LEAF) {
                        Leaf.young(pen, subject.look(), leaf, about(width, 2));
                    } else {
                        Leaf.draw(pen, subject.look(), leaf, about(width, 2));
                    }
                }),
                leaves.stream().map(leaf -> leaf.at(0.66)).toArray(Point[]::new));
    }

    /** A crown that can be seen and touched. */
    void crown(Point at, double rx, double ry) {
        layer(
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

    /** A few roots that leave the pot along the ground: where the grower would look before unpotting. */
    void rootsBelow(double ground, double foot) {
        layer(
                Part.ROOT,
                pen -> {
                    for (double[] root : new double[][] {
                        {-1, Math.PI - 0.35, 44, -0.1}, {-1, Math.PI - 0.05, 30, 0.5}, {1, 0.3, 36, -0.3}
                    }) {
                        Spine spine =
                                new Spine(new Point(MIDDLE + root[0] * foot, ground - 7), root[1], root[2], root[3]);
                        pen.limb(spine.line(), 3, 1.2, "#cbbf9c", 0.5);
                        pen.touchable(Pen.curve(spine.line(), false), 24);
                    }
                },
                new Point(MIDDLE - foot - 24, ground + 1),
                new Point(MIDDLE + foot + 20, ground));
    }

    private String colourOfMedium() {
        return switch (Objects.requireNonNullElse(subject.medium(), "")) {
            case "bark" -> "#7a4f33";
            case "sphagnum" -> "#8d9a5b";
            case "mineral", "leca" -> "#a08a72";
            default -> "#54412f";
        };
    }
}
