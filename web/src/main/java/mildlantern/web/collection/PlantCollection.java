package mildlantern.web.collection;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.jspecify.annotations.NullUnmarked;
import org.springframework.data.domain.Persistable;

/** A collection of plants, kept by one grower or a few. */
@Entity
@Table(name = "collection")
@NullUnmarked
public class PlantCollection implements Persistable<UUID> {
    @Id
    private UUID id;

    private String name;
    private String hemisphere;
    private OffsetDateTime createdAt;

    @Transient
    private boolean stored;

    protected PlantCollection() {}

    PlantCollection(UUID id, String name, String hemisphere, OffsetDateTime createdAt) {
        this.id = id;
        this.name = name;
        this.hemisphere = hemisphere;
        this.createdAt = createdAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    boolean south() {
        return "south".equals(hemisphere);
    }

    @Override
    public boolean isNew() {
        return !stored;
    }

    @PostLoad
    @PostPersist
    void markStored() {
        stored = true;
    }
}
