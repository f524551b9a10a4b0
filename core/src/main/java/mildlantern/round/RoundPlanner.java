package mildlantern.round;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;

/** Works out what is due today, from what is known of each plant. */
public final class RoundPlanner {
    private final int lookEveryDays;
    private final int isolationDays;

    RoundPlanner(int lookEveryDays, int isolationDays) {
        this.lookEveryDays = lookEveryDays;
        this.isolationDays = isolationDays;
    }

    /**
     * Reads how often to look.
     *
     * @throws KnowledgeException if the file is wrong
     */
    public static RoundPlanner load() {
        Entry routine = KnowledgeFiles.open("routine.yaml");
        return new RoundPlanner(
                (int) routine.number("look-every-days", 1, 60), (int) routine.number("isolation-days", 1, 120));
    }

    /** How many days a plant stands alone. */
    public int isolationDays() {
        return isolationDays;
    }

    /**
     * What is due on a plant, if anything: one thing, the most pressing.
     *
     * @param plant what is known of it
     * @param today the day of the round
     */
    public Optional<Due> due(PlantToday plant, LocalDate today) {
        Optional<PlantToday.Trouble> trouble = plant.trouble().filter(it -> !rests(it, today));
        if (trouble.isPresent()) {
            return ofCase(plant, trouble.get(), today);
        }
        if (plant.lookedOn().filter(today::equals).isPresent()) {
            return Optional.empty();
        }
        if (plant.inIsolationSince().isPresent()) {
            long day = days(plant.inIsolationSince().get(), today) + 1;
            String clock = day <= isolationDays
                    ? "Day %d of %d on its own; look daily.".formatted(day, isolationDays)
                    : "%d days on its own are over; look closely, then it may join the others."
                            .formatted(isolationDays);
            return Optional.of(new Due(plant.id(), Due.Kind.ISOLATION_LOOK, clock));
        }
        if (plant.lookedOn().isEmpty()) {
            return Optional.of(
                    new Due(plant.id(), Due.Kind.ROUTINE_LOOK, "Not looked at yet; turn a few leaves over."));
        }
        long since = days(plant.lookedOn().get(), today);
        return since < lookEveryDays
                ? Optional.empty()
                : Optional.of(new Due(
                        plant.id(),
                        Due.Kind.ROUTINE_LOOK,
                        "Last looked at %d days ago; turn a few leaves over.".formatted(since)));
    }

    private static boolean rests(PlantToday.Trouble trouble, LocalDate today) {
        return trouble.pausedUntil().filter(today::isBefore).isPresent();
    }

    private static Optional<Due> ofCase(PlantToday plant, PlantToday.Trouble trouble, LocalDate today) {
        if (trouble.pausedUntil().isPresent()) {
            return Optional.of(
                    new Due(plant.id(), Due.Kind.OPEN_CASE, "The case has rested its time; look whether it goes on."));
        }
        if (trouble.lookAgainOn().isEmpty()) {
            long open = days(trouble.openedOn(), today);
            return Optional.of(
                    new Due(plant.id(), Due.Kind.OPEN_CASE, "Case opened " + ago(open) + "; no cause decided on yet."));
        }
        long late = days(trouble.lookAgainOn().get(), today);
        if (late < 0) {
            return Optional.empty();
        }
        return Optional.of(new Due(
                plant.id(),
                Due.Kind.LOOK_AGAIN,
                late == 0
                        ? "The trial's day is today: look again."
                        : "The trial's day was " + ago(late) + ": look again."));
    }

    /** Days gone by, in words: today, yesterday, 3 days ago. */
    public static String ago(long days) {
        return days == 0 ? "today" : days == 1 ? "yesterday" : days + " days ago";
    }

    private static long days(LocalDate from, LocalDate to) {
        return ChronoUnit.DAYS.between(from, to);
    }

    /** The brightest lamp that a stop's dues ask for. */
    public static Lamp lamp(List<Due> dues) {
        return dues.stream()
                .map(due -> due.kind().lamp())
                .max(Comparator.naturalOrder())
                .orElse(Lamp.OUT);
    }
}
