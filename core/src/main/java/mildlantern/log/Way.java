package mildlantern.log;

/** How water came to the roots. */
public enum Way {
    ABOVE,
    BELOW,
    SOAKED,
    RESERVOIR
}
