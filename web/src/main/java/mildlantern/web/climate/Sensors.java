package mildlantern.web.climate;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.place.StopId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of sensors. */
interface Sensors extends Repository<Sensor, UUID> {
    Sensor save(Sensor sensor);

    /** Writes what waits to be written, before tables are touched directly. */
    void flush();

    Optional<Sensor> findByCollectionAndId(CollectionId collection, UUID id);

    List<Sensor> findByCollectionAndStopOrderByName(CollectionId collection, StopId stop);

    /** By its token, which says to which collection it belongs; held until the transaction ends, so that pushes wait for one another. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from Sensor s where s.tokenHash = :hash")
    Optional<Sensor> findAndHoldByTokenHash(String hash);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from Sensor s where s.collection = :collection and s.id = :id")
    Optional<Sensor> findAndHoldByCollectionAndId(CollectionId collection, UUID id);

    boolean existsByTokenHash(String hash);

    /** Simulated stations of all collections: the keeper of stations alone asks for them. */
    List<Sensor> findByKindAndRetiredAtIsNull(Sensor.Kind kind);
}
