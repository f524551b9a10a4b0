package mildlantern.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mildlantern.pest.LifeTable;
import mildlantern.pest.StageKind;
import mildlantern.quarantine.Quarantine;

/** Lays down the steps of a course beside its uses: standing alone, ants, looks, and the day on which it may go back. */
final class Steps {
    /** Days after the last use until there is something to see. */
    static final int LOOK_AFTER_DAYS = 7;

    private Steps() {}

    /** Days after its use at which a means has shown what it can: at once, or longer where it starts late and goes on. */
    static int worksUntil(Means one) {
        return one.works()
                .lasting()
                .map(lasting -> lasting.starts() + Math.min(lasting.days(), 2 * LOOK_AFTER_DAYS) - LOOK_AFTER_DAYS)
                .map(days -> Math.max(0, days))
                .orElse(0);
    }

    /** Days in which an egg hatches: two clean looks lie at least so far apart. */
    static int hatch(LifeTable pest, double celsius) {
        double days = pest.stages().stream()
                .filter(stage -> stage.kind() == StageKind.EGG)
                .mapToDouble(stage -> pest.daysOf(stage, celsius).orElse(LOOK_AFTER_DAYS))
                .sum();
        return (int) Math.max(LOOK_AFTER_DAYS, Math.min(30, Math.ceil(days)));
    }

    /** What comes before the first use: standing alone, and a look for ants. */
    static List<Course.Step> opening(LocalDate from, Optional<LifeTable> pest) {
        List<Course.Step> steps = new ArrayList<>();
        if (pest.map(LifeTable::alone).orElse(true)) {
            steps.add(Course.Step.of(from, Course.Phase.ISOLATE));
        }
        if (pest.map(LifeTable::ants).orElse(false)) {
            steps.add(Course.Step.of(from, Course.Phase.ANTS));
        }
        return steps;
    }

    /**
     * A look halfway, two clean ones a hatch apart after the last use, and the day on which a missed survivor would have shown itself.
     *
     * @param from the first day of the course
     * @param lastUse the last use that does all it does at once
     * @param shows the day on which what was used has shown what it can
     */
    static List<Course.Step> closing(
            LocalDate from, LocalDate lastUse, LocalDate shows, LifeTable pest, double celsius, Quarantine quarantine) {
        List<Course.Step> steps = new ArrayList<>();
        long days = ChronoUnit.DAYS.between(from, lastUse);
        if (days >= 8) {
            steps.add(Course.Step.look(from.plusDays(days / 2 + 1), Course.LookFor.FEWER));
        }
        LocalDate first = shows.plusDays(LOOK_AFTER_DAYS);
        LocalDate second = first.plusDays(hatch(pest, celsius));
        steps.add(Course.Step.look(first, Course.LookFor.NONE));
        steps.add(Course.Step.look(second, Course.LookFor.STILL_NONE));
        if (!pest.alone()) {
            steps.add(Course.Step.look(second, Course.LookFor.OVER));
        } else {
            quarantine
                    .clock(lastUse, Optional.of(pest.id()), celsius, true)
                    .until()
                    .map(day -> day.isBefore(second) ? second : day)
                    .ifPresent(day -> steps.add(Course.Step.look(day, Course.LookFor.BACK)));
        }
        return steps;
    }

    static List<Course.Step> inOrder(List<Course.Step> steps) {
        return steps.stream()
                .sorted(Comparator.comparing(Course.Step::on).thenComparing(Course.Step::phase))
                .toList();
    }
}
