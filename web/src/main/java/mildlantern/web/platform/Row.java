package mildlantern.web.platform;

import jakarta.persistence.Column;
import jakarta.persistence.MappedSuperclass;
import java.util.UUID;
import org.jspecify.annotations.NullUnmarked;

/** A stored row that belongs to a collection. */
@MappedSuperclass
@NullUnmarked
public abstract class Row extends Stored {
    @Column(name = "collection_id", updatable = false)
    private CollectionId collection;

    protected Row() {}

    protected Row(UUID id, CollectionId collection) {
        super(id);
        this.collection = collection;
    }

    public CollectionId collection() {
        return collection;
    }
}
