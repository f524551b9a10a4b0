package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.look.GrowthHabit;
import mildlantern.look.LeafShape;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** Stems that arch out of a pot and hang over its rim: leafy ones, flat jointed ones, or round threads. */
final class TrailingFigure {
    private TrailingFigure() {}

    static void draw(Sheet sheet) {
        double base = 214;
        GrowthHabit habit = sheet.subject.look().habit();
        int leaves = Sheet.between(sheet.subject.leaves(), 6, 40, 40);
        sheet.hungPot(base, 104, 74);
        List<Spine> stems = new ArrayList<>();
        int count = habit == GrowthHabit.STRANDS ? 15 : 8;
        for (int i = 0; i < count; i++) {
            double place = i / (count - 1.0) * 2 - 1;
            double side = place < 0 ? -1 : 1;
            stems.add(new Spine(
                    new Point(Sheet.MIDDLE + place * 38, base - 1),
                    Spine.UP + place * 0.62,
                    sheet.about(196 - 40 * Math.abs(place), 16),
                    side * (2.75 - 0.35 * Math.abs(place))));
        }
        if (habit == GrowthHabit.USUAL || habit == GrowthHabit.TRAILING) {
            leafy(sheet, stems, leaves);
        } else {
            leafless(sheet, stems, habit == GrowthHabit.JOINTED);
        }
        flowers(sheet, stems);
        sheet.medium(base, 104);
    }

    private static void leafy(Sheet sheet, List<Spine> stems, int leaves) {
        List<Spine> old = new ArrayList<>();
        List<Spine> young = new ArrayList<>();
        int each = Math.max(1, leaves / stems.size());
        for (Spine stem : stems) {
            for (int i = 0; i < each; i++) {
                double share = 0.08 + 0.92 * (i + 1) / each;
                int side = i % 2 == 0 ? 1 : -1;
                Spine leaf = new Spine(
                        stem.at(share),
                        stem.heading(share) + side * 0.85,
                        sheet.about(46 - 12 * share, 4),
                        side * -0.4);
                (i == each - 1 ? young : old).add(leaf);
            }
        }
        sheet.layer(
                Part.STEM,
                pen -> stems.forEach(stem -> {
                    pen.limb(stem.line(), 3.6, 2, "#6d7d46", 0.6);
                    pen.touchable(Pen.curve(stem.line(), false), 16);
                }),
                stems.get(1).at(0.4),
                stems.get(stems.size() - 2).at(0.4));
        double broad = switch (sheet.subject.look().leaf()) {
            case LANCE -> 17;
            case OBLONG -> 21;
            case OVATE -> 26;
            default -> 34;
        };
        sheet.leaves(Part.LEAF, old, broad);
        sheet.leaves(Part.NEW_LEAF, young, broad * 0.75);
    }

    private static void leafless(Sheet sheet, List<Spine> stems, boolean jointed) {
        String green = sheet.subject.look().green();
        sheet.layer(
                Part.STEM,
                pen -> stems.forEach(stem -> {
                    if (jointed) {
                        joints(pen, stem, green, 0, 5);
                    } else {
                        pen.limb(stem.line(), 5, 3.4, green, 0.6);
                        Spine fork = new Spine(stem.at(0.55), stem.heading(0.55) + 0.5, stem.length() * 0.4, 0.5);
                        pen.limb(fork.line(), 3.8, 2.6, green, 0.6);
                    }
                    pen.touchable(Pen.curve(stem.line(), false), 18);
                }),
                stems.get(1).at(0.5),
                stems.get(stems.size() - 2).at(0.5));
        sheet.layer(
                Part.NEW_LEAF,
                pen -> stems.forEach(stem -> {
                    if (jointed) {
                        joints(pen, stem, Leaf.paler(green), 5, 6);
                    } else {
                        pen.limb(List.of(stem.at(0.88), stem.at(0.94), stem.tip()), 3.4, 2.6, Leaf.paler(green), 0.7);
                    }
                }),
                stems.stream().map(Spine::tip).toArray(Point[]::new));
    }

    /** Flat segments one after another, each with two teeth at its end. */
    private static void joints(Pen pen, Spine stem, String green, int from, int to) {
        for (int i = from; i < to; i++) {
            double share = i / 6.0;
            Spine joint = new Spine(stem.at(share), stem.heading(share), stem.length() / 6.2, 0.12);
            Blade.of(LeafShape.PAD, green).draw(pen, joint, 21);
            for (int side : new int[] {-1, 1}) {
                pen.stroke(
                        List.of(
                                joint.beside(0.86, side * 7),
                                joint.beside(0.95, side * 9),
                                joint.beside(1.08, side * 10)),
                        2.4,
                        0.6);
            }
        }
    }

    private static void flowers(Sheet sheet, List<Spine> stems) {
        int open = Math.min(8, sheet.subject.flowers());
        int all = open + Math.min(6, sheet.subject.buds());
        if (all == 0) {
            return;
        }
        boolean ends = sheet.subject.look().habit() == GrowthHabit.JOINTED;
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < all; i++) {
            Spine stem = stems.get((i * 3 + 1) % stems.size());
            places.add(ends ? stem.tip() : stem.at(0.6 + 0.1 * (i % 3)));
        }
        sheet.layer(
                Part.FLOWER,
                pen -> {
                    for (int i = 0; i < all; i++) {
                        if (i < open) {
                            Bloom.draw(pen, sheet.subject.look(), places.get(i), ends ? 15 : 13);
                        } else {
                            Bloom.bud(pen, sheet.subject.look(), places.get(i), 6);
                        }
                    }
                },
                places.toArray(Point[]::new));
    }
}
