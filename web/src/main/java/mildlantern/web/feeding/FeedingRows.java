package mildlantern.web.feeding;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.WaterSource;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The tables of waters and feeds. */
final class FeedingRows {
    private FeedingRows() {}

    interface Waters extends Repository<OwnWater, UUID> {
        OwnWater save(OwnWater water);

        Optional<OwnWater> findByCollectionAndSource(CollectionId collection, WaterSource source);

        List<OwnWater> findByCollection(CollectionId collection);
    }

    interface Feeds extends Repository<OwnFeed, UUID> {
        OwnFeed save(OwnFeed feed);

        List<OwnFeed> findByCollectionOrderByName(CollectionId collection);

        boolean existsByCollectionAndName(CollectionId collection, String name);
    }
}
