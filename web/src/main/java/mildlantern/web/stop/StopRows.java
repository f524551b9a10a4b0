package mildlantern.web.stop;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** The table of stops. */
interface StopRows extends Repository<Stop, UUID> {
    Stop save(Stop stop);

    Optional<Stop> findByCollectionAndId(UUID collection, UUID id);

    List<Stop> findByCollectionOrderByPosition(UUID collection);
}
