package mildlantern.web.plate;

import mildlantern.plant.GrowthForm;

/**
 * Draws plates: each plant with its own numbers of leaves, pitchers, offsets, flowers and buds, always the same for the same
 * plant. A growth form without a figure of its own takes the nearest one.
 */
public final class PlateDrawer {
    private PlateDrawer() {}

    public static Plate draw(PlateSubject subject) {
        Sheet sheet = new Sheet(subject);
        switch (figure(subject.form())) {
            case SINGLE_CROWN_ORCHID -> OrchidFigure.draw(sheet);
            case TANK_ROSETTE -> RosetteFigure.draw(sheet);
            case UPRIGHT_PITCHER -> PitcherFigure.draw(sheet);
            case SMALL_TREE -> TreeFigure.draw(sheet);
            default -> ClumpFigure.draw(sheet);
        }
        return sheet.plate();
    }

    /** The figure that stands for a growth form. */
    private static GrowthForm figure(GrowthForm form) {
        return switch (form) {
            case SINGLE_CROWN_ORCHID, CANED_ORCHID -> GrowthForm.SINGLE_CROWN_ORCHID;
            case TANK_ROSETTE, AIR_PLANT, FLESHY_ROSETTE, FLAT_STICKY_ROSETTE, SNAP_TRAP_ROSETTE ->
                GrowthForm.TANK_ROSETTE;
            case UPRIGHT_PITCHER, HANGING_PITCHER -> GrowthForm.UPRIGHT_PITCHER;
            case BONSAI, SMALL_TREE -> GrowthForm.SMALL_TREE;
            case LEAFY_CLUMP, LEAFY_STEM, FERN, CLIMBER, COLUMNAR_CACTUS -> GrowthForm.LEAFY_CLUMP;
        };
    }
}
