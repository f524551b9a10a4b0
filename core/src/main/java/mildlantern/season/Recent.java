package mildlantern.season;

import java.time.LocalDate;
import java.util.OptionalDouble;
import mildlantern.light.Sun;
import mildlantern.plant.Profile;

/** The light and warmth that a plant had in the last days, and whether an evergreen grows in them. */
final class Recent {
    private final Profile kind;
    private final YearKnowledge.Rules rules;
    private final Sun.Year sun;
    private final Conditions there;
    private final Lately light;
    private final Lately warmth;
    private final Lately nights;

    Recent(Profile kind, YearKnowledge.Rules rules, Sun.Year sun, Conditions there) {
        this.kind = kind;
        this.rules = rules;
        this.sun = sun;
        this.there = there;
        this.light = new Lately(rules.days());
        this.warmth = new Lately(rules.days());
        this.nights = new Lately(rules.days());
    }

    void add(LocalDate day) {
        light.add(there.light(day));
        warmth.add(there.day(day));
        nights.add(there.night(day));
    }

    OptionalDouble light() {
        return light.mean();
    }

    OptionalDouble night() {
        return nights.mean();
    }

    /**
     * Whether an evergreen grows.
     *
     * @param now whether it does until now: it takes less to go on than to begin
     */
    boolean grows(LocalDate day, boolean now) {
        OptionalDouble warm = warmth.mean();
        if (warm.isPresent() && warm.getAsDouble() < kind.day().low() - rules.cold() + (now ? 0 : 1)) {
            return false;
        }
        OptionalDouble lit = light.mean();
        if (lit.isPresent()) {
            double times = lit.getAsDouble() / Math.max(0.1, kind.dailyLight().low());
            return times >= (now ? rules.grows().low() : rules.grows().high());
        }
        return there.lampHours(day) > 0
                || sun.share(day) >= (now ? rules.sun().low() : rules.sun().high());
    }
}
