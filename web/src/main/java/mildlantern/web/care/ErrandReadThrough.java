package mildlantern.web.care;

import java.util.UUID;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Steps and looks, read as the round reads them. */
@Component
class ErrandReadThrough implements ReadThrough {
    private final RowsOf rows;

    ErrandReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(UUID collection) {
        rows.each(Errand.class, collection, Errand::kind);
    }
}
