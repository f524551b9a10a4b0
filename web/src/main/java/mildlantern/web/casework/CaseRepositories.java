package mildlantern.web.casework;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The tables of cases. Every question carries the collection. */
final class CaseRepositories {
    private CaseRepositories() {}

    interface Cases extends Repository<TroubleCase, UUID> {
        TroubleCase save(TroubleCase troubleCase);

        Optional<TroubleCase> findByCollectionAndId(UUID collection, UUID id);

        List<TroubleCase> findByCollectionAndPlantOrderByOpenedOnDesc(UUID collection, UUID plant);

        List<TroubleCase> findByCollectionAndStateNot(UUID collection, TroubleCase.State state);
    }

    interface Answers extends Repository<CaseAnswer, UUID> {
        CaseAnswer save(CaseAnswer answer);

        @Query(
                "select a from CaseAnswer a where a.collection = :collection and a.troubleCase = :troubleCase order by a.visit, a.pin")
        List<CaseAnswer> of(UUID collection, UUID troubleCase);
    }

    interface CaseTrials extends Repository<CaseTrial, UUID> {
        CaseTrial save(CaseTrial trial);

        @Query(
                "select t from CaseTrial t where t.collection = :collection and t.troubleCase = :troubleCase order by t.number")
        List<CaseTrial> of(UUID collection, UUID troubleCase);

        @Query("""
                select t from CaseTrial t where t.collection = :collection and t.troubleCase in
                (select c.id from TroubleCase c where c.collection = :collection and c.state = mildlantern.web.casework.TroubleCase.State.TRIAL)
                order by t.number
                """)
        List<CaseTrial> running(UUID collection);
    }
}
