package mildlantern.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import mildlantern.message.MessageKey;
import mildlantern.plant.Phase;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;

/**
 * A plant's year, past and coming.
 *
 * @param kind of plant
 * @param today the day on which it was told
 * @param stretches phases in order; from a year ago to a year ahead, without a gap
 * @param wants what it wants today
 * @param chill the cool nights of its present or coming rest, or of the spell that sets its flowers; empty where it needs none now
 * @param rest how its rest stands
 */
public record PlantYear(
        Profile kind, LocalDate today, List<Stretch> stretches, Wants wants, Optional<Chill> chill, RestStanding rest) {
    /** Days from the beginning of growth in which it is spring for a plant. */
    private static final int SPRING_DAYS = 90;

    /** Why a phase began. */
    public enum Cause implements MessageKey {
        /** Length of day and light of the sun. */
        SUN(0.6),
        /** The light it got. */
        LIGHT(0.75),
        /** Cool nights in falling days. */
        COOL(0.8),
        /** It had its cool nights. */
        CHILLED(0.8),
        /** Spring ended its rest, cool enough or not. */
        SPRING(0.6),
        /** Its grower saw it. */
        SEEN(0.9),
        /** Its grower said so. */
        SAID(0.98),
        /** Its flowers are over, or its buds came to nothing. */
        OVER(0.6);

        private final double sure;

        Cause(double sure) {
            this.sure = sure;
        }

        /** How sure a phase is that began so, 0 to 1; kind of source: reckoned. */
        double sure() {
            return sure;
        }
    }

    /**
     * A phase from a day to another.
     *
     * @param from its first day
     * @param until the day after its last
     * @param cause why it began
     * @param sure how sure that is, 0 to 1
     */
    public record Stretch(Phase phase, LocalDate from, LocalDate until, Cause cause, double sure) {
        boolean holds(LocalDate day) {
            return !day.isBefore(from) && day.isBefore(until);
        }
    }

    /**
     * Cool nights, counted.
     *
     * @param from the day from which they count
     * @param nights cool enough
     * @param warm nights too warm to count
     * @param unread nights of which nothing was read
     * @param below nights count under it, °C
     * @param weeks how many weeks of them are wanted
     * @param lately mean of the last nights, °C, where they were read
     */
    public record Chill(
            LocalDate from, int nights, int warm, int unread, double below, Range weeks, Optional<Double> lately) {
        /** Nights that are still wanted at least. */
        public int missing() {
            return Math.max(0, (int) Math.ceil(7 * weeks.low()) - nights);
        }
    }

    /** How a rest stands. */
    public enum RestStanding implements MessageKey {
        /** It needs none now. */
        NONE,
        /** It falls due in some weeks. */
        COMING,
        /** It is as it should be, as far as is known. */
        FITS,
        /** Nights are a little too warm to count, and nothing to worry about. */
        NEARLY,
        /** Nights are too warm for it. */
        TOO_WARM,
        /** Nights are colder than it bears. */
        TOO_COLD,
        /** It is due, and warmth and lamps keep the plant growing. */
        KEPT_FROM_IT,
        /** It ended before it was long enough. */
        TOO_SHORT
    }

    /** The phase of today. */
    public Stretch now() {
        return at(today);
    }

    /** The phase of a day; the first or last one for days beyond. */
    public Stretch at(LocalDate day) {
        return stretches.stream()
                .filter(it -> it.holds(day))
                .findFirst()
                .orElseGet(() -> day.isBefore(today) ? stretches.get(0) : stretches.get(stretches.size() - 1));
    }

    public Phase phase() {
        return now().phase();
    }

    /** The next phase after today's, if one is in sight. */
    public Optional<Stretch> next() {
        return stretches.stream().filter(it -> it.from().isAfter(today)).findFirst();
    }

    /** The first day from a day on that is of a wanted phase. */
    public Optional<LocalDate> first(LocalDate from, Phase wanted) {
        return stretches.stream()
                .filter(it -> it.phase() == wanted && it.until().isAfter(from))
                .map(it -> it.from().isBefore(from) ? from : it.from())
                .findFirst();
    }

    /**
     * Seasons by the plant's own year: spring is the beginning of its growth, winter its rest or its time without growth, autumn the last weeks before
     * that. Those of the sun for a plant whose phase does not change all year.
     *
     * @param sun the seasons where it stands
     */
    public Function<LocalDate, Season> seasons(Function<LocalDate, Season> sun) {
        boolean changes = stretches.stream().anyMatch(it -> it.phase().grows())
                && stretches.stream().anyMatch(it -> !it.phase().grows());
        return changes ? day -> season(day, sun) : sun;
    }

    private Season season(LocalDate day, Function<LocalDate, Season> sun) {
        if (day.isBefore(stretches.get(0).from())
                || !day.isBefore(stretches.get(stretches.size() - 1).until())) {
            return sun.apply(day);
        }
        if (!at(day).phase().grows()) {
            return Season.WINTER;
        }
        Optional<LocalDate> began = turned(day, -1);
        if (began.filter(it -> day.isBefore(it.plusDays(SPRING_DAYS))).isPresent()) {
            return Season.SPRING;
        }
        Optional<LocalDate> ends = turned(day, 1);
        return ends.filter(it -> !day.isBefore(it.minusDays(SPRING_DAYS / 2))).isPresent()
                ? Season.AUTUMN
                : Season.SUMMER;
    }

    /** The day on which its growth began, or on which it will be over; empty where that lies beyond what is told. */
    private Optional<LocalDate> turned(LocalDate day, int way) {
        int i = stretches.indexOf(at(day));
        while (i >= 0 && i < stretches.size() && stretches.get(i).phase().grows()) {
            i += way;
        }
        if (i < 0 || i == stretches.size()) {
            return Optional.empty();
        }
        return Optional.of(way < 0 ? stretches.get(i).until() : stretches.get(i).from());
    }
}
