package mildlantern.web.treatment;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Where courses are kept; every question names the collection. */
final class CourseRepositories {
    private CourseRepositories() {}

    interface Courses extends Repository<StoredCourse, UUID> {
        StoredCourse save(StoredCourse course);

        Optional<StoredCourse> findByCollectionAndId(CollectionId collection, UUID id);

        /** Whose it is; the course itself is read when that plant is held. */
        @Query(nativeQuery = true, value = "select plant_id from course where collection_id = :collection and id = :id")
        Optional<UUID> plantOf(UUID collection, UUID id);

        List<StoredCourse> findByCollectionAndTroubleCaseOrderByStartedOnDesc(
                CollectionId collection, CaseId troubleCase);

        List<StoredCourse> findByCollectionAndPlantOrderByStartedOnDesc(CollectionId collection, PlantId plant);

        List<StoredCourse> findByCollection(CollectionId collection);

        List<StoredCourse> findByCollectionAndState(CollectionId collection, StoredCourse.State state);
    }

    interface Steps extends Repository<StoredStep, UUID> {
        StoredStep save(StoredStep step);

        void delete(StoredStep step);

        Optional<StoredStep> findByCollectionAndId(CollectionId collection, UUID id);

        @Query(
                "select s from StoredStep s where s.collection = :collection and s.course = :course order by s.onDay, s.phase")
        List<StoredStep> of(CollectionId collection, CourseId course);

        List<StoredStep> findByCollectionAndCourseInAndState(
                CollectionId collection, Collection<CourseId> courses, StoredStep.State state);

        List<StoredStep> findByCollectionAndCourseIn(CollectionId collection, Collection<CourseId> courses);
    }

    interface Contacts extends Repository<ContactLook, UUID> {
        ContactLook save(ContactLook look);

        List<ContactLook> findByCollectionAndCourse(CollectionId collection, CourseId course);

        List<ContactLook> findByCollectionAndCourseIn(CollectionId collection, Collection<CourseId> courses);
    }

    interface Products extends Repository<OwnProduct, UUID> {
        OwnProduct save(OwnProduct product);

        void delete(OwnProduct product);

        Optional<OwnProduct> findByCollectionAndId(CollectionId collection, UUID id);

        @Query("select p from OwnProduct p where p.collection = :collection order by p.name")
        List<OwnProduct> of(CollectionId collection);
    }
}
