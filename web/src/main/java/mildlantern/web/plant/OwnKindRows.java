package mildlantern.web.plant;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The table of growers' own kinds. */
interface OwnKindRows extends Repository<OwnKind, UUID> {
    OwnKind save(OwnKind kind);

    /** By key alone, so that many plants of one kind ask once; whoever calls checks the collection. */
    Optional<OwnKind> findById(UUID id);

    List<OwnKind> findByCollectionOrderByName(CollectionId collection);
}
