package mildlantern.plant;

/** What stands within a metre of a plant and works on it. */
public enum Near {
    HEATER,
    VENT,
    COLD_GLASS,
    SUNNY_GLASS,
    DOOR_DRAUGHT
}
