package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.GrowthHabit;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** Sticky leaves that stand: long ones out of one crown, or small shields along a thin stem. */
final class StickyStemFigure {
    private StickyStemFigure() {}

    static void draw(Sheet sheet) {
        double base = 308;
        sheet.pot(base, 132, 80);
        sheet.medium(base, 132);
        Point heart = new Point(Sheet.MIDDLE, base - 4);
        boolean shields = sheet.subject.look().habit() == GrowthHabit.STALKS;
        List<Spine> leaves = shields ? List.of() : leaves(sheet, heart);
        Spine stem = new Spine(heart, Spine.UP + 0.05, 198, 0.25);
        if (shields) {
            shields(sheet, stem);
        } else {
            int young = Math.max(1, leaves.size() / 5);
            part(sheet, Part.LEAF, leaves.subList(0, leaves.size() - young));
            part(sheet, Part.NEW_LEAF, leaves.subList(leaves.size() - young, leaves.size()));
        }
        int flowers = Math.min(5, sheet.subject.flowers());
        int buds = Math.min(4, sheet.subject.buds());
        if (flowers + buds > 0) {
            Spine stalk = shields
                    ? new Spine(stem.tip(), Spine.UP + 0.2, 56, 0.5)
                    : new Spine(heart, Spine.UP - 0.08, 240, 0.6);
            sheet.layer(Part.FLOWER, pen -> FlowerStalk.along(sheet, pen, stalk, flowers, buds, 13), stalk.at(0.9));
        }
        sheet.crown(heart, 12, 8);
        sheet.rootsBelow(base + 80, 48);
    }

    private static List<Spine> leaves(Sheet sheet, Point heart) {
        int count = Sheet.between(sheet.subject.leaves(), 5, 18, 12);
        List<Spine> leaves = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double share = i / (count - 1.0);
            int side = i % 2 == 0 ? 1 : -1;
            leaves.add(new Spine(
                    heart,
                    Spine.UP + side * ((1 - share) * 1.15 + 0.06),
                    sheet.about(150 + 20 * share, 8),
                    side * (0.75 * (1 - share) + 0.1)));
        }
        return leaves;
    }

    private static void part(Sheet sheet, Part part, List<Spine> leaves) {
        boolean threads = sheet.subject.look().leaf() == LeafShape.GRASS;
        sheet.layer(
                part,
                pen -> leaves.forEach(leaf -> {
                    Leaf.draw(pen, sheet.subject.look(), leaf, threads ? 6 : 11);
                    FlatRosetteFigure.glands(pen, leaf, threads ? 13 : 19);
                }),
                leaves.stream().map(leaf -> leaf.at(0.7)).toArray(Point[]::new));
    }

    /** A thin stem with half-moon leaves on threads. */
    private static void shields(Sheet sheet, Spine stem) {
        int count = Sheet.between(sheet.subject.leaves(), 5, 18, 12);
        List<Spine> threads = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double share = 0.18 + 0.8 * i / (count - 1.0);
            int side = i % 2 == 0 ? 1 : -1;
            threads.add(new Spine(stem.at(share), Spine.UP + side * 1.15, sheet.about(34, 4), side * -0.5));
        }
        sheet.layer(
                Part.STEM,
                pen -> {
                    pen.limb(stem.line(), 4, 2, "#8a9a52", 0.6);
                    pen.touchable(Pen.curve(stem.line(), false), 24);
                },
                stem.at(0.5));
        int young = Math.max(1, count / 5);
        shieldLayer(sheet, Part.LEAF, threads.subList(0, count - young));
        shieldLayer(sheet, Part.NEW_LEAF, threads.subList(count - young, count));
    }

    private static void shieldLayer(Sheet sheet, Part part, List<Spine> threads) {
        sheet.layer(
                part,
                pen -> threads.forEach(thread -> {
                    pen.stroke(thread.line(), 1.2, 0.8);
                    pen.oval(thread.tip(), 9, 6, 0, sheet.subject.look().green(), 0.7, 0.9);
                    for (int i = -3; i <= 3; i++) {
                        Point drop = thread.tip().plus(Spine.UP + i * 0.55, 12);
                        pen.outline("M" + Pen.xy(thread.tip()) + "L" + Pen.xy(drop), 0.7, 0.7)
                                .dot(drop, 1.6, sheet.subject.look().mark(), 0.9);
                    }
                }),
                threads.stream().map(Spine::tip).toArray(Point[]::new));
    }
}
