package mildlantern.web.stop;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The table of stops. */
interface StopRows extends Repository<Stop, UUID> {
    Stop save(Stop stop);

    Optional<Stop> findByCollectionAndId(CollectionId collection, UUID id);

    List<Stop> findByCollectionOrderByPosition(CollectionId collection);
}
