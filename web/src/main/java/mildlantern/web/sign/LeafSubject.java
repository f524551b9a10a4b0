package mildlantern.web.sign;

import java.util.Map;
import java.util.Set;
import mildlantern.look.LeafShape;
import mildlantern.look.Look;
import mildlantern.plant.GrowthForm;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Bloom;
import mildlantern.web.drawing.Leaf;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** One leaf of the kind, or one leaflet of it where its leaves are made of many. */
final class LeafSubject implements Subject {
    private static final Set<Mark.Sort> ITS_OWN =
            Set.of(Mark.Sort.WASH, Mark.Sort.DROOP, Mark.Sort.CURL, Mark.Sort.NO_DEW);

    private static final Map<LeafShape, LeafShape> ONE_OF_MANY = Map.of(
            LeafShape.PALMATE, LeafShape.LOBED,
            LeafShape.FINGERS, LeafShape.OVATE,
            LeafShape.LEAFLETS, LeafShape.LANCE,
            LeafShape.PLUMES, LeafShape.LANCE,
            LeafShape.WEDGES, LeafShape.ROUND,
            LeafShape.ANTLERS, LeafShape.STRAP,
            LeafShape.NEEDLES, LeafShape.SWORD,
            LeafShape.SCALES, LeafShape.SWORD,
            LeafShape.TINY, LeafShape.OVATE);

    private static final Set<LeafShape> BASED = Set.of(LeafShape.HEART, LeafShape.HOLED, LeafShape.LOBED);

    private static final double DROPS_APART = 0.09;

    private static final double CACTUS = 44;

    private final Look look;
    private final double width;

    LeafSubject(Kind kind) {
        look = oneLeaf(kind);
        width = kind.form() == GrowthForm.COLUMNAR_CACTUS
                ? CACTUS
                : breadth(kind.look().leaf());
    }

    /** What a single leaf looks like: a leaflet of a leaf that is made of many, the body of a cactus. */
    static Look oneLeaf(Kind kind) {
        Look its = kind.look();
        return kind.form() == GrowthForm.COLUMNAR_CACTUS
                ? its.withLeaf(LeafShape.PAD)
                : its.withLeaf(ONE_OF_MANY.getOrDefault(its.leaf(), its.leaf()));
    }

    /** The look of a kind, with leaves that are drawn in few strokes where there are several. */
    static Look ofMany(Kind kind) {
        return kind.look().leaf() == LeafShape.ANTLERS ? oneLeaf(kind) : kind.look();
    }

    /** How broad a leaf of a shape is drawn, a hundred long. */
    private static double breadth(LeafShape shape) {
        return switch (shape) {
            case GRASS -> 20;
            case NEEDLES, SCALES -> 12;
            case SWORD -> 26;
            case STRAP, ANTLERS -> 28;
            case AWL -> 36;
            case HEART, HOLED, LOBED, PALMATE, ARROW -> 62;
            case ROUND, PAD, WEDGES -> 60;
            case LANCE, PLUMES, LEAFLETS -> 36;
            case OBLONG, PADDLE, PLUMP, FIDDLE -> 44;
            default -> 52;
        };
    }

    @Override
    public boolean changed(Sign sign) {
        return sign.marks().stream().anyMatch(mark -> ITS_OWN.contains(mark.sort()));
    }

    /** Along the middle of the leaf, as it hangs under the marks of a sign. */
    private Spine spine(Sign sign) {
        double droop = sign.marks().stream()
                .filter(mark -> mark.sort() == Mark.Sort.DROOP)
                .mapToDouble(Mark::size)
                .findFirst()
                .orElse(0);
        // Some leaves reach back beyond their stalk.
        double back = look.leaf() == LeafShape.ARROW ? 26 : BASED.contains(look.leaf()) ? 12 : 0;
        return new Spine(
                new Point(8 + back, 50 - 16 * droop), -0.06 - 0.24 * droop, 100 - back - 6 * droop, 0.12 + 1.9 * droop);
    }

    @Override
    public void carry(Pen pen, Sign sign) {
        Spine spine = spine(sign);
        Look so = sign.marks().stream()
                .filter(mark -> mark.sort() == Mark.Sort.WASH)
                .flatMap(mark -> mark.colour().stream())
                .findFirst()
                .map(look::withGreen)
                .orElse(look);
        boolean curled = sign.shows(Mark.Sort.CURL);
        double across = width * (curled ? 0.66 : 1 - 0.14 * (sign.shows(Mark.Sort.DROOP) ? 1 : 0));
        Leaf.draw(pen, so, spine, across);
        LeafPlaces places = new LeafPlaces(so, spine, across);
        if (curled) {
            for (int side : new int[] {-1, 1}) {
                String roll = places.along(0.06, 0.95, side * 0.84);
                pen.mark(roll, Bloom.darker(so.green()), 5.5, 0.8);
                pen.outline(places.along(0.06, 0.95, side * 0.62), 0.9, 0.9);
            }
        }
        if (look.sticky() || sign.shows(Mark.Sort.NO_DEW)) {
            tentacles(pen, places, !sign.shows(Mark.Sort.NO_DEW));
        }
    }

    private static void tentacles(Pen pen, LeafPlaces places, boolean dew) {
        for (double share = 0.34; share < 0.97; share += DROPS_APART) {
            for (int side : new int[] {-1, 1}) {
                Point foot = places.at(share, side * 0.85);
                Point head = places.at(share + 0.02, side * (dew ? 1.45 : 1.25));
                pen.mark("M" + Pen.xy(foot) + "L" + Pen.xy(head), "#a83a3a", 0.9, 0.9);
                if (dew) {
                    pen.dot(head, 2, "#c9dfe4", 0.95).outline(LeafMarks.circle(head, 2), 0.5, 0.8);
                }
            }
        }
    }

    @Override
    public void mark(Pen pen, Sign sign, Mark mark) {
        double across = width * (1 - 0.14 * (sign.shows(Mark.Sort.DROOP) ? 1 : 0));
        new LeafMarks(pen, new LeafPlaces(look, spine(sign), across), look).draw(mark);
    }
}
