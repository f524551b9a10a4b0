package mildlantern.web.treatment;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** Where courses are kept; every question names the collection. */
final class CourseRepositories {
    private CourseRepositories() {}

    interface Courses extends Repository<StoredCourse, UUID> {
        StoredCourse save(StoredCourse course);

        Optional<StoredCourse> findByCollectionAndId(UUID collection, UUID id);

        /** Whose it is; the course itself is read when that plant is held. */
        @Query("select c.plant from StoredCourse c where c.collection = :collection and c.id = :id")
        Optional<UUID> plantOf(UUID collection, UUID id);

        List<StoredCourse> findByCollectionAndTroubleCaseOrderByStartedOnDesc(UUID collection, UUID troubleCase);

        List<StoredCourse> findByCollectionAndPlantOrderByStartedOnDesc(UUID collection, UUID plant);

        List<StoredCourse> findByCollectionAndState(UUID collection, StoredCourse.State state);
    }

    interface Steps extends Repository<StoredStep, UUID> {
        StoredStep save(StoredStep step);

        void delete(StoredStep step);

        Optional<StoredStep> findByCollectionAndId(UUID collection, UUID id);

        @Query(
                "select s from StoredStep s where s.collection = :collection and s.course = :course order by s.onDay, s.phase")
        List<StoredStep> of(UUID collection, UUID course);

        List<StoredStep> findByCollectionAndCourseInAndState(
                UUID collection, Collection<UUID> courses, StoredStep.State state);

        List<StoredStep> findByCollectionAndCourseIn(UUID collection, Collection<UUID> courses);
    }

    interface Contacts extends Repository<ContactLook, UUID> {
        ContactLook save(ContactLook look);

        List<ContactLook> findByCollectionAndCourse(UUID collection, UUID course);

        List<ContactLook> findByCollectionAndCourseIn(UUID collection, Collection<UUID> courses);
    }

    interface Products extends Repository<OwnProduct, UUID> {
        OwnProduct save(OwnProduct product);

        void delete(OwnProduct product);

        Optional<OwnProduct> findByCollectionAndId(UUID collection, UUID id);

        @Query("select p from OwnProduct p where p.collection = :collection order by p.name")
        List<OwnProduct> of(UUID collection);
    }
}
