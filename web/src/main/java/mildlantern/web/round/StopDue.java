package mildlantern.web.round;

import java.util.Map;
import mildlantern.round.Due;
import mildlantern.round.Lamp;

/**
 * What is due at a stop, counted.
 *
 * @param plants how many stand there
 * @param count how many plants have each kind of work due
 */
record StopDue(int plants, Map<Due.Kind, Integer> count) {
    int of(Due.Kind kind) {
        return count.getOrDefault(kind, 0);
    }

    int all() {
        return count.values().stream().mapToInt(Integer::intValue).sum();
    }

    Lamp lamp() {
        return count.keySet().stream()
                .filter(kind -> of(kind) > 0)
                .map(Due.Kind::lamp)
                .max(Lamp::compareTo)
                .orElse(Lamp.OUT);
    }
}
