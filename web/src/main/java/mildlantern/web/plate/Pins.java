package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import mildlantern.diagnosis.Part;
import mildlantern.web.plate.Plate.Anchor;
import mildlantern.web.plate.Plate.Found;
import mildlantern.web.plate.Plate.Pin;

/** Finds room for numbered pins at the edges of a sheet. */
final class Pins {
    private static final double MARGIN = 22;
    private static final double APART = 30;

    /** A part this near the middle takes its pins on the emptier side. */
    private static final double NEAR_MIDDLE = 40;

    private Pins() {}

    static List<Pin> set(Plate plate, List<Found> found) {
        Map<Part, Integer> used = new EnumMap<>(Part.class);
        List<Pin> left = new ArrayList<>();
        List<Pin> right = new ArrayList<>();
        for (Found one : found) {
            Anchor anchor = anchor(plate, one.part(), used.merge(one.part(), 1, Integer::sum) - 1);
            double fromMiddle = anchor.x() - Plate.WIDTH / 2.0;
            boolean toLeft = Math.abs(fromMiddle) < NEAR_MIDDLE ? left.size() < right.size() : fromMiddle < 0;
            double x = toLeft ? MARGIN : Plate.WIDTH - MARGIN;
            (toLeft ? left : right).add(new Pin(one.number(), x, anchor.y() - 12, anchor.x(), anchor.y()));
        }
        List<Pin> pins = new ArrayList<>(spread(left));
        pins.addAll(spread(right));
        pins.sort(Comparator.comparingInt(Pin::number));
        return pins;
    }

    private static Anchor anchor(Plate plate, Part part, int turn) {
        return plate.layers().stream()
                .filter(layer -> layer.part() == part)
                .findFirst()
                .map(layer -> layer.anchors().get(turn % layer.anchors().size()))
                .orElse(new Anchor(Plate.WIDTH / 2.0, 96 + 26 * turn));
    }

    /** Moves pins of one edge apart, keeping their order from top to bottom. */
    private static List<Pin> spread(List<Pin> edge) {
        List<Pin> ordered = new ArrayList<>(edge);
        ordered.sort(Comparator.comparingDouble(Pin::y));
        List<Pin> set = new ArrayList<>();
        double lowest = MARGIN;
        for (Pin pin : ordered) {
            double y = Math.max(lowest, pin.y());
            set.add(new Pin(pin.number(), pin.x(), y, pin.toX(), pin.toY()));
            lowest = y + APART;
        }
        double over = lowest - APART - (Plate.HEIGHT - MARGIN);
        for (int i = set.size() - 1; i >= 0 && over > 0; i--) {
            Pin pin = set.get(i);
            double highest =
                    i == set.size() - 1 ? Plate.HEIGHT - MARGIN : set.get(i + 1).y() - APART;
            set.set(i, new Pin(pin.number(), pin.x(), Math.min(pin.y(), highest), pin.toX(), pin.toY()));
        }
        return set;
    }
}
