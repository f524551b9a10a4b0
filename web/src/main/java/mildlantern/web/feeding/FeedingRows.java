package mildlantern.web.feeding;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.WaterSource;
import org.springframework.data.repository.Repository;

/** The tables of waters and feeds. */
final class FeedingRows {
    private FeedingRows() {}

    interface Waters extends Repository<OwnWater, UUID> {
        OwnWater save(OwnWater water);

        Optional<OwnWater> findByCollectionAndSource(UUID collection, WaterSource source);

        List<OwnWater> findByCollection(UUID collection);
    }

    interface Feeds extends Repository<OwnFeed, UUID> {
        OwnFeed save(OwnFeed feed);

        List<OwnFeed> findByCollectionOrderByName(UUID collection);

        boolean existsByCollectionAndName(UUID collection, String name);
    }
}
