package mildlantern.web.owntrial;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Trials of one's own, read as their page reads them. */
@Component
class OwnTrialReadThrough implements ReadThrough {
    private final RowsOf rows;

    OwnTrialReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(OwnTrial.class, collection, OwnTrial::measure);
        rows.each(Compared.class, collection, Compared::atEnd);
    }
}
