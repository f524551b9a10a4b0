package mildlantern.web.task;

import java.time.LocalDate;
import java.util.Optional;
import mildlantern.handwork.Errand;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.TaskId;
import mildlantern.web.words.Wording;

/**
 * Something that is asked for by hand.
 *
 * @param task which planned task; empty for an errand
 * @param what what is planned; empty for an errand
 * @param errand which errand; empty for a planned task
 * @param plant the plant that it is for; empty for the house
 * @param day when it is due
 * @param words what is done
 * @param path the page on which it is answered; empty where one press says that it is done
 */
public record Asked(
        Optional<TaskId> task,
        Optional<HandTask> what,
        Optional<Errand> errand,
        Optional<PlantId> plant,
        LocalDate day,
        String words,
        Optional<String> path) {
    static Asked of(HandTaskRow row) {
        HandTask what = row.what();
        return new Asked(
                Optional.of(row.id()),
                Optional.of(what),
                Optional.empty(),
                row.plant(),
                row.onDay(),
                Wording.of(what),
                what.answered()
                        ? Optional.of(what.path(
                                row.plant().map(plant -> "/plants/" + plant).orElse("")))
                        : Optional.empty());
    }

    static Asked of(Errand errand, Optional<PlantId> plant, LocalDate day) {
        return new Asked(
                Optional.empty(),
                Optional.empty(),
                Optional.of(errand),
                plant,
                day,
                Wording.of(errand),
                Optional.empty());
    }
}
