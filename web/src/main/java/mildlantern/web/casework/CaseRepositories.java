package mildlantern.web.casework;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The tables of cases. Every question carries the collection. */
final class CaseRepositories {
    private CaseRepositories() {}

    interface Cases extends Repository<TroubleCase, UUID> {
        TroubleCase save(TroubleCase troubleCase);

        Optional<TroubleCase> findByCollectionAndId(CollectionId collection, UUID id);

        List<TroubleCase> findByCollectionAndPlantOrderByOpenedOnDesc(CollectionId collection, PlantId plant);

        List<TroubleCase> findByCollectionAndStateIn(CollectionId collection, Collection<TroubleCase.State> states);

        /** Cases with a trial under way, or closed since a day with the cause decided on found right. */
        @Query("""
                select c from TroubleCase c where c.collection = :collection and c.decidedCause is not null
                and (c.state = mildlantern.web.casework.TroubleCase.State.TRIAL
                or c.closedOn >= :since and c.outcome = mildlantern.web.casework.TroubleCase.Outcome.RIGHT_GUESS)
                """)
        List<TroubleCase> decidedSince(CollectionId collection, LocalDate since);

        /** Cases in which a cause was decided on, the latest first. */
        @Query(
                "select c from TroubleCase c where c.collection = :collection and c.decidedCause = :cause order by c.openedOn desc")
        List<TroubleCase> decidedOn(CollectionId collection, DisorderId cause);

        List<TroubleCase> findByCollectionAndIdInOrderByOpenedOnDesc(CollectionId collection, Collection<UUID> ids);
    }

    interface Answers extends Repository<CaseAnswer, UUID> {
        CaseAnswer save(CaseAnswer answer);

        @Query(
                "select a from CaseAnswer a where a.collection = :collection and a.troubleCase = :troubleCase order by a.visit, a.pin")
        List<CaseAnswer> of(CollectionId collection, CaseId troubleCase);

        /** Answers to a finding with none of some states. */
        @Query("""
                select a from CaseAnswer a
                where a.collection = :collection and a.finding = :finding and a.state not in :but
                """)
        List<CaseAnswer> inWhich(CollectionId collection, FindingId finding, Collection<String> but);
    }

    interface Opinions extends Repository<CaseOpinion, UUID> {
        CaseOpinion save(CaseOpinion opinion);

        @Query(
                "select o from CaseOpinion o where o.collection = :collection and o.troubleCase = :troubleCase order by o.seq, o.probability desc")
        List<CaseOpinion> of(CollectionId collection, CaseId troubleCase);

        @Query(
                "select coalesce(max(o.seq), -1) from CaseOpinion o where o.collection = :collection and o.troubleCase = :troubleCase")
        int latest(CollectionId collection, CaseId troubleCase);
    }

    interface Recalls extends Repository<CaseRecall, UUID> {
        CaseRecall save(CaseRecall recall);

        @Query("select r from CaseRecall r where r.collection = :collection and r.troubleCase = :troubleCase")
        List<CaseRecall> of(CollectionId collection, CaseId troubleCase);
    }

    interface CaseTrials extends Repository<CaseTrial, UUID> {
        CaseTrial save(CaseTrial trial);

        @Query(
                "select t from CaseTrial t where t.collection = :collection and t.troubleCase = :troubleCase order by t.number")
        List<CaseTrial> of(CollectionId collection, CaseId troubleCase);

        @Query("""
                select t from CaseTrial t where t.collection = :collection and t.troubleCase in
                (select c.id from TroubleCase c where c.collection = :collection and c.state = mildlantern.web.casework.TroubleCase.State.TRIAL)
                order by t.number
                """)
        List<CaseTrial> running(CollectionId collection);

        @Query(
                "select t from CaseTrial t where t.collection = :collection and t.promised is not null and t.verdict is not null order by t.id")
        List<CaseTrial> judged(CollectionId collection);

        /** Trials of which something is said, with their plants; without those that were forgotten. */
        @Query("""
                select new mildlantern.web.casework.CaseTroubles$Tried(c.plant, t.trial, t.verdict)
                from CaseTrial t join TroubleCase c on c.collection = t.collection and c.id = t.troubleCase
                where t.collection = :collection and t.verdict is not null and t.counts = true
                """)
        List<CaseTroubles.Tried> tried(CollectionId collection);

        @Query("""
                select t from CaseTrial t join TroubleCase c on c.collection = t.collection and c.id = t.troubleCase
                where t.collection = :collection and t.verdict is not null and t.trial in :trials and c.plant in :plants
                """)
        List<CaseTrial> tried(CollectionId collection, Collection<String> trials, Collection<PlantId> plants);
    }
}
