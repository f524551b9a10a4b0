package mildlantern.web.propagation;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Plants that were made of others, read as their pages read them. */
@Component
class RootingReadThrough implements ReadThrough {
    private final RowsOf rows;

    RootingReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(Rooting.class, collection, Rooting::way);
    }
}
