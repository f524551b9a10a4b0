package mildlantern.web.task;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Work by hand, read as the round reads it. */
@Component
class HandTaskReadThrough implements ReadThrough {
    private final RowsOf rows;

    HandTaskReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(HandTaskRow.class, collection, HandTaskRow::state);
    }
}
