package mildlantern.web.year;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import mildlantern.plant.Stage;
import mildlantern.season.PlantYear;
import mildlantern.season.YearStep;
import mildlantern.web.plant.Plant;
import mildlantern.web.routine.Reckoned;
import mildlantern.web.season.YearBook;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Keeps what a plant's year asks for among the tasks of the round and the calendar, whenever the plant is worked out anew. */
@Component
class YearTasks {
    /** What was answered is not asked again in the same rest, however often its phase is told anew. */
    private static final int ANSWERED_FOR = 120;

    private final HandTasks tasks;
    private final YearBook years;

    YearTasks(HandTasks tasks, YearBook years) {
        this.tasks = tasks;
        this.years = years;
    }

    @EventListener
    void follow(Reckoned reckoned) {
        List<HandTasks.Wanted> wanted = reckoned.plants().stream()
                .map(plant ->
                        wanted(plant, Objects.requireNonNull(reckoned.years().get(plant.id()))))
                .toList();
        if (!wanted.isEmpty()) {
            tasks.follow(reckoned.collection(), HandTask.OF_THE_YEAR, wanted);
        }
    }

    private HandTasks.Wanted wanted(Plant plant, PlantYear year) {
        Map<HandTask, LocalDate> steps = new EnumMap<>(HandTask.class);
        // What has just rooted or sprouted is grown on through its first winter.
        if (plant.stage() == Stage.ADULT) {
            years.knowledge().steps(year).forEach(step -> steps.put(task(step.what()), step.on()));
        }
        return new HandTasks.Wanted(plant, steps, year.today().minusDays(ANSWERED_FOR));
    }

    private static HandTask task(YearStep.What what) {
        return switch (what) {
            case REST_BEGINS -> HandTask.REST_BEGINS;
            case REST_COOLER -> HandTask.REST_COOLER;
            case KEPT_FROM_REST -> HandTask.KEPT_FROM_REST;
            case WARMER_NIGHTS -> HandTask.WARMER_NIGHTS;
            case GROWTH_BEGINS -> HandTask.GROWTH_BEGINS;
        };
    }
}
