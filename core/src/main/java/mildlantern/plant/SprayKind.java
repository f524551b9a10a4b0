package mildlantern.plant;

/** What a plant was sprayed with. */
public enum SprayKind {
    SOAP,
    OIL,
    DETERGENT,
    ALCOHOL,
    COPPER,
    FUNGICIDE,
    SYSTEMIC
}
