package mildlantern.season;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.light.Sun;
import mildlantern.plant.Phase;
import mildlantern.quantity.Range;
import org.jspecify.annotations.Nullable;

/** Counts the cool nights of a plant's rest, or of the spell that sets its flowers, when it is their time. */
final class ColdCount {
    private final KindOfYear year;
    private final YearKnowledge.Rules rules;
    private final Sun.Year sun;
    private @Nullable ColdNights nights;
    private boolean wasShort;

    ColdCount(KindOfYear year, YearKnowledge.Rules rules, Sun.Year sun) {
        this.year = year;
        this.rules = rules;
        this.sun = sun;
    }

    /**
     * Counts a night.
     *
     * @param restedLately whether its rest of this winter is over
     */
    void count(LocalDate day, OptionalDouble night, @Nullable Phase phase, boolean restedLately) {
        boolean resting = phase != null && phase.rests();
        Optional<Rest> winter = year.rest().filter(rest -> !rest.summer());
        boolean near = winter.filter(rest -> !sun.rising(day) && sun.hours(day) < rest.begins() + rules.early())
                .isPresent();
        boolean spell = phase != Phase.SPIKING
                && year.spell().filter(it -> sun.hours(day) < it.hours()).isPresent();
        if (winter.isPresent() && (resting || near && !restedLately)) {
            Rest rest = winter.get();
            begin(day, rest.nights().high(), rest.weeks());
        } else if (spell) {
            KindOfYear.Spell cool = year.spell().orElseThrow();
            begin(day, cool.below(), cool.weeks());
        } else if (!wasShort) {
            nights = null;
        }
        if (nights != null && !wasShort) {
            nights.add(night);
        }
    }

    private void begin(LocalDate day, double below, Range weeks) {
        if (nights == null || wasShort) {
            nights = new ColdNights(day, below, weeks);
            wasShort = false;
        }
    }

    /** A rest is over; what was counted stays to be told where it was too short. */
    void ended() {
        wasShort = nights != null && !nights.unknown() && nights.surelyShort();
    }

    /** Whether the last rest was too short. */
    boolean wasShort() {
        return wasShort;
    }

    boolean enough() {
        return nights != null && nights.enough();
    }

    boolean most() {
        return nights != null && nights.most();
    }

    boolean unknown() {
        return nights == null || nights.unknown();
    }

    Optional<PlantYear.Chill> told(OptionalDouble lately) {
        return Optional.ofNullable(nights).map(it -> it.told(lately));
    }
}
