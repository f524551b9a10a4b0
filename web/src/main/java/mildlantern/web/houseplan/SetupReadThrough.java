package mildlantern.web.houseplan;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** What is to be set up, read as the pages read it. */
@Component
class SetupReadThrough implements ReadThrough {
    private final RowsOf rows;

    SetupReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(SetupTask.class, collection, SetupTask::setup);
    }
}
