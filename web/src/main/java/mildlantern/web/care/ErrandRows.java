package mildlantern.web.care;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of errands. */
interface ErrandRows extends Repository<Errand, UUID> {
    Errand save(Errand errand);

    void flush();

    Optional<Errand> findByCollectionAndId(UUID collection, UUID id);

    /** Whose it is; the errand itself is read when that plant is held. */
    @Query("select e.plant from Errand e where e.collection = :collection and e.id = :id")
    Optional<UUID> plantOf(UUID collection, UUID id);

    List<Errand> findByCollectionAndStateAndOnDayLessThanEqualOrderByOnDay(
            UUID collection, Errand.State state, LocalDate day);

    List<Errand> findByCollectionAndPlantAndStateOrderByOnDay(UUID collection, UUID plant, Errand.State state);

    List<Errand> findByCollectionAndPlanOrderByOnDay(UUID collection, UUID plan);
}
