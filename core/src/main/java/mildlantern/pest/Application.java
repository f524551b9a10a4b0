package mildlantern.pest;

import java.util.List;

/**
 * What is done against a pest on one day.
 *
 * @param day counted from 0
 * @param effects what is used, one after the other: a wash before a spray counts as two
 */
public record Application(int day, List<Effect> effects) {
    /**
     * @throws IllegalArgumentException if nothing is used, or before the first day
     */
    public Application {
        if (effects.isEmpty() || day < 0) {
            throw new IllegalArgumentException("something is used, on day 0 or later");
        }
        effects = List.copyOf(effects);
    }

    public static Application of(int day, Effect... effects) {
        return new Application(day, List.of(effects));
    }

    /** How many days after its day the last of it works. */
    int works() {
        return effects.stream()
                .mapToInt(effect -> effect.lastsDays() == 0 ? 0 : effect.startsDays() + effect.lastsDays())
                .max()
                .orElse(0);
    }
}
