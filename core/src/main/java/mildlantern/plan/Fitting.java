package mildlantern.plan;

/**
 * What is put up at a stop.
 *
 * @param lamp what a lamp adds on the leaves, µmol/m² s; 0 for none
 * @param humidifier whether one runs
 * @param net whether one hangs before the glass
 */
public record Fitting(double lamp, boolean humidifier, boolean net) {
    public static final Fitting NONE = new Fitting(0, false, false);
}
