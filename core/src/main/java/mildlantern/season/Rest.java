package mildlantern.season;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.Entry;
import mildlantern.light.Sun;
import mildlantern.plant.Dryness;
import mildlantern.plant.Phase;
import mildlantern.quantity.Range;
import mildlantern.season.PlantYear.RestStanding;

/**
 * The rest of a kind.
 *
 * @param phase cool or dry
 * @param nights temperature of its nights, °C
 * @param days temperature of its days, °C
 * @param weeks how long
 * @param begins hours of daylight under which it falls due
 * @param ends hours of daylight, rising, from which it may end
 * @param hold light that is enough, mol/m² and day
 * @param dryness how dry it gets before the next watering
 * @param daysBetween days between waterings, where it is kept drier than its pot dries
 * @param then the phase that follows
 * @param summer whether it rests through the long days: {@code begins} are hours, rising, over which it falls due, {@code ends} hours, falling, under which
 *     it grows again
 * @param growsOn whether, warm and in good light, it grows on instead and loses little
 */
public record Rest(
        Phase phase,
        Range nights,
        Range days,
        Range weeks,
        double begins,
        double ends,
        double hold,
        Dryness dryness,
        Optional<Range> daysBetween,
        Phase then,
        boolean summer,
        boolean growsOn) {
    static Rest read(Entry entry) {
        return new Rest(
                entry.constant(Phase.class, "phase"),
                entry.range("nights", -20, 30),
                entry.range("days", -20, 40),
                entry.range("weeks", 1, 40),
                entry.number("begins", 6, 18),
                entry.number("ends", 6, 18),
                entry.number("hold", 0, 20),
                entry.constant(Dryness.class, "dry"),
                entry.has("every") ? Optional.of(entry.range("every", 1, 120)) : Optional.empty(),
                entry.constant(Phase.class, "then"),
                entry.flag("summer"),
                entry.flag("grows-on"));
    }

    /** Whether a day lies in the time of this rest, by the length of the day. */
    boolean inItsTime(Sun.Year sun, LocalDate day) {
        double hours = sun.hours(day);
        return summer ? hours > (sun.rising(day) ? begins : ends) : hours < (sun.rising(day) ? ends : begins);
    }

    /**
     * How the rest stands by its last nights.
     *
     * @param lately their mean, °C; where it is not known, the rest is taken to be as it should be
     * @param tooWarm °C above its nights from which they are too warm
     */
    RestStanding standing(OptionalDouble lately, double tooWarm) {
        if (lately.isEmpty()) {
            return RestStanding.FITS;
        }
        double over = lately.getAsDouble() - nights.high();
        if (over > 0) {
            return over > tooWarm ? RestStanding.TOO_WARM : RestStanding.NEARLY;
        }
        return lately.getAsDouble() < nights.low() - tooWarm / 2 ? RestStanding.TOO_COLD : RestStanding.FITS;
    }
}
