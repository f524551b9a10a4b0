package mildlantern.plant;

import mildlantern.message.MessageKey;

/** How a plant is built, and so how its plate is drawn. */
public enum GrowthForm implements MessageKey {
    SINGLE_CROWN_ORCHID,
    CANED_ORCHID,
    TANK_ROSETTE,
    AIR_PLANT,
    BONSAI,
    UPRIGHT_PITCHER,
    HANGING_PITCHER,
    FLAT_STICKY_ROSETTE,
    DOWNY_ROSETTE,
    SNAP_TRAP_ROSETTE,
    LEAFY_STEM,
    LEAFY_CLUMP,
    FERN,
    FLESHY_ROSETTE,
    UPRIGHT_SWORDS,
    COLUMNAR_CACTUS,
    SMALL_TREE,
    CLIMBER
}
