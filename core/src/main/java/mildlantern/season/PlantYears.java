package mildlantern.season;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import mildlantern.light.Sun;
import mildlantern.plant.Profile;

/** Tells the year of a plant, by following it day by day. */
public final class PlantYears {
    /** Days back from which a year is told: a whole one, and the rest before it. */
    public static final int BACK = 400;

    /** Days ahead to which it is told. */
    public static final int AHEAD = 370;

    private final YearKnowledge knowledge;

    public PlantYears(YearKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /** The years of all kinds. */
    public YearKnowledge knowledge() {
        return knowledge;
    }

    /**
     * Tells a plant's year.
     *
     * @param sun where it stands
     * @param there what it had there, and for days to come what is to be expected
     * @param marks what its grower saw and said, in any order
     */
    public PlantYear of(Profile kind, Sun.Year sun, Conditions there, List<Mark> marks, LocalDate today) {
        List<Mark> order = marks.stream()
                .filter(mark -> !mark.on().isAfter(today))
                .sorted(Comparator.comparing(Mark::on))
                .toList();
        YearWalk walk = new YearWalk(knowledge, kind, sun, there, order, today);
        for (LocalDate day = today.minusDays(BACK); !day.isAfter(today.plusDays(AHEAD)); day = day.plusDays(1)) {
            walk.step(day);
        }
        return walk.told();
    }
}
