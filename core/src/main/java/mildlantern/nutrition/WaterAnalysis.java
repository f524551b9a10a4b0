package mildlantern.nutrition;

import java.util.OptionalDouble;
import mildlantern.quantity.Limits;

/**
 * A water by its analysis, or by as much of it as a meter tells.
 *
 * @param conductivity mS/cm
 * @param hardness mg/L as CaCO₃
 * @param alkalinity mg/L as CaCO₃
 * @param sodium mg/L
 */
public record WaterAnalysis(
        double conductivity, OptionalDouble hardness, OptionalDouble alkalinity, OptionalDouble sodium) {
    public WaterAnalysis {
        Limits.require("conductivity", conductivity, 0, 10, "mS/cm");
        hardness.ifPresent(value -> Limits.require("hardness", value, 0, 2000, "mg/L"));
        alkalinity.ifPresent(value -> Limits.require("alkalinity", value, 0, 2000, "mg/L"));
        sodium.ifPresent(value -> Limits.require("sodium", value, 0, 2000, "mg/L"));
    }

    /** A water of which a meter told the conductivity alone. */
    public static WaterAnalysis metered(double conductivity) {
        return new WaterAnalysis(conductivity, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** Mixed with another by volume: what is dissolved adds up by shares (dilute solutions). */
    public WaterAnalysis mixedWith(WaterAnalysis other, double shareOfThis) {
        double share = Limits.require("share", shareOfThis, 0, 1, "");
        return new WaterAnalysis(
                share * conductivity + (1 - share) * other.conductivity,
                mixed(hardness, other.hardness, share),
                mixed(alkalinity, other.alkalinity, share),
                mixed(sodium, other.sodium, share));
    }

    private static OptionalDouble mixed(OptionalDouble one, OptionalDouble other, double share) {
        return one.isPresent() && other.isPresent()
                ? OptionalDouble.of(share * one.getAsDouble() + (1 - share) * other.getAsDouble())
                : OptionalDouble.empty();
    }
}
