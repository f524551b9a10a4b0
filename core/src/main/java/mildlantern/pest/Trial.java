package mildlantern.pest;

import java.util.ArrayList;
import java.util.List;

/** One collection under applications that are added one after the other. */
final class Trial {
    private final Drawn sample;
    private final Colony colony;
    private final List<Application> given;
    private int day;

    Trial(Drawn sample, Colony colony, List<Application> done, List<Application> beside) {
        this.sample = sample;
        this.colony = colony;
        this.given = new ArrayList<>(done);
        this.given.addAll(beside);
    }

    void add(Application use) {
        for (; day < use.day(); day++) {
            colony.treat(given, day, sample);
            colony.day();
        }
        given.add(use);
    }

    /** What is left once all that was given until now has done its work; the trial itself stays where it is. */
    Colony left() {
        List<Application> untilNow =
                given.stream().filter(one -> one.day() <= day).toList();
        Colony left = new Colony(colony);
        int end = Math.max(day, PestClock.lastEffect(untilNow));
        for (int after = day; after < end; after++) {
            left.treat(untilNow, after, sample);
            left.day();
        }
        left.treat(untilNow, end, sample);
        return left;
    }
}
