package mildlantern.web.feeding;

import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Feeds and waters of one's own, read as the feeding page reads them. */
@Component
class FeedingReadThrough implements ReadThrough {
    private final RowsOf rows;

    FeedingReadThrough(RowsOf rows) {
        this.rows = rows;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(OwnFeed.class, collection, OwnFeed::product);
        rows.each(OwnWater.class, collection, OwnWater::analysis);
    }
}
