package mildlantern.web.away;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The tables of absences. */
final class AwayRows {
    private AwayRows() {}

    /** The table of absences. */
    interface Absences extends Repository<Absence, UUID> {
        Absence save(Absence absence);

        Optional<Absence> findByCollectionAndState(CollectionId collection, Absence.State state);
    }

    /** The table of the plants that are left. */
    interface Plants extends Repository<LeftBehind, UUID> {
        LeftBehind save(LeftBehind plant);

        List<LeftBehind> findByCollectionAndAbsence(CollectionId collection, UUID absence);

        void deleteByCollectionAndAbsence(CollectionId collection, UUID absence);
    }

    /** The table of a helper's days. */
    interface Visits extends Repository<HelperVisit, UUID> {
        HelperVisit save(HelperVisit visit);

        List<HelperVisit> findByCollectionAndAbsenceOrderByOnDay(CollectionId collection, UUID absence);

        void deleteByCollectionAndAbsence(CollectionId collection, UUID absence);
    }
}
