package mildlantern.light;

import mildlantern.air.Glazing;
import mildlantern.quantity.Limits;

/**
 * A window as a plant sees it.
 *
 * @param faces the direction it faces, degrees from north over east: 90 east, 180 south
 * @param widthM its width, m
 * @param bottomM its lower edge above the leaves, m; below them counts as 0, as from there no sky is seen
 * @param topM its upper edge above the leaves, m
 * @param glazing its glass
 * @param curtain what hangs before it
 * @param skyline how high what stands outside reaches, degrees above the horizon
 */
public record Window(
        double faces, double widthM, double bottomM, double topM, Glazing glazing, Curtain curtain, double skyline) {
    /**
     * @throws IllegalArgumentException if a value is out of range
     */
    public Window {
        Limits.require("direction", faces, 0, 360, "degrees");
        Limits.require("width", widthM, 0.1, 20, "m");
        Limits.require("lower edge", bottomM, -5, 10, "m");
        Limits.require("upper edge", topM, Math.max(0.05, bottomM + 0.05), 15, "m");
        Limits.require("skyline", skyline, 0, 85, "degrees");
        bottomM = Math.max(0, bottomM);
    }
}
