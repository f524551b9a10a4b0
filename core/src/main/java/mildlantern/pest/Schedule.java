package mildlantern.pest;

import java.util.List;
import java.util.Map;

/**
 * Applications to come.
 *
 * @param cycle what each does, in turn: one, or two of different groups that alternate
 * @param first day of the first
 * @param interval days between them, 1 or more
 * @param beside what is given beside them on days of its own; it ends with them
 */
public record Schedule(List<Effect> cycle, int first, int interval, Map<Integer, Effect> beside) {
    /**
     * @throws IllegalArgumentException if there is nothing to apply, or the days do not go forward
     */
    public Schedule {
        if (cycle.isEmpty() || first < 0 || interval < 1) {
            throw new IllegalArgumentException(
                    "a schedule has something to apply, from day 0 or later, a day or more apart");
        }
        cycle = List.copyOf(cycle);
        beside = Map.copyOf(beside);
    }

    /** With nothing beside it. */
    public Schedule(List<Effect> cycle, int first, int interval) {
        this(cycle, first, interval, Map.of());
    }

    Effect effect(int application) {
        return cycle.get(application % cycle.size());
    }

    int day(int application) {
        return first + application * interval;
    }
}
