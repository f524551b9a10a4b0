package mildlantern.plant;

/** Whether air moves round the leaves. */
public enum AirMovement {
    STILL,
    MOVING
}
