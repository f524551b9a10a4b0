package mildlantern.web.demo;

import java.time.LocalDate;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.BatchId;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.springframework.stereotype.Component;

/** Work by hand that is under way in the signal house. */
@Component
class SignalHouseHands {
    private final HandTasks tasks;

    SignalHouseHands(HandTasks tasks) {
        this.tasks = tasks;
    }

    /**
     * Something planned for a plant.
     *
     * @param days from today
     */
    void plan(Plant plant, HandTask what, LocalDate today, int days) {
        tasks.plan(plant, what, today.plusDays(days), new BatchId(DemoLoader.id(what.name() + " " + plant.name())));
    }
}
