package mildlantern.web.away;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Absences, read as their pages read them. */
@Component
class AwayReadThrough implements ReadThrough {
    private final RowsOf rows;

    AwayReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(Absence.class, collection, Absence::dates);
        rows.each(LeftBehind.class, collection, LeftBehind::line);
        rows.each(HelperVisit.class, collection, HelperVisit::plant);
    }
}
