package mildlantern.web.handwork;

import java.util.List;
import java.util.Optional;
import mildlantern.diagnosis.Part;
import mildlantern.handwork.CutAim;
import mildlantern.handwork.LeafDeed;
import mildlantern.web.plate.Plate;

/**
 * A plant's own plate with a mark where the work is.
 *
 * @param plate the plate
 * @param at the place of the mark
 * @param cuts whether something is cut there
 */
record MarkedPlate(Plate plate, Plate.Anchor at, boolean cuts) {
    /** The mark of a damaged leaf; empty where the plate shows none. */
    static Optional<MarkedPlate> of(Plate plate, LeafDeed deed) {
        // A pitcher is the leaf of its plant.
        List<Part> parts = List.of(Part.PITCHER, Part.LEAF, Part.STEM);
        return of(plate, parts, deed.deed() != LeafDeed.Deed.KEEP);
    }

    /** The mark of what is cut back; empty where the plate shows no such part. */
    static Optional<MarkedPlate> of(Plate plate, CutAim aim, boolean cuts) {
        List<Part> parts = switch (aim) {
            case FULLER, TWIGS -> List.of(Part.TWIG, Part.STEM, Part.LEAF);
            case PINCH -> List.of(Part.NEW_LEAF, Part.TWIG, Part.STEM);
            case CANES, SHEATHS -> List.of(Part.CANE, Part.STEM);
            case FLOWERED -> List.of(Part.FLOWER);
        };
        return of(plate, parts, cuts);
    }

    private static Optional<MarkedPlate> of(Plate plate, List<Part> parts, boolean cuts) {
        return parts.stream()
                .flatMap(part -> plate.layers().stream().filter(layer -> layer.part() == part))
                .filter(layer -> !layer.anchors().isEmpty())
                .findFirst()
                .map(layer -> new MarkedPlate(plate, layer.anchors().get(0), cuts));
    }
}
