package mildlantern.web.round;

import java.util.List;
import java.util.Optional;
import mildlantern.round.Due;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.TaskId;
import mildlantern.web.routine.ScheduleRow;

/**
 * A plant and what is due on it.
 *
 * @param change whether a look is asked for that says whether a change of care helped
 */
record PlantDue(
        Plant plant,
        Optional<ScheduleRow> row,
        List<Due> dues,
        Optional<CourseId> course,
        Optional<TaskId> errand,
        boolean change) {}
