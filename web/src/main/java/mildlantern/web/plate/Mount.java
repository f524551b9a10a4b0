package mildlantern.web.plate;

import mildlantern.diagnosis.Part;
import mildlantern.web.drawing.Pen;
import mildlantern.web.drawing.Point;
import mildlantern.web.drawing.Spine;

/** What a plant that grows without a pot is tied to. */
final class Mount {
    private Mount() {}

    /** A piece of cork bark that a plant is tied to. */
    static void draw(Sheet sheet, double base) {
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
}
