package mildlantern.plant;

import java.time.LocalDate;
import java.util.Set;
import java.util.function.Function;

/** The season where the plant stands, by the sun. */
public enum Season {
    SPRING,
    SUMMER,
    AUTUMN,
    WINTER;

    private static final int A_YEAR = 366;

    /** Whether most plants grow in it. */
    public boolean growing() {
        return this == SPRING || this == SUMMER;
    }

    /** Days from the shortest day of the north to the new year. */
    private static final int SOLSTICE = 10;

    private static final int QUARTER = 91;

    /**
     * The quarter of the sun's year, each about a solstice or an equinox: in the north winter runs from early November to early February.
     *
     * @param turn 0 north of the equator, 2 south of it
     */
    public static Season ofSun(LocalDate day, int turn) {
        int sinceWinter = day.getDayOfYear() + SOLSTICE + QUARTER / 2;
        Season[] order = {WINTER, SPRING, SUMMER, AUTUMN};
        return order[(sinceWinter / QUARTER + turn) % order.length];
    }

    /**
     * The first day of any of some seasons.
     *
     * @param from the first day that may be it
     * @param wanted the seasons; at least one
     * @param calendar the season of each day
     */
    public static LocalDate first(LocalDate from, Set<Season> wanted, Function<LocalDate, Season> calendar) {
        LocalDate day = from;
        for (int i = 0; i < A_YEAR && !wanted.contains(calendar.apply(day)); i++) {
            day = day.plusDays(1);
        }
        return day;
    }
}
