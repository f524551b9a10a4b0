package mildlantern.plant;

import java.time.LocalDate;
import java.util.Set;
import java.util.function.Function;

/** The season where the plant stands. */
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
