package mildlantern.web.care;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The table of what changes were to bring. */
interface CarePromiseRows extends Repository<CarePromise, UUID> {
    CarePromise save(CarePromise promise);

    List<CarePromise> findByCollectionAndChangeIn(CollectionId collection, Collection<UUID> changes);
}
