package mildlantern.web.stop;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Stops and what was read there, read as their pages read them. */
@Component
class StopReadThrough implements ReadThrough {
    private final RowsOf rows;

    StopReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(StopRow.class, collection, StopRow::stop);
        rows.each(StopReadingRow.class, collection, StopReadingRow::reading);
    }
}
