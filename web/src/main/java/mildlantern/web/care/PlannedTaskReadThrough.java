package mildlantern.web.care;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Steps and looks, read as the round reads them. */
@Component
class PlannedTaskReadThrough implements ReadThrough {
    private final RowsOf rows;

    PlannedTaskReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(PlannedTask.class, collection, PlannedTask::kind);
    }
}
