package mildlantern.web.care;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Accepted changes, read as the pages read them. */
@Component
class CareChangeReadThrough implements ReadThrough {
    private final RowsOf rows;

    CareChangeReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(CareChange.class, collection, CareChange::kind);
        rows.each(CarePromise.class, collection, CarePromise::promised);
    }
}
