package mildlantern.web.climate;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

/** The table of sensors. */
interface Sensors extends Repository<Sensor, UUID> {
    Sensor save(Sensor sensor);

    /** Writes what waits to be written, before tables are touched directly. */
    void flush();

    Optional<Sensor> findByCollectionAndId(UUID collection, UUID id);

    List<Sensor> findByCollectionAndStopOrderByName(UUID collection, UUID stop);

    /** By its token; the token says to which collection it belongs. */
    Optional<Sensor> findByTokenHash(String hash);

    /** Simulated stations of all collections: the keeper of stations alone asks for them. */
    List<Sensor> findByKindAndRetiredAtIsNull(Sensor.Kind kind);
}
