package mildlantern.web.plate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.Words;
import mildlantern.web.drawing.Pen;

/**
 * The drawn figure of a plant, in layers from back to front.
 *
 * @param ground what lies behind and cannot be touched, as SVG
 * @param layers the parts, each once, in drawing order
 */
public record Plate(String ground, List<Layer> layers) {
    /** Width of the sheet, in the plate's units. */
    public static final int WIDTH = 430;

    /** Height of the sheet. */
    public static final int HEIGHT = 420;

    private static final double MARGIN = 22;
    private static final double APART = 30;

    /** A part this near the middle takes its pins on the emptier side. */
    private static final double NEAR_MIDDLE = 40;

    /**
     * A part that can be touched.
     *
     * @param part the part
     * @param svg how it is drawn
     * @param anchors places on it where pins may point, the best first
     */
    public record Layer(Part part, String svg, List<Anchor> anchors) {
        /** The part's id, as addresses and styles use it. */
        public String id() {
            return Words.id(part);
        }
    }

    /** A place on the sheet. */
    public record Anchor(double x, double y) {}

    /** A numbered pin: its circle stands at the edge of the sheet, its line leads to the part. */
    public record Pin(int number, double x, double y, double toX, double toY) {}

    /** A finding that is to be pinned. */
    public record Found(int number, Part part) {}

    /** The whole figure as one picture that stands alone, for small sizes. */
    public String picture() {
        StringBuilder svg = new StringBuilder(
                Pen.format("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\">", WIDTH, HEIGHT));
        svg.append(ground);
        layers.forEach(layer -> svg.append(layer.svg()));
        return svg.append("</svg>").toString();
    }

    /** Sets pins beside the figure, left or right as their part lies, far enough apart to be read. */
    public List<Pin> pins(List<Found> found) {
        Map<Part, Integer> used = new EnumMap<>(Part.class);
        List<Pin> left = new ArrayList<>();
        List<Pin> right = new ArrayList<>();
        for (Found one : found) {
            Anchor anchor = anchor(one.part(), used.merge(one.part(), 1, Integer::sum) - 1);
            double fromMiddle = anchor.x() - WIDTH / 2.0;
            boolean toLeft = Math.abs(fromMiddle) < NEAR_MIDDLE ? left.size() < right.size() : fromMiddle < 0;
            double x = toLeft ? MARGIN : WIDTH - MARGIN;
            (toLeft ? left : right).add(new Pin(one.number(), x, anchor.y() - 12, anchor.x(), anchor.y()));
        }
        List<Pin> pins = new ArrayList<>(spread(left));
        pins.addAll(spread(right));
        pins.sort(Comparator.comparingInt(Pin::number));
        return pins;
    }

    private Anchor anchor(Part part, int turn) {
        return layers.stream()
                .filter(layer -> layer.part() == part)
                .findFirst()
                .map(layer -> layer.anchors().get(turn % layer.anchors().size()))
                .orElse(new Anchor(WIDTH / 2.0, 96 + 26 * turn));
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
        double over = lowest - APART - (HEIGHT - MARGIN);
        for (int i = set.size() - 1; i >= 0 && over > 0; i--) {
            Pin pin = set.get(i);
            double highest =
                    i == set.size() - 1 ? HEIGHT - MARGIN : set.get(i + 1).y() - APART;
            set.set(i, new Pin(pin.number(), pin.x(), Math.min(pin.y(), highest), pin.toX(), pin.toY()));
        }
        return set;
    }
}
