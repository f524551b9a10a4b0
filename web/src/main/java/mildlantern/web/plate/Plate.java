package mildlantern.web.plate;

import java.util.List;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.Words;

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
        return Pins.set(this, found);
    }
}
