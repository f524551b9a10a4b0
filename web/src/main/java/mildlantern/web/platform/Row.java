package mildlantern.web.platform;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import org.jspecify.annotations.NullUnmarked;
import org.springframework.data.domain.Persistable;

/** A stored row: it has an id of its own, given when it is made, and belongs to a collection. */
@MappedSuperclass
@NullUnmarked
public abstract class Row implements Persistable<UUID> {
    @Id
    private UUID id;

    @Column(name = "collection_id", updatable = false)
    private UUID collection;

    @Transient
    private boolean stored;

    protected Row() {}

    protected Row(UUID id, UUID collection) {
        this.id = id;
        this.collection = collection;
    }

    @Override
    public UUID getId() {
        return id;
    }

    public UUID id() {
        return id;
    }

    public UUID collection() {
        return collection;
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
