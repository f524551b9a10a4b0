package mildlantern.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Something that a plant's year asks for.
 *
 * @param what what
 * @param on its day
 */
public record YearStep(What what, LocalDate on) {
    /** What can be asked for. */
    public enum What {
        /** Its rest begins: a cooler place, less water, no feed. */
        REST_BEGINS,
        /** It rests, and its nights are too warm for that. */
        REST_COOLER,
        /** Its rest is due, and warmth and lamplight keep it growing. */
        KEPT_FROM_REST,
        /** Its nights are colder than it bears. */
        WARMER_NIGHTS,
        /** Growth begins again: water and feed, and the time to repot. */
        GROWTH_BEGINS
    }

    /** What a plant's year asks for now and in the weeks ahead, by day. */
    static List<YearStep> of(PlantYear year, Practice practice) {
        List<YearStep> steps = new ArrayList<>();
        LocalDate today = year.today();
        switch (year.rest()) {
            case TOO_WARM -> steps.add(new YearStep(What.REST_COOLER, today));
            case KEPT_FROM_IT -> steps.add(new YearStep(What.KEPT_FROM_REST, today));
            case TOO_COLD -> steps.add(new YearStep(What.WARMER_NIGHTS, today));
            default -> {
                // It is as it should be.
            }
        }
        began(year, practice).ifPresent(steps::add);
        Optional<PlantYear.Stretch> next =
                year.next().filter(it -> ChronoUnit.DAYS.between(today, it.from()) <= practice.ahead());
        next.filter(it -> it.phase().rests()).ifPresent(it -> steps.add(new YearStep(What.REST_BEGINS, it.from())));
        next.filter(it -> year.phase().rests() && it.phase().grows())
                .ifPresent(it -> steps.add(new YearStep(What.GROWTH_BEGINS, it.from())));
        return List.copyOf(steps);
    }

    /** A rest, or growth after one, that began lately: it is still to be answered. */
    private static Optional<YearStep> began(PlantYear year, Practice practice) {
        PlantYear.Stretch now = year.now();
        int at = year.stretches().indexOf(now);
        if (at == 0 || ChronoUnit.DAYS.between(now.from(), year.today()) > practice.waits()) {
            return Optional.empty();
        }
        if (now.phase().rests()) {
            return Optional.of(new YearStep(What.REST_BEGINS, now.from()));
        }
        return now.phase().grows() && year.stretches().get(at - 1).phase().rests()
                ? Optional.of(new YearStep(What.GROWTH_BEGINS, now.from()))
                : Optional.empty();
    }
}
