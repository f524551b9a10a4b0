package mildlantern.web.sign;

import mildlantern.look.Look;
import mildlantern.plant.GrowthForm;
import mildlantern.sign.Mark;
import mildlantern.sign.Sign;
import mildlantern.web.drawing.Pen;

/** What carries a sign, and how each mark lies on it. */
interface Subject {
    /**
     * The plant that signs are drawn on.
     *
     * @param look what its kind is told by
     * @param form its growth form
     */
    record Kind(Look look, GrowthForm form) {}

    /** Whether what carries the sign is itself another than the sound one. */
    default boolean changed(Sign sign) {
        return !sign.marks().isEmpty();
    }

    /** Draws what carries the sign; the sound one where the sign has no marks. */
    void carry(Pen pen, Sign sign);

    /** Draws a mark on it; nothing where the mark is all in what carries it. */
    default void mark(Pen pen, Sign sign, Mark mark) {}
}
