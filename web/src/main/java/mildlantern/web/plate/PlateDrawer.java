package mildlantern.web.plate;

/**
 * Draws plates: each plant with its own numbers of leaves, pitchers, offsets, flowers and buds, always the same for the same
 * plant.
 */
public final class PlateDrawer {
    private PlateDrawer() {}

    public static Plate draw(PlateSubject subject) {
        Sheet sheet = new Sheet(subject);
        switch (subject.form()) {
            case SINGLE_CROWN_ORCHID -> OrchidFigure.draw(sheet);
            case CANED_ORCHID -> CanedOrchidFigure.draw(sheet);
            case TANK_ROSETTE -> RosetteFigure.draw(sheet);
            case AIR_PLANT -> AirPlantFigure.draw(sheet);
            case BONSAI -> TreeFigure.draw(sheet);
            case UPRIGHT_PITCHER -> PitcherFigure.draw(sheet);
            case HANGING_PITCHER -> HangingPitcherFigure.draw(sheet);
            case FLAT_STICKY_ROSETTE -> FlatRosetteFigure.sticky(sheet);
            case DOWNY_ROSETTE -> FlatRosetteFigure.downy(sheet);
            case SNAP_TRAP_ROSETTE -> SnapTrapFigure.draw(sheet);
            case LEAFY_STEM -> LeafyStemFigure.draw(sheet);
            case LEAFY_CLUMP -> ClumpFigure.draw(sheet);
            case FERN -> FernFigure.draw(sheet);
            case FLESHY_ROSETTE -> FleshyRosetteFigure.draw(sheet);
            case UPRIGHT_SWORDS -> SwordFigure.draw(sheet);
            case COLUMNAR_CACTUS -> CactusFigure.draw(sheet);
            case SMALL_TREE -> ShrubFigure.draw(sheet);
            case CLIMBER -> ClimberFigure.draw(sheet);
        }
        return sheet.plate();
    }
}
