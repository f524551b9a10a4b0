package mildlantern.pest;

/**
 * A number of applications.
 *
 * @param applications how many, 0 or more
 * @param moving moving animals that are expected once the last has done its work
 * @param risk chance that any is left then, 0 to 1
 * @param reached whether that is what was asked for
 * @param lastDay day of the last application
 */
public record Plan(int applications, double moving, double risk, boolean reached, int lastDay) {
    /** What is left, as an aim counts it. */
    double left(Aim aim) {
        return aim == Aim.CONTROL ? moving : risk;
    }
}
