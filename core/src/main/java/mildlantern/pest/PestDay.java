package mildlantern.pest;

import java.util.Arrays;

/**
 * One day of a reckoned course.
 *
 * @param byStage expected numbers by stage, in the order of the life table, with both adult stages as one
 */
public record PestDay(double[] byStage) {
    /** All living. */
    public double total() {
        return Arrays.stream(byStage).sum();
    }
}
