package mildlantern.web.sign;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.look.Look;
import mildlantern.plant.GrowthForm;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Blade;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** The plant as a sketch, its leaves by age: the oldest lowest. */
final class PlantSubject implements Subject {
    private static final Set<GrowthForm> STEMMED = Set.of(
            GrowthForm.BONSAI,
            GrowthForm.LEAFY_STEM,
            GrowthForm.SMALL_TREE,
            GrowthForm.CLIMBER,
            GrowthForm.CANED_ORCHID);

    private static final Set<Mark.Sort> ITS_OWN =
            Set.of(Mark.Sort.LEGGY, Mark.Sort.BARE, Mark.Sort.SEED_LEAVES, Mark.Sort.ONE_BRANCH);

    private static final int LEAVES = 8;
    private static final double GROUND = 84;

    private final Look look;
    private final boolean stemmed;

    PlantSubject(Kind kind) {
        look = kind.look();
        stemmed = STEMMED.contains(kind.form());
    }

    /** A leaf, counted from the oldest; whether it is on the right. */
    private record Placed(int age, boolean right, Point foot, double heading, double length) {}

    @Override
    public boolean changed(Sign sign) {
        return sign.marks().stream().anyMatch(mark -> ITS_OWN.contains(mark.sort()));
    }

    private List<Placed> leaves(boolean leggy, boolean wilts) {
        List<Placed> leaves = new ArrayList<>();
        int many = leggy ? 6 : LEAVES;
        for (int i = 0; i < many; i++) {
            boolean right = i % 2 == 0;
            int side = right ? 1 : -1;
            boolean hangs = wilts && right && i < many - 2;
            leaves.add(
                    stemmed
                            ? new Placed(
                                    i,
                                    right,
                                    new Point(60, leggy ? 74 - 13.0 * i : 74 - 8.0 * i),
                                    Spine.UP + side * (hangs ? 2.3 : 1.2 - 0.1 * i),
                                    leggy ? 22 : 38 - 1.8 * i)
                            : new Placed(
                                    i,
                                    right,
                                    new Point(60 + side * 2, 80 - (leggy ? 5.0 * i : 0)),
                                    Spine.UP + side * (hangs ? 1.62 : (leggy ? 0.7 : 1.45) * (1 - 0.135 * i)),
                                    leggy ? 48 : 48 + 2.6 * i));
        }
        return leaves;
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        boolean leggy = sign.shows(Mark.Sort.LEGGY);
        boolean bare = sign.shows(Mark.Sort.BARE);
        pen.outline("M12 " + GROUND + "h96", 0.8, 0.5);
        if (sign.shows(Mark.Sort.SEED_LEAVES)) {
            seedling(pen, sign);
            return;
        }
        if (stemmed) {
            pen.limb(
                    List.of(new Point(60, GROUND), new Point(60.5, 50), new Point(60, leggy ? 4 : 16)),
                    3.4,
                    1.6,
                    "#7a6a4a",
                    0.7);
        }
        leaves(leggy, sign.shows(Mark.Sort.ONE_BRANCH)).stream()
                .filter(leaf -> !bare || leaf.age() == LEAVES - 1)
                .forEach(leaf -> draw(pen, leaf, look.green()));
    }

    private void draw(Pen pen, Placed leaf, String green) {
        Blade.small(
                pen,
                leaf.foot(),
                leaf.heading(),
                leaf.length(),
                stemmed ? leaf.length() * 0.3 : leaf.length() * 0.2,
                Pen.over(green, 0.62));
    }

    private static boolean falls(Mark mark, Placed leaf) {
        return switch (mark.sort()) {
            case OLDEST -> leaf.age() < mark.many();
            case NEWEST -> leaf.age() >= LEAVES - mark.many();
            case ALL_AGES -> leaf.age() % 3 != 1;
            case SUN_SIDE, GLASS_SIDE, HEAT_SIDE -> leaf.right();
            case LOWEST -> leaf.age() < 2;
            default -> false;
        };
    }

    private void seedling(Pen pen, Sign sign) {
        String yellow = Pen.over(sign.marks().get(0).colour().orElse(look.green()), 0.8);
        pen.limb(List.of(new Point(60, GROUND), new Point(60.5, 54), new Point(60, 30)), 2.6, 1.6, look.green(), 0.7);
        for (int side : new int[] {-1, 1}) {
            Blade.small(pen, new Point(60, 66), Spine.UP + side * 1.3, 26, 8, yellow);
            Blade.small(pen, new Point(60, 34), Spine.UP + side * 0.8, 32, 9, Pen.over(look.green(), 0.62));
        }
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        leaves(false, false).stream()
                .filter(leaf -> falls(mark, leaf))
                .forEach(leaf -> draw(pen, leaf, mark.colour().orElse(look.green())));
        switch (mark.sort()) {
            case SUN_SIDE -> {
                Point sun = new Point(106, 16);
                List<double[]> rays = new ArrayList<>();
                for (int i = 0; i < 8; i++) {
                    Point from = sun.plus(i * Math.PI / 4, 10);
                    Point to = sun.plus(i * Math.PI / 4, 14);
                    rays.add(new double[] {from.x(), from.y(), to.x(), to.y()});
                }
                pen.dot(sun, 7.5, "#f3b63f", 1).outline(LeafMarks.circle(sun, 7.5), 1, 1);
                Small.lines(pen, rays, 1.4, 0.9);
            }
            case GLASS_SIDE -> {
                pen.fill("M106 4h9v80h-9z", "#a9c6cc", 0.6).outline("M106 4v80M115 4v80M106 44h9", 1.2, 0.9);
            }
            case HEAT_SIDE -> {
                String ribs = "M100 50h5v32h-5zM107 50h5v32h-5zM114 50h4v32h-4z";
                pen.fill(ribs, "#d6cdbb", 1).outline(ribs, 1.1, 1);
                pen.mark("M102 44q-4 -5 0 -10t0 -10M110 44q-4 -5 0 -10t0 -10", "#b5533a", 1.6, 0.9);
            }
            case FALLEN -> {
                String dry = Pen.over(mark.colour().orElse(look.green()), 0.85);
                for (int i = 0; i < mark.many(); i++) {
                    double x = i % 2 == 0 ? 14 + 6.0 * i : 106 - 6.0 * i;
                    Blade.small(pen, new Point(x, GROUND - 1 - i % 3), i % 2 == 0 ? 0.1 : Math.PI - 0.1, 20, 5, dry);
                }
            }
            case NEIGHBOUR -> {
                String bump = mark.colour().orElse(Pen.INK);
                pen.outline("M102 84v-44", 2, 0.9);
                for (int i = 0; i < 6; i++) {
                    int side = i % 2 == 0 ? 1 : -1;
                    Point foot = new Point(102, 74 - 6.0 * i);
                    Blade.small(pen, foot, Spine.UP + side * 0.9, 17, 5, Pen.over(look.green(), 0.62));
                    Point on = foot.plus(Spine.UP + side * 0.9, 10);
                    if (mark.many() > 0) {
                        pen.dot(on, 3.4, "#d9bf4a", 1).dot(on, 2, bump, 1);
                    } else {
                        pen.oval(on, 3, 2.3, 0, bump, 1, 0.8);
                    }
                }
            }
            default -> {
                // It is in the leaves.
            }
        }
    }

    /** The colour of a mark of a sort, if the sign has one. */
    static Optional<String> colour(Sign sign, Mark.Sort sort) {
        return sign.marks().stream()
                .filter(mark -> mark.sort() == sort)
                .flatMap(mark -> mark.colour().stream())
                .findFirst();
    }
}
