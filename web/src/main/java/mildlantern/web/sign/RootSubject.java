package mildlantern.web.sign;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** Roots out of their pot. */
final class RootSubject implements Subject {
    private static final Set<Mark.Sort> ITS_OWN = Set.of(
            Mark.Sort.MUSHY,
            Mark.Sort.PAPERY,
            Mark.Sort.FEW,
            Mark.Sort.CIRCLING,
            Mark.Sort.SEEN_THROUGH,
            Mark.Sort.EATEN);

    private static final String SOUND = "#e6dcbc";
    private static final String POT = "M22 8h76l-9 78h-58z";

    @Override
    public boolean changed(Sign sign) {
        return sign.marks().stream().anyMatch(mark -> ITS_OWN.contains(mark.sort()));
    }

    private static List<Spine> roots(int many) {
        List<Spine> roots = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            double share = many == 1 ? 0.5 : i / (many - 1.0);
            roots.add(new Spine(
                    new Point(60 + (share - 0.5) * 14, 20),
                    Math.PI / 2 - (share - 0.5) * 1.5,
                    58 + 8 * Math.sin(i * 2.2),
                    (share - 0.5) * 1.3));
        }
        return roots;
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        Mark first = sign.marks().isEmpty() ? null : sign.marks().get(0);
        if (first != null && first.sort() == Mark.Sort.SEEN_THROUGH) {
            pen.fill(POT, "#dfe6e4", 0.9);
            if (first.many() < 2) {
                for (Spine root : roots(8)) {
                    pen.limb(
                            root.line(),
                            first.many() == 0 ? 7 : 3.4,
                            first.many() == 0 ? 5 : 2.2,
                            first.colour().orElse(SOUND),
                            0.9);
                }
            }
            for (int i = 0; i < 16; i++) {
                pen.oval(
                        new Point(34 + 52 * ((i * 0.7549) % 1), 20 + 60 * ((i * 0.5698) % 1)),
                        5,
                        3,
                        i * 40,
                        "#7a4f33",
                        0.45,
                        0.4);
            }
            pen.outline(POT, 1.5, 1).mark("M30 14l4 62", "#ffffff", 3, 0.8);
            return;
        }
        stub(pen);
        if (sign.shows(Mark.Sort.CIRCLING)) {
            for (int i = 0; i < 6; i++) {
                pen.limb(
                        List.of(
                                new Point(58, 20),
                                new Point(28, 30 + 8.0 * i),
                                new Point(60, 42 + 7.0 * i),
                                new Point(92, 32 + 8.0 * i),
                                new Point(64, 24 + 6.0 * i)),
                        4,
                        3,
                        SOUND,
                        0.9);
            }
            return;
        }
        boolean mushy = sign.shows(Mark.Sort.MUSHY);
        boolean papery = sign.shows(Mark.Sort.PAPERY);
        boolean eaten = sign.shows(Mark.Sort.EATEN);
        List<Spine> roots = roots(sign.shows(Mark.Sort.FEW) ? 2 : 7);
        String colour = sign.marks().stream()
                .flatMap(mark -> mark.colour().stream())
                .findFirst()
                .orElse(SOUND);
        for (Spine root : roots) {
            if (papery) {
                String line = Pen.curve(root.line(), false);
                pen.mark(line, Pen.INK, 4.6, 0.8)
                        .mark(line, Pen.over(colour, 0.6), 3.2, 1)
                        .outline(line, 0.7, 0.9);
            } else {
                pen.limb(root.line(), mushy ? 5.6 : 6, mushy ? 2.4 : 4, mushy ? colour : SOUND, 0.95);
                if (mushy) {
                    pen.mark("M" + Pen.xy(root.at(0.5)) + "L" + Pen.xy(root.at(0.72)), "#2c1f16", 2.4, 0.9);
                    pen.mark("M" + Pen.xy(root.at(0.86)) + "L" + Pen.xy(root.at(1.12)), "#cbbf9c", 0.8, 1);
                } else if (eaten) {
                    pen.dot(root.tip(), 3, Pen.SHEET, 1)
                            .outline(
                                    "M" + Pen.xy(root.beside(0.97, -2.6)) + "L" + Pen.xy(root.beside(0.93, 0)) + "L"
                                            + Pen.xy(root.beside(0.97, 2.6)),
                                    1.2,
                                    1);
                } else {
                    pen.dot(root.at(0.97), 2.3, "#7fae4a", 1);
                }
            }
        }
    }

    private static void stub(Pen pen) {
        pen.limb(List.of(new Point(60, 2), new Point(60, 12), new Point(60, 24)), 10, 14, "#6d7d46", 0.75);
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        String colour = mark.colour().orElse(Pen.INK);
        List<Spine> roots = roots(7);
        switch (mark.sort()) {
            case TUFTS -> {
                for (Spine root : roots) {
                    Point at = root.at(0.45);
                    pen.dots(List.of(at, at.plus(1, 3), at.plus(3, 3), at.plus(5, 3)), 3.4, Pen.INK, 0.6)
                            .dots(List.of(at, at.plus(1, 3), at.plus(3, 3), at.plus(5, 3)), 2.8, colour, 1);
                }
            }
            case LESIONS -> {
                for (int i = 0; i < roots.size(); i++) {
                    pen.oval(roots.get(i).at(0.3 + 0.07 * (i % 4)), 4.4, 2.2, 70, colour, 0.95, 0.3);
                    pen.oval(roots.get(i).at(0.66), 3.4, 2, 60, colour, 0.95, 0.3);
                }
            }
            case GRUBS -> {
                for (double[] at : new double[][] {{30, 56}, {62, 70}, {90, 48}}) {
                    String grub = Pen.format("M%.1f %.1fq9 -9 16 0q2 9 -7 10", at[0], at[1]);
                    pen.mark(grub, Pen.INK, 8.4, 0.9).mark(grub, colour, 6.8, 1);
                    pen.dot(new Point(at[0], at[1]), 3.6, "#8a4f24", 1);
                }
            }
            default -> {
                // It is in the roots themselves.
            }
        }
    }
}
