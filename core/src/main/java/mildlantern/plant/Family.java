package mildlantern.plant;

/** The five families of plants that the product knows. */
public enum Family {
    ORCHID,
    BROMELIAD,
    BONSAI,
    CARNIVOROUS,
    POTTED
}
