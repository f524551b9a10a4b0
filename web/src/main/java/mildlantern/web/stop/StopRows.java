package mildlantern.web.stop;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The table of stops. */
interface StopRows extends Repository<StopRow, UUID> {
    StopRow save(StopRow stop);

    /** By key alone, so that what was read is not asked for again; whoever calls checks the collection. */
    Optional<StopRow> findById(UUID id);

    List<StopRow> findByCollectionOrderByPosition(CollectionId collection);
}
