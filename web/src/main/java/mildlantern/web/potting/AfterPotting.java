package mildlantern.web.potting;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import mildlantern.log.LogKind;
import mildlantern.potting.PotDeed;
import mildlantern.potting.Potting;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Plans what follows a repotting, however it was written down: by press, by a trial, in a line. */
@Component
class AfterPotting {
    private static final List<HandTask> FOLLOW = List.of(
            HandTask.REPOT,
            HandTask.POT_CUTTING,
            HandTask.WATER_AFTER_POTTING,
            HandTask.OUT_OF_SHADE,
            HandTask.FEED_AGAIN,
            HandTask.LOOK_AT_POT);

    private final Plants plants;
    private final Potting potting;
    private final HandTasks tasks;
    private final Clock clock;

    AfterPotting(Plants plants, Potting potting, HandTasks tasks, Clock clock) {
        this.plants = plants;
        this.potting = potting;
        this.tasks = tasks;
        this.clock = clock;
    }

    @EventListener
    void written(RecordWriter.Written written) {
        if (written.line().kind() != LogKind.REPOTTED) {
            return;
        }
        Plant plant = written.plant();
        PotDeed.After after = potting.after(plants.profile(plant));
        LocalDate day = written.line().onDay();
        BatchId entry = written.line()
                .batch()
                .orElseGet(() -> new BatchId(written.line().id().value()));
        tasks.drop(plant, FOLLOW);
        follow(
                plant,
                HandTask.WATER_AFTER_POTTING,
                day,
                Math.round(after.waterDays().low()),
                entry);
        follow(plant, HandTask.OUT_OF_SHADE, day, after.shadeDays(), entry);
        follow(plant, HandTask.LOOK_AT_POT, day, potting.lookDays(), entry);
        follow(plant, HandTask.FEED_AGAIN, day, after.feedDays(), entry);
    }

    /** What would have been due before today is left: the plant has come through it. */
    private void follow(Plant plant, HandTask what, LocalDate day, long days, BatchId entry) {
        if (days > 0 && !day.plusDays(days).isBefore(LocalDate.now(clock))) {
            tasks.plan(plant, what, day.plusDays(days), entry);
        }
    }
}
