package mildlantern.web.owntrial;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The tables of trials of one's own. */
final class OwnTrialRows {
    private OwnTrialRows() {}

    /** The table of trials. */
    interface Trials extends Repository<OwnTrial, UUID> {
        OwnTrial save(OwnTrial trial);

        List<OwnTrial> findByCollectionOrderByStartedOnDesc(CollectionId collection);

        Optional<OwnTrial> findByCollectionAndId(CollectionId collection, UUID id);
    }

    /** The table of their plants. */
    interface Plants extends Repository<Compared, UUID> {
        Compared save(Compared plant);

        List<Compared> findByCollectionAndTrial(CollectionId collection, UUID trial);
    }
}
