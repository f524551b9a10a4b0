package mildlantern.web.away;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The tables of absences. */
final class AwayRows {
    private AwayRows() {}

    /** The table of absences. */
    interface Absences extends Repository<Absence, UUID> {
        Absence save(Absence absence);

        Optional<Absence> findByCollectionAndState(CollectionId collection, Absence.State state);

        /** Notes that what is done before is done; 0 where that was noted, or the absence is over. */
        @Modifying
        @Query("update Absence a set a.leftOn = :day where a.collection = :collection and a.id = :id"
                + " and a.leftOn is null and a.state = :open")
        int leave(CollectionId collection, UUID id, LocalDate day, Absence.State open);

        /** Ends an absence; 0 where it has ended. */
        @Modifying
        @Query(
                "update Absence a set a.state = :how where a.collection = :collection and a.id = :id and a.state = :open")
        int end(CollectionId collection, UUID id, Absence.State how, Absence.State open);
    }

    /** The table of the plants that are left. */
    interface Plants extends Repository<LeftBehind, UUID> {
        LeftBehind save(LeftBehind plant);

        List<LeftBehind> findByCollectionAndAbsence(CollectionId collection, UUID absence);

        @Modifying
        @Query("delete from LeftBehind l where l.collection = :collection and l.absence = :absence")
        void forget(CollectionId collection, UUID absence);
    }

    /** The table of a helper's days. */
    interface Visits extends Repository<HelperVisit, UUID> {
        HelperVisit save(HelperVisit visit);

        List<HelperVisit> findByCollectionAndAbsenceOrderByOnDay(CollectionId collection, UUID absence);

        @Modifying
        @Query("delete from HelperVisit v where v.collection = :collection and v.absence = :absence")
        void forget(CollectionId collection, UUID absence);
    }
}
